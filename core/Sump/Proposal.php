<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** Parts to begin with, of a usual size and where there is room for them; the keeper sets them right. */
final class Proposal
{
    /** Baffles stand behind the last one, so far at the most, mm. */
    private const BEHIND = 80.0;

    private const THICKNESS = 6.0;

    private const GAP = 30.0;

    /** Clear space between the baffles of a bubble trap, mm. */
    private const TRAP_SPACE = 30.0;

    /** @return array<string, list<Baffle>> what stands together, by {@see BaffleKind} and "trap" */
    public static function baffles(Section $section): array
    {
        $chambers = $section->chambers();
        $last = $chambers[count($chambers) - 1];
        $at = $last->fromMm + min(self::BEHIND, $last->lengthMm() / 3);
        $weir = 0.6 * $section->heightMm;
        $step = self::THICKNESS + self::TRAP_SPACE;
        $baffle = static fn (BaffleKind $kind, float $at, float $top): Baffle => new Baffle($kind->value, $kind, round($at), self::THICKNESS, round($top),
            $kind === BaffleKind::Under ? self::GAP : 0.0, $kind === BaffleKind::Comb ? 0.5 : 1.0);
        $proposals = [];
        foreach (BaffleKind::cases() as $kind) {
            $proposals[$kind->value] = [$baffle($kind, $at, $kind === BaffleKind::Under ? 0.85 * $section->heightMm : $weir)];
        }
        $proposals['trap'] = [$baffle(BaffleKind::Weir, $at, $weir), $baffle(BaffleKind::Under, $at + $step, 0.85 * $section->heightMm), $baffle(BaffleKind::Weir, $at + 2 * $step, $weir - 15)];

        return $proposals;
    }

    /** @return array<string, Placed> by kind of device */
    public static function devices(Section $section): array
    {
        $return = count($section->baffles);

        return [
            'skimmer' => new Placed('skimmer', 'skimmer', 'Skimmer', 0, 200, 180, 450, 0, 200, 240),
            'heater' => new Placed('heater', 'heater', 'Heater', $return, 250, 30, 30, 0, 30),
            'other' => new Placed('other', 'other', 'Device', 0, 100, 100, 200),
        ];
    }
}
