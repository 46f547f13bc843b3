<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Assumption\Overlay;
use Ithys\Care\CalendarDay;
use Ithys\Care\MediumRenewal;
use Ithys\Care\Plan;
use Ithys\Care\Round;
use Ithys\Care\Rounds;
use Ithys\Effect\Alarm\Ends;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Learning\Fit;
use Ithys\Path\Path;
use Ithys\System\Setup;
use Ithys\Target\TargetBand;
use Ithys\Target\TargetSchool;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Logged;

/**
 * A made-up keeper who for a year does what Today says, takes its proposals, and reads a tank of the model.
 */
final class CareYear
{
    /** What is logged when a chore is done; readings, socks and water are written by the tank. */
    private const DOES = [
        'wash' => 'socks washed', 'pad' => 'pad changed', 'floss' => 'floss changed', 'cup' => 'cup emptied',
        'rinse' => 'macroalgae rinsed', 'harvest' => 'harvested 60 g', 'clarity' => 'clarity 8',
        'water' => 'water change 25 l', 'sponge' => 'sponge cleaned', 'pump' => 'return pump cleaned',
        'bio' => 'renewed a third of the bio media', 'top-off' => 'reservoir filled',
    ];

    public const GFO = 'gfo 45 g';

    /** What these tanks are, times the defaults. */
    private const TRUTH = ['input' => 0.63, 'food-p' => 0.85, 'rock-capacity' => 2.6, 'rock-rate' => 1.6];

    /** @var list<Entry> */
    private array $entries;

    /** @var array<string, Overlay> */
    private array $own = [];

    /** @var array<string, list<array{int, int}>> days on which each chore was done, and its interval then */
    public array $done = [];

    /** @var array<string, list<float>> readings of the last half of the year, by parameter */
    public array $read = ['no3' => [], 'po4' => []];

    public float $minutes = 0.0;

    /** Minutes that the lists of four weeks promised, 13 of them. */
    public float $planned = 0.0;

    public int $taken = 0;

    private Randomizer $random;

    private DateTimeImmutable $start;

    /** @param  list<string>  $first  what is logged on the first day */
    public function __construct(private Path $path, array $first, private Plan $plan, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->start = new DateTimeImmutable(Logged::START);
        $this->entries = Logged::entries(array_map(static fn (string $line): array => [0, $line], $first));
    }

    /** @return list<string> what went wrong with the list: due after it was done, done twice, or on a day off */
    public function live(int $days): array
    {
        $wrong = [];
        for ($n = 1; $n <= $days; $n++) {
            $today = CalendarDay::of($this->start, new DateTimeZone('UTC')) + $n;
            $rounds = $this->rounds($today, $n);
            if (($n - 1) % 28 === 0) {
                foreach ($rounds->ahead($today, 28) as $tasks) {
                    $this->planned += array_sum(array_map(static fn ($one): float => $one->minutes(), $tasks));
                }
            }
            foreach ($rounds->due($today) as $one) {
                if ($one instanceof Round) {
                    $this->act($one, $n);
                } else {
                    $this->minutes += $one->minutes();
                    $this->log($n, self::GFO);
                }
            }
            foreach ($this->rounds($today, $n)->due($today) as $one) {
                $wrong[] = "day {$n}: {$one->key()} is due after it was done";
            }
            $proposal = $n % 7 === 0 ? $rounds->proposal : null;
            if ($proposal !== null) {
                $this->own["care-{$proposal->chore->value}"] = new Overlay((float) $proposal->days, $proposal->because);
                $this->taken++;
            }
        }
        foreach ($this->done as $chore => $acts) {
            foreach (array_slice($acts, 1) as $at => [$day, $interval]) {
                $gap = $day - $acts[$at][0];
                // A day off takes two days of a weekend away at most; a proposal changes the interval on the way.
                if ($gap < $interval - 2 || $gap > max($interval, $acts[$at][1]) + 2) {
                    $wrong[] = "{$chore}: {$gap} days after the last time, every {$interval}";
                }
            }
        }

        return $wrong;
    }

    private function act(Round $one, int $day): void
    {
        $this->minutes += $one->minutes;
        $before = $this->done[$one->chore->value] ?? [[0, 0]];
        $this->done[$one->chore->value][] = [$day, $one->interval->days];
        $since = $day - $before[count($before) - 1][0];
        $line = match ($one->chore) {
            Chore::Readings => $this->reading($day),
            // A sock is clogged after a week.
            Chore::Sock => 'sock changed soiling '.min(5, max(1, (int) round(0.6 * $since))),
            default => self::DOES[$one->chore->value],
        };
        $this->log($day, $line);
    }

    private function log(int $day, string $line): void
    {
        foreach (Logged::entries([[$day + 0.2, $line]]) as $entry) {
            $this->entries[] = new Entry($entry->at, $entry->payload, count($this->entries) + 1);
        }
    }

    private function reading(int $day): string
    {
        $timeline = Timeline::of(
            $this->entries,
            [[$this->start, new Setup(Logged::tank(), $this->path)]],
            $this->start->modify("+{$day} days"),
            Assumptions::standard(),
        );
        $truth = array_map(log(...), self::TRUTH);
        $then = $timeline->simulation(...Fit::applied($truth, $timeline))->before((float) $day);
        $noise = fn (float $by): float => $by * ($this->random->getInt(-1000, 1000) / 1000);
        [$no3, $po4] = [max(0.0, $then->nitrate() + $noise(0.4)), max(0.0, $then->phosphate() + $noise(0.008))];
        if ($day > 182) {
            $this->read['no3'][] = $then->nitrate();
            $this->read['po4'][] = $then->phosphate();
        }

        return sprintf('no3 %.1f po4 %.2f', $no3, min(2, max(0.01, $po4)));
    }

    /** @return list<MediumRenewal> a charge that is foreseen to last for eight weeks */
    private function renewals(int $start): array
    {
        $last = null;
        foreach ($this->entries as $entry) {
            $last = $entry->payload instanceof MediaCharge ? $entry : $last;
        }
        $day = $last === null ? 0 : $start + (int) floor($last->daysAfter($this->start)) + 56;

        return $last === null ? [] : [new MediumRenewal(1, 'GFO', $day, $day - 5, $day + 9, 15.0, [])];
    }

    private function rounds(int $today, int $n): Rounds
    {
        $assumptions = Assumptions::standard()->with($this->own);
        $now = $this->start->modify("+{$n} days");

        return Rounds::of(
            $this->entries,
            $this->path,
            $assumptions,
            [],
            new DateTimeZone('UTC'),
            $today,
            false,
            $this->plan,
        )->with(
            $this->renewals($today - $n),
            Ends::missing($this->entries, $now, TargetSchool::Balanced->bands($assumptions)),
            $this->own['care-sock']->reason ?? null,
        );
    }
}

it('keeps three tanks for a year by what Today says', function (array $items, array $first, array $off): void {
    $year = new CareYear(Logged::path($items), $first, Plan::of($off), 7);
    expect($year->live(364))->toBe([]);
    foreach (TargetSchool::Balanced->bands(Assumptions::standard()) as $band) {
        /** @var TargetBand $band */
        $read = $year->read[$band->parameter->value];
        $within = count(array_filter($read, fn (float $one): bool => $one >= $band->low && $one <= $band->high));
        expect($within / count($read))->toBeGreaterThan(0.9);
    }
    // A proposal that is taken is not followed by its opposite.
    expect($year->taken)->toBeLessThanOrEqual(2);
    // Thirteen lists of four weeks, each made beforehand.
    expect($year->minutes)->toBeLessThanOrEqual(1.05 * $year->planned);
})->with([
    'socks and skimmer' => [
        [['id' => 's', 'kind' => 'sock', 'choices' => ['material' => 'felt']], ['id' => 'k', 'kind' => 'skimmer']],
        ['no3 6 po4 0.06', 'feeding plan 0.9 g pellet a day', 'sock changed', 'socks washed', 'cup emptied',
            'water change 25 l', 'clarity 8', CareYear::GFO],
        [],
    ],
    'socks, skimmer and refugium, no work at the weekend' => [
        [
            ['id' => 's', 'kind' => 'sock', 'choices' => ['material' => 'mesh']], ['id' => 'k', 'kind' => 'skimmer'],
            ['id' => 'f', 'kind' => 'refugium'],
        ],
        ['no3 6 po4 0.06', 'feeding plan 0.8 g pellet a day', 'refugium 9 h', 'sock changed', 'socks washed',
            'cup emptied',
            'water change 25 l', 'clarity 8', CareYear::GFO, 'harvested 60 g'],
        [6, 7],
    ],
    'pads and floss' => [
        [['id' => 'p', 'kind' => 'pad'], ['id' => 'l', 'kind' => 'floss'], ['id' => 'k', 'kind' => 'skimmer']],
        ['no3 6 po4 0.06', 'feeding plan 0.9 g pellet a day', 'pad changed', 'floss changed', 'cup emptied',
            'water change 25 l', 'clarity 8', CareYear::GFO],
        [],
    ],
]);
