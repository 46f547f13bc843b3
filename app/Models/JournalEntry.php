<?php

declare(strict_types=1);

namespace App\Models;

use App\Journal\RunningImport;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Ithys\Journal\Entry;
use Ithys\Journal\Kinds;

/**
 * One line of the journal as it is stored; the core's {@see Entry} is what it means.
 *
 * @property int $id
 * @property int $system_id
 * @property string $batch
 * @property string $kind
 * @property Carbon $occurred_at
 * @property array<string, mixed> $payload
 * @property ?string $note
 * @property ?string $fingerprint
 * @property ?Carbon $deleted_at
 */
final class JournalEntry extends Model
{
    use SoftDeletes;

    protected $table = 'entries';

    protected $fillable = ['user_id', 'batch', 'kind', 'occurred_at', 'payload', 'note', 'fingerprint'];

    protected static function booted(): void
    {
        self::addGlobalScope('whole', static function (Builder $entries): void {
            RunningImport::leaveOut($entries);
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['occurred_at' => 'datetime', 'payload' => 'array'];
    }

    public function toEntry(): Entry
    {
        return new Entry(
            DateTimeImmutable::createFromInterface($this->occurred_at),
            Kinds::payload($this->kind, $this->payload),
            $this->id,
            $this->note,
        );
    }
}
