<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Ithys\History\Timeline\Placed;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Fit;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Simulation;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What every charge of a tank takes and for how long, by tanks that its readings allow: each is run from the start of
 * the journal to a year ahead on the present course.
 */
final readonly class Lives
{
    /** Days between the moments at which a charge is looked at. */
    public const STEP = 3.5;

    private const AHEAD = 364.0;

    /** Pairs of tanks beside the likeliest. */
    private const PAIRS = 14;

    /** Spread of the log of what carbon and resin hold, which readings do not teach: our estimate. */
    private const ADSORBERS = 0.5;

    private const TOLERANCE = 1e-4;

    /**
     * @return list<Life> of each charge that the model follows, in order of time
     *
     * @throws InvalidLever
     */
    public static function of(Timeline $timeline, Fit $fit): array
    {
        $placed = $timeline->followed();
        if ($placed === []) {
            return [];
        }
        $end = $timeline->day($timeline->to);
        $spent = $timeline->assumptions->value('spent-share');
        $runs = array_map(static fn (): array => [], $placed);
        $random = new Randomizer(new Mt19937(self::PAIRS));
        foreach ($fit->draws(self::PAIRS) as $n => $logs) {
            $off = $n === 0 ? 0.0 : self::ADSORBERS * ($random->getInt(-1732, 1732) / 1000);
            foreach (self::run($timeline, $logs, $off, $placed, $end, $spent) as $k => $run) {
                $runs[$k][] = $run;
            }
        }

        return array_map(
            static fn (Placed $one, array $mine): Life => Life::of($one, $mine, $end, $timeline),
            $placed,
            $runs,
        );
    }

    /**
     * @param  array<string, float>  $logs
     * @param  list<Placed>  $placed
     * @return list<Run> by charge
     *
     * @throws InvalidLever
     */
    private static function run(
        Timeline $timeline,
        array $logs,
        float $off,
        array $placed,
        float $end,
        float $spent,
    ): array {
        [$parameters, $start] = Fit::applied($logs, $timeline);
        foreach (['activated-carbon', 'resin'] as $medium) {
            $row = $parameters->row('media', $medium) ?? [];
            $most = array_pop($row) ?? 0.0;
            $parameters = $parameters->withRow('media', $medium, [...$row, $most * exp($off)]);
        }
        $simulation = $timeline->simulation(
            $parameters,
            $start,
            $timeline->ahead($timeline->course(), self::AHEAD),
            self::TOLERANCE,
            true,
        );

        return self::watched($simulation, $placed, $end, $spent);
    }

    /**
     * @param  list<Placed>  $placed
     * @return list<Run> by charge
     *
     * @throws InvalidLever
     */
    private static function watched(Simulation $simulation, array $placed, float $end, float $spent): array
    {
        $watches = array_map(static fn (Placed $one): Watch => new Watch($one, $spent), $placed);
        for ($day = $placed[0]->from; $day <= $end + self::AHEAD; $day += self::STEP) {
            // The moment that is now is always among them.
            $day = $day > $end - self::STEP && $day < $end ? $end : $day;
            $now = $simulation->at($day);
            $isDone = $day >= $end;
            foreach ($watches as $watch) {
                $watch->see($now);
                $isDone = $isDone && $watch->isDone();
            }
            if ($isDone) {
                break;
            }
        }

        return array_map(static fn (Watch $watch): Run => $watch->run(), $watches);
    }
}
