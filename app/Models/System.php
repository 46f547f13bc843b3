<?php

declare(strict_types=1);

namespace App\Models;

use App\Journal\Journal;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Ithys\Water\Tank;

/**
 * One tank with its filtration, its design revisions and its journal.
 *
 * @property int $id
 * @property string $name
 * @property ?array<string, mixed> $room
 * @property int $tank_version
 * @property int $room_version
 * @property-read ?SumpSection $section
 */
final class System extends Model
{
    /** @use HasFactory<\Database\Factories\SystemFactory> */
    use HasFactory, SoftDeletes;

    protected $fillable = ['name', 'room'];

    protected $attributes = ['tank_version' => 1, 'room_version' => 1];

    /** @var array<string, float> working volume by revision of tank and path, worked out once */
    private array $workingLitres = [];

    /** @var array<string, ?PathRevision> path in force by moment, read once */
    private array $pathsInForce = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['room' => 'array', 'tank_version' => 'integer', 'room_version' => 'integer'];
    }

    /** @return BelongsToMany<User, $this> */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships')->withPivot('role');
    }

    /** @return HasMany<Revision, $this> in order of the day they come into force */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class)->orderBy('in_force_from')->orderBy('id');
    }

    /** @return HasMany<PathDraft, $this> */
    public function drafts(): HasMany
    {
        return $this->hasMany(PathDraft::class);
    }

    /** @return HasMany<PathRevision, $this> in order of the day they come into force */
    public function pathRevisions(): HasMany
    {
        return $this->hasMany(PathRevision::class)->orderBy('in_force_from')->orderBy('id');
    }

    /** @return HasOne<SumpSection, $this> */
    public function section(): HasOne
    {
        return $this->hasOne(SumpSection::class);
    }

    /** @return HasMany<JournalEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(JournalEntry::class);
    }

    /** The description in force at a moment; before the first one came into force, the first. */
    public function revisionAt(DateTimeInterface $moment): Revision
    {
        $revisions = $this->loadMissing('revisions')->revisions;

        return $revisions->last(fn (Revision $revision): bool => $revision->in_force_from <= $moment) ?? $revisions->firstOrFail();
    }

    /** The path in force at a moment; null while none had come into force. */
    public function pathRevisionAt(DateTimeInterface $moment): ?PathRevision
    {
        $stamp = Journal::stamp($moment);
        if (! array_key_exists($stamp, $this->pathsInForce)) {
            // Only the one that counts is read; each holds a whole path.
            $this->pathsInForce[$stamp] = $this->pathRevisions()->where('in_force_from', '<=', $stamp)->reorder()->orderByDesc('in_force_from')->orderByDesc('id')->first();
        }

        return $this->pathsInForce[$stamp];
    }

    /** The tank at a moment, with the flow and the further tanks of the path in force. */
    public function tankAt(DateTimeInterface $moment): Tank
    {
        $tank = $this->revisionAt($moment)->tank();
        $path = $this->pathRevisionAt($moment);

        return $path === null ? $tank : $tank->with($path->path());
    }

    /** The working volume on a day, litres. */
    public function workingLitresAt(DateTimeInterface $moment): float
    {
        $revisions = "{$this->revisionAt($moment)->id} {$this->pathRevisionAt($moment)?->id}";

        return $this->workingLitres[$revisions] ??= $this->tankAt($moment)->workingVolume()->litres;
    }
}
