<?php

declare(strict_types=1);

namespace Ithys\Forecast\Advice;

use DateTimeImmutable;
use Ithys\Dosing\DoseMethods;
use Ithys\Forecast\ForecastPoint;
use Ithys\Forecast\Outlook;
use Ithys\History\Charge;
use Ithys\History\Course\Fresh;
use Ithys\History\Guard\DoseContext;
use Ithys\History\Guard\DoseGuard;
use Ithys\History\Guard\RampCheck;
use Ithys\History\Guard\WeeklyFall;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Reading\Parameter;
use Ithys\Media\Medium;
use Ithys\Nutrient\InvalidLever;
use Ithys\Path\Kind;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * What could be done next, one step at a time, the gentlest first, in the order of the trade: the sock, the food, the
 * light, the skimmer, the water; then the bigger hammers. Each with what the model of this tank expects of it.
 */
final readonly class Advice
{
    /** Levels under which both nutrients are as good as gone, ppm: our estimate of what kits can tell. */
    private const NOTHING = ['no3' => 0.5, 'po4' => 0.01];

    /** Weeks over which what is well now is looked at on its present course. */
    private const AHEAD = 12;

    /** Days that a change wants before the next. */
    public const WAIT_DAYS = 28;

    /** Of its distance from what is wanted, that a nutrient must come nearer by: less is none. */
    private const NEARER = 0.01;

    /** ppm that no kit tells from none. */
    private const SAME = 1e-6;

    /**
     * @param  list<Step>  $steps
     * @param  list<Parameter>  $leaving  that are well now and leave what is wanted on the present course
     * @param  ?Text  $waits  what was changed of late, so that nothing else is turned yet
     */
    private function __construct(
        public State $state,
        public array $steps,
        public array $leaving,
        public ?Text $waits = null,
    ) {
    }

    /**
     * @param  array<string, array{float, float}>  $wanted  least and most level, by parameter
     * @param  ?Text  $changed  what was changed in the last four weeks; null where nothing was
     *
     * @throws InvalidLever
     */
    public static function of(Outlook $outlook, array $wanted, DoseContext $here, ?Text $changed = null): self
    {
        $now = self::at($outlook, [], 0);
        $state = self::state($now, $wanted);
        if ($state === State::Within) {
            return new self($state, [], self::leaving($outlook, $wanted));
        }
        // One change at a time; only where both are gone does harm not wait.
        if ($changed !== null && $state !== State::ZeroAndZero) {
            return new self($state, [], [], $changed);
        }
        $candidates = match ($state) {
            State::TooHigh => self::down($outlook, $here),
            State::TooLow, State::ZeroAndZero => self::up($outlook),
            State::Apart => [...self::down($outlook, $here), ...self::up($outlook)],
        };

        return new self($state, array_values(array_filter(array_map(
            static fn (array $candidate): ?Step => self::step($outlook, $candidate, $wanted, $here),
            $candidates,
        ))), []);
    }

    /**
     * @param  array<string, array{float, float}>  $wanted
     * @return list<Parameter>
     *
     * @throws InvalidLever
     */
    private static function leaving(Outlook $outlook, array $wanted): array
    {
        $then = self::at($outlook, [], self::AHEAD);

        return array_values(array_filter(
            array_map(Parameter::from(...), array_keys($wanted)),
            static fn (Parameter $one): bool => isset($then[$one->value])
                && ($then[$one->value]->level < $wanted[$one->value][0]
                    || $then[$one->value]->level > $wanted[$one->value][1]),
        ));
    }

    /**
     * @param  array<string, ForecastPoint>  $now
     * @param  array<string, array{float, float}>  $wanted
     */
    private static function state(array $now, array $wanted): State
    {
        $gone = array_filter(
            self::NOTHING,
            static fn (float $least, string $key): bool => ($now[$key]->level ?? INF) < $least,
            ARRAY_FILTER_USE_BOTH,
        );
        if (count($gone) === count(self::NOTHING)) {
            return State::ZeroAndZero;
        }
        $high = $low = false;
        foreach ($wanted as $key => [$least, $most]) {
            $level = $now[$key]->level ?? $least;
            $high = $high || $level > $most;
            $low = $low || $level < $least;
        }

        return match (true) {
            $high && $low => State::Apart,
            $high => State::TooHigh,
            $low => State::TooLow,
            default => State::Within,
        };
    }

    /**
     * A step after which neither nutrient is farther from what is wanted than if nothing changes, one is nearer, and
     * neither falls too fast on the way; any other is none.
     *
     * @param  array{string, Text, array<string, float|bool|null>, int, string, ?string}  $candidate
     * @param  array<string, array{float, float}>  $wanted
     *
     * @throws InvalidLever
     */
    private static function step(
        Outlook $outlook,
        array $candidate,
        array $wanted,
        DoseContext $here,
    ): ?Step {
        [$key, $does, $levers, $weeks, $watch, $caution] = $candidate;
        $along = $outlook->along($outlook->present->with($levers), $weeks);
        $with = array_map(static fn (array $points): ForecastPoint => $points[2 * $weeks], $along);
        $without = self::at($outlook, [], $weeks);
        $isNearer = false;
        foreach ($wanted as $parameter => $band) {
            $then = self::off($with[$parameter]->level, $band);
            $else = self::off($without[$parameter]->level, $band);
            if ($then > $else + self::SAME) {
                return null;
            }
            $isNearer = $isNearer || $then < (1 - self::NEARER) * $else - self::SAME;
            if (self::fallsTooFast($along[$parameter], Parameter::from($parameter), $here)) {
                return null;
            }
        }

        return $isNearer ? new Step($key, $does, $levers, $with, $weeks, $watch, $caution) : null;
    }

    /**
     * How far a level is from what is wanted, ppm; 0 within.
     *
     * @param  array{float, float}  $band
     */
    private static function off(float $level, array $band): float
    {
        return max(0.0, $band[0] - $level, $level - $band[1]);
    }

    /** @param  list<ForecastPoint>  $points  twice a week */
    private static function fallsTooFast(array $points, Parameter $parameter, DoseContext $here): bool
    {
        $share = $here->assumptions->value('fall-share');
        foreach ($points as $n => $point) {
            $later = $points[$n + 2] ?? null;
            $limit = $parameter === Parameter::Phosphate
                ? WeeklyFall::limit($here, $point->level)
                : $share * $point->level;
            if ($later !== null && $point->level - $later->level > $limit + self::SAME) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{string, Text, array<string, float|bool|null>, int, string, ?string}> */
    private static function down(Outlook $outlook, DoseContext $here): array
    {
        $course = $outlook->present;
        $days = static fn (float $value): Quantity => Quantity::base($value, Dimension::Days);
        $steps = [];
        $every = $course->socks->every;
        if ($outlook->going->has(Kind::Sock) && ($every === null || $every > 3.5)) {
            $next = $every === null ? 7.0 : max(3.0, round($every / 2, 1));
            $steps[] = ['sock', Text::of('Change the sock every {days}', days: $days($next)),
                ['sockEvery' => $next], 4, 'How soiled it comes out, and phosphate.', null];
        }
        if ($outlook->going->has(Kind::Roller)) {
            $steps[] = ['roller', Text::of('Let the fleece wind on twice as fast'), ['rollerTimes' => 2.0], 4,
                'How long the roll lasts, and phosphate.', null];
        }
        $steps[] = ['feed', Text::of('Feed a fifth less'), ['feedTimes' => 0.8], 4,
            'Whether the fish keep their weight.', null];
        if ($outlook->going->cultures !== [] && ($course->machines->lightHours ?? 12.0) < 16.0) {
            $hours = min(16.0, ($course->machines->lightHours ?? 10.0) + 3);
            $steps[] = ['light', self::light($hours), ['lightHours' => $hours], 6,
                'Whether the algae stay dense and green.', null];
        }
        if (! $course->machines->skimmerOn) {
            $steps[] = ['skimmer', Text::of('Run the skimmer'), ['skimmerOn' => true], 4,
                'What stands in its cup.', null];
        }
        $litres = max($course->water->amount * 1.5, 0.1 * $outlook->litres);
        $water = min($course->water->every ?? 7.0, 7.0);
        $steps[] = ['water', Text::of(
            'Change {litres} every {days}',
            litres: Quantity::litres($litres),
            days: $days($water),
        ), ['waterLitres' => $litres, 'waterEvery' => $water], 4, 'Nitrate and phosphate of the new water.',
            'Match temperature and salinity.'];
        $grams = self::gfo($here);
        if ($grams > 0.0) {
            $steps[] = ['gfo', Text::of('Put {grams} of GFO in a reactor', grams: Quantity::grams($grams)),
                ['mediaGrams' => $grams], 4, 'Phosphate every other day in the first week.',
                'Corals suffer where phosphate falls fast. Rinse it first; it should just tumble.'];
        }
        $full = $here->fullCarbon() / $here->assumptions->value('carbon-spirit');
        if ($course->doses->millilitres() <= 0.0 && RampCheck::of($here)->mayStart()) {
            $says = Text::of(
                'Start the organic carbon ramp, up to {dose} of vodka a day',
                dose: Quantity::base($full / 1000, Dimension::Dose),
            );
            $steps[] = ['spirit', $says, ['spirit' => $full], 8, 'Cloudiness, slime, and how the fish breathe.',
                'Only with a skimmer and enough oxygen. Stop when the water clouds, slime grows or fish gasp, or when '
                    .'nitrate or phosphate is at zero.'];
        }

        return $steps;
    }

    /** @return list<array{string, Text, array<string, float|bool|null>, int, string, ?string}> */
    private static function up(Outlook $outlook): array
    {
        $course = $outlook->present;
        $steps = [];
        $every = $course->socks->every;
        if ($outlook->going->has(Kind::Sock) && $every !== null && $every < 21.0) {
            $steps[] = ['sock', Text::of(
                'Change the sock every {days}',
                days: Quantity::base(round(1.5 * $every, 1), Dimension::Days),
            ), ['sockEvery' => round(1.5 * $every, 1)], 4, 'Phosphate, and dirt on the sand.', null];
        }
        if ($outlook->going->has(Kind::Roller)) {
            $steps[] = ['roller', Text::of('Let the fleece wind on a third as fast'), ['rollerTimes' => 0.33], 4,
                'Phosphate, and what stands on the fleece.', null];
        }
        if ($outlook->going->cultures !== [] && ($course->machines->lightHours ?? 0.0) > 3.0) {
            $hours = max(2.0, ($course->machines->lightHours ?? 0.0) - 3);
            $steps[] = ['light', self::light($hours), ['lightHours' => $hours], 6,
                'Whether the algae hold; what dies gives back.', null];
        }
        if ($course->doses->millilitres() > 0.0) {
            $half = $outlook->asSpirit($course->doses) / 2;
            $steps[] = ['spirit', Text::of('Dose half the organic carbon'), ['spirit' => $half], 4,
                'Nitrate; step down, never stop at once.', null];
        }
        $steps[] = ['feed', Text::of('Feed a quarter more'), ['feedTimes' => 1.25], 4,
            'Nitrate and phosphate weekly.', null];

        return $steps;
    }

    /** What it comes to, in a sentence or two. */
    public function sentence(): string
    {
        return match ($this->state) {
            State::ZeroAndZero => 'Nitrate and phosphate are both at zero. Corals starve then. Less export or more '
                .'food comes first.',
            State::TooHigh => $this->next('Your water is above the target.'),
            State::TooLow => $this->next('Your water is below the target.'),
            State::Apart => $this->next('One nutrient is above the target and the other below.'),
            State::Within => $this->leaving === []
                ? 'Your water is within the target. Leave it alone.'
                : 'Your water is within the target. If nothing changes, '.implode(' and ', array_map(
                    static fn (Parameter $one): string => $one->label(),
                    $this->leaving,
                )).' may leave it within twelve weeks. Read again before you change anything.',
        };
    }

    /** Why to wait after a change, until its day and four weeks more. */
    public static function waitsFor(string $change, DateTimeImmutable $day): Text
    {
        return Text::of(
            'You changed something on {day}: {what}. Wait until {until} before the next step, so that you can tell '
                .'what it did.',
            day: $day->format('j F'),
            what: $change,
            until: $day->modify('+'.self::WAIT_DAYS.' days')->format('j F'),
        );
    }

    public static function renew(Charge $charge): Text
    {
        return Text::of(
            '{charge} is exhausted. Renew it or take it out first.',
            charge: $charge->filling->summary(),
        );
    }

    private function next(string $sentence): string
    {
        return match (true) {
            $this->waits !== null => $sentence,
            $this->steps === [] => "{$sentence} Ithys found no single step that brings one nutrient nearer without "
                .'harm to the other. Ask what drives them apart before you change anything.',
            default => "{$sentence} Take one step at a time, the gentlest first, then wait.",
        };
    }

    /**
     * @param  array<string, float|bool|null>  $levers
     * @return array<string, ForecastPoint> by parameter
     *
     * @throws InvalidLever
     */
    private static function at(Outlook $outlook, array $levers, int $weeks): array
    {
        return array_map(
            static fn (array $points): ForecastPoint => $points[2 * $weeks],
            $outlook->along($outlook->present->with($levers), max(1, $weeks)),
        );
    }

    /** GFO that is usual for so much water at a first use, and that the guard finds fine; 0 where none is, g. */
    private static function gfo(DoseContext $here): float
    {
        foreach ($here->charges() as $charge) {
            if ($charge->medium()->bindsPhosphate()) {
                // What is in works, or is to be renewed: more beside it is no gentle step.
                return 0.0;
            }
        }
        $reading = $here->level(Parameter::Phosphate);
        if ($reading === null) {
            return 0.0;
        }
        $usual = (new DoseMethods($here->assumptions))->byVolume(Medium::Gfo, $here->litres(), null)->grams ?? 0.0;
        $gentle = WeeklyFall::gentle($here, new Fresh(Medium::Gfo, 1.0), $here->ppm($reading));
        $grams = floor(min($here->assumptions->value('first-use-share') * $usual, $gentle));
        $isFine = $grams >= 1.0
            && DoseGuard::doubts(MediaCharge::grams(Medium::Gfo, $grams, Place::Reactor), $here) === [];

        return $isFine ? $grams : 0.0;
    }

    private static function light(float $hours): Text
    {
        return Text::of('Light the algae {hours} a day', hours: Quantity::base($hours, Dimension::Hours));
    }
}
