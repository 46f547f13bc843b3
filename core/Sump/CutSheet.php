<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;

/** The baffles of a sump as a plastics shop or glazier cuts them, and where each is set. */
final readonly class CutSheet
{
    /** Depth of the slots of a comb, mm. */
    private const SLOT_DEPTH = 25.0;

    /** @param  list<CutPanel>  $panels */
    private function __construct(public array $panels)
    {
    }

    public static function of(Section $section): self
    {
        $panels = [];
        foreach ($section->baffles as $i => $baffle) {
            $panels[] = self::panel($section, $baffle, $i + 1);
        }

        return new self($panels);
    }

    private static function panel(Section $section, Baffle $baffle, int $number): CutPanel
    {
        $width = $section->widthMm - 2 * Assumptions::siliconeGap()->value;
        $height = $baffle->topMm - $baffle->gapMm;
        $relief = $baffle->gapMm > 0.0 ? 0.0 : min(Assumptions::cornerRelief()->value, $width / 4, $height / 4);
        $outline = $relief > 0.0
            ? [[$relief, 0.0], [$width - $relief, 0.0], [$width, $relief], ...self::top($baffle, $width, $height), [0.0, $relief]]
            : [[0.0, 0.0], [$width, 0.0], ...self::top($baffle, $width, $height)];

        return new CutPanel($baffle->id, "{$number}. {$baffle->kind->label()}", $width, $height, $baffle->thicknessMm, $outline,
            $baffle->gapMm > 0.0 ? 'hangs clear of the floor' : ($relief > 0.0 ? 'lower corners relieved for the bead of the tank' : ''),
            $baffle->atMm, $baffle->atMm + $section->wallMm);
    }

    /**
     * The top edge from right to left, with the slots of a comb.
     *
     * @return list<array{float, float}>
     */
    private static function top(Baffle $baffle, float $width, float $height): array
    {
        if ($baffle->kind !== BaffleKind::Comb || $baffle->openShare >= 1.0) {
            return [[$width, $height], [0.0, $height]];
        }
        $slot = Assumptions::combSlot()->value;
        $pitch = $slot / $baffle->openShare;
        $count = max(1, (int) floor($width / $pitch));
        $depth = min(self::SLOT_DEPTH, $height / 2);
        $first = ($width - ($count - 1) * $pitch - $slot) / 2;
        $points = [[$width, $height]];
        for ($i = $count - 1; $i >= 0; $i--) {
            $left = $first + $i * $pitch;
            array_push($points, [$left + $slot, $height], [$left + $slot, $height - $depth], [$left, $height - $depth], [$left, $height]);
        }
        $points[] = [0.0, $height];

        return $points;
    }
}
