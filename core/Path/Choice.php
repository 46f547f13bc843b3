<?php

declare(strict_types=1);

namespace Ithys\Path;

/** A property of an item that is one of a few words. */
enum Choice: string
{
    case Material = 'material';
    case Hole = 'hole';
    case Grade = 'grade';
    case Feed = 'feed';
    case Fitting = 'fitting';

    public function label(): string
    {
        return match ($this) {
            self::Material => 'Material',
            self::Hole => 'Hole',
            self::Grade => 'Grade',
            self::Feed => 'Fed by',
            self::Fitting => 'Pipe fittings',
        };
    }

    /** @return array<string, string> word in documents => word on screen */
    public function options(): array
    {
        return match ($this) {
            self::Material => ['felt' => 'felt', 'mesh' => 'mesh'],
            self::Hole => ['4in' => '4 in', '7in' => '7 in'],
            self::Grade => ['coarse' => 'coarse', 'medium' => 'medium', 'fine' => 'fine'],
            self::Feed => ['drop-in' => 'dropped into the tray', 'drain' => 'the drain', 'pump' => 'a pump'],
            self::Fitting => ['metric' => 'metric', 'inch' => 'inch'],
        };
    }
}
