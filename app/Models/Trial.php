<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Ithys\Care\CalendarDay;
use Ithys\Trial\Correction;
use Ithys\Trial\Judgement;
use Ithys\Trial\Placement;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;

/**
 * A trial: its plan, when it started and ended, and what was changed on the way.
 *
 * @property int $id
 * @property int $system_id
 * @property array<string, mixed> $plan
 * @property int $seed
 * @property ?string $started  as 2026-12-01, by the calendar of the tank
 * @property ?string $ended
 * @property list<array{day: string, text: string}> $amendments
 * @property-read System $system
 * @property-read Collection<int, TrialCell> $cells
 */
final class Trial extends Model
{
    use SoftDeletes;

    public $timestamps = false;

    protected $fillable = ['plan', 'seed', 'started', 'ended', 'amendments'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plan' => 'array', 'amendments' => 'array', 'seed' => 'integer'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return HasMany<TrialCell, $this> */
    public function cells(): HasMany
    {
        return $this->hasMany(TrialCell::class);
    }

    public function planned(): TrialPlan
    {
        return TrialPlan::stored($this->plan);
    }

    /** @return array<string, int> arm by unit */
    public function placed(): array
    {
        return Placement::of($this->planned(), $this->seed);
    }

    /** Days from the start to a moment; to the end where it is over; null before the start. */
    public function day(DateTimeImmutable $now): ?int
    {
        if ($this->started === null) {
            return null;
        }
        $utc = new DateTimeZone('UTC');
        $to = $this->ended === null
            ? CalendarDay::of($now, $this->system->zone())
            : CalendarDay::of(new DateTimeImmutable($this->ended, $utc), $utc);

        return $to - CalendarDay::of(new DateTimeImmutable($this->started, $utc), $utc);
    }

    /** @return array<string, array<int, TrialReading>> readings by unit and day */
    public function sheet(): array
    {
        $parameter = $this->planned()->parameter;
        $sheet = [];
        foreach ($this->cells as $cell) {
            $sheet[$cell->unit][$cell->day] = TrialReading::typed($cell->cell, $parameter);
        }

        return $sheet;
    }

    /**
     * What cells change of those that were read, as amendments.
     *
     * @param  list<array{unit: string, day: int, cell: string}>  $cells
     * @return list<array{day: string, text: string}>
     */
    public function corrections(array $cells, string $today): array
    {
        $was = [];
        foreach ($this->cells as $cell) {
            $was["{$cell->unit} {$cell->day}"] = $cell->cell;
        }
        $texts = [];
        foreach ($cells as $one) {
            $before = $was["{$one['unit']} {$one['day']}"] ?? '';
            if ($before !== $one['cell']) {
                $texts[] = [
                    'day' => $today,
                    'text' => Correction::says($one['unit'], $one['day'], $before, $one['cell']),
                ];
            }
        }

        return $texts;
    }

    public function judged(DateTimeImmutable $now): Judgement
    {
        return Judgement::of($this->planned(), $this->placed(), $this->sheet(), $this->day($now) ?? 0);
    }

    /** The first planned day that is not read whole; null where none is left, or it does not run. */
    public function nextDay(): ?int
    {
        if ($this->started === null || $this->ended !== null) {
            return null;
        }
        $plan = $this->planned();
        $units = count($plan->arms) * $plan->setup->units;
        $read = $this->cells->countBy('day');
        foreach ($plan->setup->days() as $day) {
            if (($read[$day] ?? 0) < $units) {
                return $day;
            }
        }

        return null;
    }
}
