<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Journal\EntryRow;
use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Payload;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\Stock\Stock;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Learning\Fit;
use Ithys\Media\Medium;
use Ithys\Nutrient\Simulation;
use Ithys\Quantity\UnitSystem;
use Ithys\Target\TargetSchool;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * An invented keeper and sixteen weeks of an invented tank.
 *
 * The water follows the nutrient model with figures that differ from its defaults by a known factor each, so that
 * verdicts, ledger and what is learned can be checked: the GFO charge really takes phosphate out and wears out. Kits
 * add noise and round to what they resolve. The same every time, counted back from today.
 */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'demo@ithys.example';

    public const PASSWORD = 'tidepool-demo';

    private const DAYS = 112;

    private const GFO_DAY = 77;

    private const CARBON_DAY = 35;

    /** What this tank is, times the default. */
    public const TRUTH = [
        'input' => 0.63,
        'food-p' => 0.85,
        'background-n' => 2.1,
        'background-p' => 1.3,
        'rock-capacity' => 2.6,
        'rock-rate' => 1.6,
        'media' => 1.4,
    ];

    private const FIRST = ['no3' => 7.5, 'po4' => 0.062];

    /** @var list<Entry> */
    private array $entries = [];

    private Randomizer $random;

    private DateTimeImmutable $start;

    public function run(): void
    {
        if (User::query()->where('email', self::EMAIL)->exists()) {
            return;
        }
        DB::transaction(function (): void {
            $keeper = User::query()->create([
                'name' => 'Ines Talvik',
                'email' => self::EMAIL,
                'password' => self::PASSWORD,
                'timezone' => 'Europe/Lisbon',
                'units' => UnitSystem::Metric,
                'currency' => 'EUR',
            ]);
            $tank = new Tank(
                Display::box(1040, 470, 520, 35),
                new BesideDisplay(46, 7),
                new Ground(16, 24),
                new Conditions(35, 25.3),
                2050,
                TurnoverSchool::Moderate,
                circulationLitresPerHour: 5700,
            );
            $system = System::query()->create(['name' => 'Stairwell reef', 'room' => DemoPath::ROOM]);
            $system->members()->attach($keeper, ['role' => 'owner']);
            $this->random = new Randomizer(new Mt19937(20261));
            $this->start = now($keeper->zone())->startOfDay()->toDateTimeImmutable()
                ->modify('-'.self::DAYS.' days');
            $system
                ->revisions()
                ->create([
                    'user_id' => $keeper->id,
                    'in_force_from' => Journal::stamp($this->start->modify('-200 days')),
                    'document' => $tank->toArray(),
                ]);
            $system->section()->create(['document' => DemoSection::document()]);
            DemoPath::lay($system, $keeper, $this->start->modify('-200 days'));
            $system
                ->sumpRevisions()
                ->create([
                    'user_id' => $keeper->id,
                    'in_force_from' => Journal::stamp($this->start->modify('-200 days')),
                    'document' => DemoSection::document(),
                ]);
            $this->live($system);
            $this->save($system, $keeper);
            $system->forceFill(['target_school' => TargetSchool::Balanced])->save();
            DemoPhoto::lay($system, $keeper, $this->start->modify('+98 days'));
            DemoNano::lay($keeper, $this->start->modify('+84 days'));
            DemoTrials::lay($system, $keeper, $this->start->modify('+'.self::DAYS.' days'));
            DemoStock::lay($keeper, $this->start->modify('+91 days'));
        });
    }

    /** What the keeper does, then what the water makes of it by the model, as far as this tank differs from it. */
    private function live(System $system): void
    {
        $this->happen(0, '09:00', Photoperiod::of(9));
        $this->happen(0, '09:05', Stock::living(140, 0.004));
        for ($day = 0; $day < self::DAYS; $day++) {
            $this->happen(
                $day,
                '18:30',
                Feed::of(
                    round(2.6 + $this->random->getInt(-3, 3) / 10, 1),
                    $day % 4 === 3 ? Food::Frozen : Food::Pellet,
                ),
            );
            if ($day % 4 === 1 || $day === 46) {
                $this->happen($day, '19:40', SockChange::of($this->random->getInt(2, 4)));
            }
            if ($day % 7 === 5) {
                $this->happen($day, '11:00', WaterChange::of($day === 82 ? 30.0 : 22.0));
            }
        }
        $this->happen(self::GFO_DAY, '10:15', MediaCharge::grams(
            Medium::Gfo,
            85,
            new Container('gfo', 'GFO reactor', Place::Reactor),
        ));
        $this->happen(self::CARBON_DAY, '10:30', MediaCharge::grams(
            Medium::ActivatedCarbon,
            60,
            new Container('carbon', 'Carbon bag', Place::Bag),
        ));
        $this->happen(55, '18:35', SkimmerSwitch::of(false));
        $this->happen(59, '21:05', SkimmerSwitch::of(true));
        $water = $this->water($system);
        $this->happen(59, '21:06', Note::of('Found the skimmer still off after feeding on Tuesday.'));
        foreach ([
            'emptied' => [Part::SkimmerCup, [100, 103, 106, 109]],
            'filled' => [Part::Reservoir, [98, 105]],
            'changed' => [Part::Pad, [103, 107]],
            'cleaned' => [Part::Pump, [30]],
        ] as $deed => [$part, $days]) {
            foreach ($days as $day) {
                $this->happen($day, '20:10', new Care($part, Deed::from($deed)));
            }
        }
        for ($day = 1; $day < self::DAYS; $day++) {
            if ($day % 7 === 1 || $day % 7 === 4) {
                $then = $water->before((float) $day - 1.0);
                $this->measure($day, $then->nitrate(), $then->phosphate());
            }
        }
    }

    /** The water from the first reading on. */
    private function water(System $system): Simulation
    {
        $first = array_map(
            fn (Parameter $one): Entry => $this->moment(1, '20:15', Reading::of($one, self::FIRST[$one->value] ?? 0.0)),
            Parameter::nutrients(),
        );
        $entries = [...$first, ...$this->entries];
        usort($entries, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
        $timeline = Timeline::of(
            $entries,
            [[$this->start, $system->setupAt($this->start)]],
            $this->start->modify('+'.self::DAYS.' days'),
            $system->assumptions(),
        );

        return $timeline->simulation(...Fit::applied(array_map(log(...), self::TRUTH), $timeline));
    }

    private function measure(int $day, float $nitrate, float $phosphate): void
    {
        $cloudy = $day === 95;
        $this->happen($day, '20:15', Reading::of(
            Parameter::Nitrate,
            $this->read($nitrate, 0.25, 0.25),
            step: 0.25,
            cloudy: $cloudy,
            method: 'colour comparison',
        ));
        $this->happen($day, '20:15', Reading::of(
            Parameter::Phosphate,
            $this->read($phosphate, 0.006, 0.01),
            step: 0.01,
            cloudy: $cloudy,
            method: 'pocket photometer',
        ));
    }

    /** What a kit shows: the truth with its scatter, rounded to the kit's step. */
    private function read(float $truth, float $scatter, float $step): float
    {
        $normal = array_sum(array_map(fn (): float => $this->random->getInt(0, 10_000) / 10_000, range(1, 12))) - 6;

        return max(0.0, round(($truth + $scatter * $normal) / $step) * $step);
    }

    private function happen(int $day, string $time, Payload $payload): void
    {
        $this->entries[] = $this->moment($day, $time, $payload);
    }

    private function moment(int $day, string $time, Payload $payload): Entry
    {
        return new Entry(
            new DateTimeImmutable(
                $this->start->modify("+{$day} days")->format('Y-m-d ').$time,
                $this->start->getTimezone(),
            ),
            $payload,
        );
    }

    private function save(System $system, User $keeper): void
    {
        usort($this->entries, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
        $batches = [];
        $rows = array_map(function (Entry $entry) use ($system, $keeper, &$batches): array {
            $stamp = Journal::stamp($entry->at);

            return EntryRow::of(
                $entry,
                $system->id,
                $keeper->id,
                $batches[$stamp] ??= (string) Str::ulid($entry->at),
                $stamp,
            );
        }, $this->entries);
        foreach (array_chunk($rows, 200) as $chunk) {
            DB::table('entries')->insert($chunk);
        }
    }
}
