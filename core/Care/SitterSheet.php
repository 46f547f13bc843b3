<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Journal\ChoreWord\Chore;

/** What somebody does who looks after a tank for some days and knows nothing of tanks: few tasks, in plain words. */
final class SitterSheet
{
    public const NOT = [
        'Add nothing to the water that is not on this sheet.',
        'Feed no more than what is measured out: food that is left spoils the water.',
        'Keep hands with soap or lotion on them out of the water, and sprays away from it.',
        'Move no valve and unplug nothing, unless it says so below.',
    ];

    public const SIGNS = [
        'Water splashes in the pipe of the overflow' => 'The main drain is blocked. Call. If the water rises to the '
            .'rim, switch the return pump off.',
        'Bubbles from the nozzle, or the pump gulps' => 'The water in the sump is low. Fill the reservoir, then call.',
        'The cup of the skimmer is full' => 'Empty it. If it fills again within an hour, switch the skimmer off and '
            .'call.',
        'Fish gasp at the surface' => 'Switch everything on that moves the surface, feed nothing, and call.',
        'Water on the floor' => 'Do not touch plugs or cords. Switch the power off at the breaker if you can do so '
            .'with dry feet, then call.',
    ];

    public const POWER_CUT = [
        'Feed nothing while the power is off.',
        'After half an hour stir the surface: pour water from a jug back into the tank for a minute, every half an '
            .'hour.',
        'A sealed canister filter that stood for over an hour stays off: call before it is switched on.',
        'Run no generator indoors or near a window: its fumes kill.',
    ];

    /** @return list<Chore> that can be left to somebody else */
    public static function chores(): array
    {
        return [Chore::Sock, Chore::Pad, Chore::Floss, Chore::PreFilter, Chore::Cup, Chore::TopOff];
    }

    public static function says(Chore $chore): string
    {
        return match ($chore) {
            Chore::Sock => 'Take the socks out, put clean ones in, and leave the dirty ones in their bucket.',
            Chore::Pad => 'Take the pads out, put new ones in, and throw the old ones away.',
            Chore::Floss => 'Take the floss out, put a new piece in, and throw the old one away.',
            Chore::PreFilter => 'Rinse the pre-filter in a bucket, away from the tank, and put it back.',
            Chore::Cup => 'Empty the cup on top of the skimmer into a sink, rinse it, and put it back as it was.',
            Chore::TopOff => 'Fill the reservoir up to its mark with the purified water that is ready; never salt '
                .'water.',
            default => $chore->label().'.',
        };
    }

    /**
     * The days of a stay, each with what is to be done on it.
     *
     * @param  int  $from  day, today or later
     * @param  int  $to  the last day
     * @return array<int, list<Round>> by day
     */
    public static function days(Rounds $rounds, int $today, int $from, int $to): array
    {
        $days = [];
        $ahead = $rounds->ahead($today, $to - $today + 1);
        for ($day = $from; $day <= $to; $day++) {
            /** @var list<Round> $chores */
            $chores = array_values(array_filter(
                $ahead[$day - $today] ?? [],
                static fn (Task $one): bool => $one instanceof Round && in_array($one->chore, self::chores(), true),
            ));
            $days[$day] = $chores;
        }

        return $days;
    }
}
