<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ithys\Care\CalendarDay;
use Ithys\Journal\Reading\Parameter;
use Ithys\Trial\Correction;
use Ithys\Trial\Judgement;
use Ithys\Trial\Lessons;
use Ithys\Trial\Placement;
use Ithys\Trial\Sheet;
use Ithys\Trial\Tank\Form;
use Ithys\Trial\Tank\Lot;
use Ithys\Trial\Tank\TankPlan;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;

/**
 * A trial: its plan, when it started and ended, and what was changed on the way.
 *
 * @property int $id
 * @property ?Carbon $deleted_at
 * @property int $system_id
 * @property string $form  "units", or how it is run in the tanks themselves
 * @property ?int $other_system_id  the second of two tanks
 * @property ?int $entry_id  the change in the journal that is judged
 * @property array<string, mixed> $plan
 * @property int $seed
 * @property ?string $started  as 2026-12-01, by the calendar of the tank
 * @property ?string $ended
 * @property list<array{day: string, text: string, nitrogen?: float}> $amendments
 * @property array<int, int> $switched  days on which it was really switched, by the planned ones
 * @property int $stamp  of its last change, microseconds
 * @property list<string> $lessons  what the keeper learned, line by line
 * @property-read System $system
 * @property-read ?System $other
 */
final class Trial extends Model
{
    use SoftDeletes;

    public const UNITS = 'units';

    public $timestamps = false;

    /** The plan is locked at its start, and a planned one is not changed. */
    private ?TrialPlan $parsed = null;

    private ?Sheet $sheet = null;

    /** @var ?list<array{parameter: string, unit: string, day: int, cell: string}> */
    private ?array $rows = null;

    protected $attributes = [
        'form' => self::UNITS, 'switched' => '{}', 'lessons' => '[]', 'amendments' => '[]', 'stamp' => 0,
    ];

    protected $fillable = [
        'form', 'plan', 'seed', 'started', 'ended', 'amendments', 'switched', 'lessons', 'entry_id', 'other_system_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'plan' => 'array', 'amendments' => 'array', 'switched' => 'array', 'lessons' => 'array',
            'seed' => 'integer', 'stamp' => 'integer', 'entry_id' => 'integer', 'other_system_id' => 'integer',
        ];
    }

    protected static function booted(): void
    {
        self::saving(static function (self $trial): void {
            // The time, and no count: two who save at once must not end with the same.
            $trial->stamp = (int) (microtime(true) * 1e6);
        });
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<System, $this> */
    public function other(): BelongsTo
    {
        return $this->belongsTo(System::class, 'other_system_id');
    }

    /** @return HasMany<TrialCell, $this> */
    public function cells(): HasMany
    {
        return $this->hasMany(TrialCell::class);
    }

    /** Whether it is run in units of its own, and not in the tanks themselves. */
    public function isInUnits(): bool
    {
        return $this->form === self::UNITS;
    }

    /** Whether something is on and off in turns. */
    public function isSwitched(): bool
    {
        return $this->form === Form::Switched->value;
    }

    public function question(): string
    {
        return (string) ($this->plan['question'] ?? '');
    }

    public function planned(): TrialPlan
    {
        return $this->parsed ??= TrialPlan::stored($this->plan);
    }

    public function tankPlan(): TankPlan
    {
        return TankPlan::stored($this->plan);
    }

    public function lot(): Lot
    {
        return Lot::draw($this->tankPlan(), $this->seed, $this->switched);
    }

    /** @return array<string, int> arm by unit */
    public function placed(): array
    {
        return Placement::of($this->planned(), $this->seed);
    }

    public function lastDay(): int
    {
        return $this->isInUnits() ? $this->planned()->setup->lastDay() : $this->lot()->lastDay();
    }

    /** Days from the start to a moment; to the end where it is over; null before the start. */
    public function day(DateTimeImmutable $now): ?int
    {
        $first = $this->firstDay();
        $utc = new DateTimeZone('UTC');

        return $first === null ? null : ($this->ended === null
            ? CalendarDay::of($now, $this->system->zone())
            : CalendarDay::of(new DateTimeImmutable($this->ended, $utc), $utc)) - $first;
    }

    /** The calendar day of its start, as {@see CalendarDay} counts; null before it. */
    public function firstDay(): ?int
    {
        $utc = new DateTimeZone('UTC');

        return $this->started === null ? null : CalendarDay::of(new DateTimeImmutable($this->started, $utc), $utc);
    }

    /**
     * The cells of its sheet, read once; without a model each, since a year of four arms has over a thousand.
     *
     * @return list<array{parameter: string, unit: string, day: int, cell: string}>
     */
    public function cellRows(): array
    {
        if ($this->rows === null) {
            $this->rows = [];
            $rows = DB::table('trial_readings')->where('trial_id', $this->id)->orderBy('parameter')->orderBy('day')
                ->orderBy('id')->get(['parameter', 'unit', 'day', 'cell']);
            foreach ($rows as $row) {
                $this->rows[] = [
                    'parameter' => (string) $row->parameter,
                    'unit' => (string) $row->unit,
                    'day' => (int) $row->day,
                    'cell' => (string) $row->cell,
                ];
            }
        }

        return $this->rows;
    }

    /** After cells were written. */
    public function readAgain(): void
    {
        $this->rows = $this->sheet = null;
    }

    /** Day of the trial of a date such as 2026-12-01; it must have started. */
    public function dayOf(string $date): int
    {
        $utc = new DateTimeZone('UTC');

        return CalendarDay::of(new DateTimeImmutable($date, $utc), $utc) - ($this->firstDay() ?? 0);
    }

    public function sheet(): Sheet
    {
        if ($this->sheet === null) {
            $cells = [];
            foreach ($this->cellRows() as $row) {
                $parameter = Parameter::tryFrom($row['parameter']);
                if ($parameter !== null) {
                    $reading = TrialReading::typed($row['cell'], $parameter);
                    $cells[$row['parameter']][$row['unit']][$row['day']] = $reading;
                }
            }
            $this->sheet = new Sheet($cells);
        }

        return $this->sheet;
    }

    /**
     * What cells change of those that were read, as amendments.
     *
     * @param  list<array{parameter: string, unit: string, day: int, cell: string}>  $cells
     * @return list<array{day: string, text: string}>
     */
    public function corrections(array $cells, string $today): array
    {
        $was = [];
        foreach ($this->cellRows() as $cell) {
            $was["{$cell['parameter']} {$cell['unit']} {$cell['day']}"] = $cell['cell'];
        }
        $texts = [];
        foreach ($cells as $one) {
            $before = $was["{$one['parameter']} {$one['unit']} {$one['day']}"] ?? '';
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
        return Judgement::of(
            $this->planned(),
            $this->placed(),
            $this->sheet(),
            $this->day($now) ?? 0,
            $this->ended !== null,
        );
    }

    public function lessonsOf(): Lessons
    {
        return new Lessons($this->planned(), $this->placed(), $this->sheet());
    }

    /** How often the plan was changed on the way; a corrected reading is no change of it. */
    public function changes(): int
    {
        return count(array_filter(
            $this->amendments,
            static fn (array $one): bool => ! Correction::isOne($one['text']),
        ));
    }

    /**
     * Changes of the feed on the way, by the amendments.
     *
     * @return list<array{int, float}> day of the trial, and mg of nitrogen a day from then on
     */
    public function feedChanges(): array
    {
        $changes = [];
        foreach ($this->amendments as $one) {
            if (isset($one['nitrogen']) && $this->started !== null) {
                $changes[] = [$this->dayOf($one['day']), (float) $one['nitrogen']];
            }
        }

        return $changes;
    }

    /** The first planned day that is not read whole; null where none is left, or it does not run. */
    public function nextDay(): ?int
    {
        if ($this->started === null || $this->ended !== null) {
            return null;
        }
        $plan = $this->planned();
        $cells = count($plan->arms) * $plan->setup->units * count($plan->reads);
        $read = array_count_values(array_column($this->cellRows(), 'day'));
        foreach ($plan->setup->days() as $day) {
            if (($read[$day] ?? 0) < $cells) {
                return $day;
            }
        }

        return null;
    }
}
