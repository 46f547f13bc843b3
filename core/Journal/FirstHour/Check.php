<?php

declare(strict_types=1);

namespace Ithys\Journal\FirstHour;

/** What is watched in the first hour after a start, a refit or a new roll (common practice). */
enum Check: string
{
    case Levels = 'levels';
    case Noise = 'noise';
    case Trickle = 'trickle';
    case Bubbles = 'bubbles';
    case Roller = 'roller';

    public function asks(): string
    {
        return match ($this) {
            self::Levels => 'The water in the display and in the sump stays at its line.',
            self::Noise => 'The drain is quiet: no gurgling, no sucking.',
            self::Trickle => 'No more than a trickle runs down the emergency drain.',
            self::Bubbles => 'No bubbles come out of the nozzle.',
            self::Roller => 'The roller advances when the water rises, and then stops.',
        };
    }

    /** What to do where it is not so. */
    public function otherwise(): string
    {
        return match ($this) {
            self::Levels => 'Open the drain valve a little, wait ten minutes, look again. If the water still rises, '
                .'switch the return pump off.',
            self::Noise => 'Close the drain valve a little at a time, until the gurgling stops.',
            self::Trickle => 'Open the main drain a little: the emergency drain must stay free for an emergency.',
            self::Bubbles => 'Check the water level at the pump, then the bubble trap. New sumps clear in some hours.',
            self::Roller => 'Check the threading and the float. It must not run dry or wind without end.',
        };
    }
}
