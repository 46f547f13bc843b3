<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Advice;

use Ithys\Journal\Reading\Parameter;
use Ithys\Nutrient\Forecast\ForecastPoint;
use Ithys\Nutrient\Forecast\Outlook;
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

    /**
     * @param  list<Step>  $steps
     * @param  list<Parameter>  $leaving  that stand well now and leave what is wanted on the present course
     */
    private function __construct(public State $state, public array $steps, public array $leaving)
    {
    }

    /**
     * @param  array<string, array{float, float}>  $wanted  least and most level, by parameter
     *
     * @throws InvalidLever
     */
    public static function of(Outlook $outlook, array $wanted): self
    {
        $now = self::at($outlook, [], 0);
        $state = self::state($now, $wanted);
        $steps = array_values(array_filter(array_map(
            static fn (array $candidate): ?Step => self::step($outlook, $candidate, $state),
            match ($state) {
                State::TooHigh => self::down($outlook),
                State::TooLow, State::ZeroAndZero => self::up($outlook),
                State::Apart, State::Within => [],
            },
        )));

        return new self($state, $steps, $state === State::Within ? self::leaving($outlook, $wanted) : []);
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
     * A step that does next to nothing, or the wrong thing, is none.
     *
     * @param  array{string, Text, array<string, float|bool|null>, int, string, ?string}  $candidate
     *
     * @throws InvalidLever
     */
    private static function step(Outlook $outlook, array $candidate, State $state): ?Step
    {
        [$key, $does, $levers, $weeks, $watch, $caution] = $candidate;
        $with = self::at($outlook, $levers, $weeks);
        $without = self::at($outlook, [], $weeks);
        $moves = false;
        foreach ($with as $parameter => $point) {
            $change = $point->level - $without[$parameter]->level;
            $isRight = $state === State::TooHigh ? $change < 0.0 : $change > 0.0;
            $moves = $moves || ($isRight && abs($change) > 0.01 * $without[$parameter]->level);
        }

        return $moves ? new Step($key, $does, $levers, $with, $weeks, $watch, $caution) : null;
    }

    /** @return list<array{string, Text, array<string, float|bool|null>, int, string, ?string}> */
    private static function down(Outlook $outlook): array
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
        $grams = round(0.25 * $outlook->litres);
        $steps[] = ['gfo', Text::of('Put {grams} of GFO in a reactor', grams: Quantity::grams($grams)),
            ['mediaGrams' => $grams], 4, 'Phosphate every other day in the first week.',
            'Begin with a part: corals suffer where phosphate falls fast. Rinse it first; it should just tumble.'];
        $dose = round(0.2 * $outlook->litres / 100, 2);
        $steps[] = ['spirit', Text::of('Dose {dose} of spirit a day, begun with a quarter of it', dose: Quantity::base(
            $dose / 1000,
            Dimension::Dose,
        )), ['spirit' => $dose], 8, 'Cloudiness, slime, and how the fish breathe.',
            'Only with a skimmer and enough oxygen. Stop when the water clouds, slime grows or fish gasp, or when '
                .'nitrate or phosphate is at nought.'];

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

    private static function light(float $hours): Text
    {
        return Text::of('Light the algae {hours} a day', hours: Quantity::base($hours, Dimension::Hours));
    }
}
