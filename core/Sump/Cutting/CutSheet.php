<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumed;
use Ithys\Sump\Baffle;
use Ithys\Sump\Chamber;
use Ithys\Sump\Section;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** What a plastics shop or glazier cuts for a sump, and where each sheet is set. */
final readonly class CutSheet
{
    /** @param  list<CutPanel>  $panels */
    private function __construct(public array $panels)
    {
    }

    public static function of(Section $section, Workshop $workshop = new Workshop): self
    {
        $panels = [];
        // A tank with rear chambers comes with its dividers.
        foreach ($section->front === null ? $section->inside->baffles : [] as $i => $baffle) {
            // Where the gap reaches over the top nothing is left to cut; a finding says so.
            if ($baffle->edgeMm($section->assumptions) > $baffle->gapMm) {
                $panels[] = self::panel($section, $baffle, $i + 1);
            }
        }
        foreach ($section->inside->trays as $tray) {
            $chamber = $section->chambers()[$tray->chamber] ?? null;
            if (
                $chamber !== null
                && $tray->lengthMm($chamber, $section->assumptions) > 0.0
                && $tray->widthMm($chamber, $section->assumptions) > 0.0
            ) {
                array_push(
                    $panels,
                    ...$tray->kind === TrayKind::Tray
                        ? self::tray($section, $tray, $chamber)
                        : [self::shelf($section, $tray, $chamber)],
                    ...[self::ledge($section, $tray, $chamber)],
                );
            }
        }
        foreach ($workshop->pads as $pad) {
            $panels[] = CutPanel::plain(
                $pad->id,
                CutGroup::Pads,
                $pad->name,
                $pad->lengthMm,
                $pad->widthMm,
                0.0,
                '',
                $pad->count,
            );
        }

        return new self([
            ...$panels,
            ...self::blackout($section, $workshop),
            ...$workshop->basket?->panels($section->assumptions) ?? [],
        ]);
    }

    /** @return list<CutPanel> */
    private static function tray(Section $section, Tray $tray, Chamber $chamber): array
    {
        $places = $tray->places($chamber, $section->assumptions) ?? [];
        $holes = [];
        foreach ($tray->openings as $opening) {
            $place = $places[$opening->id] ?? null;
            if ($place !== null) {
                $holes[] = new CutHole(
                    $place->xMm + $place->lengthMm / 2,
                    $place->yMm + $place->widthMm / 2,
                    $place->lengthMm,
                    $place->widthMm,
                    $opening->kind->isRound(),
                );
            }
        }

        return [
            CutPanel::plain(
                $tray->id,
                CutGroup::Trays,
                "Tray, chamber {$chamber->number()}",
                $tray->lengthMm($chamber, $section->assumptions),
                $tray->widthMm($chamber, $section->assumptions),
                $tray->thicknessMm,
                implode(
                    ', ',
                    array_map(static fn (Opening $hole): string => lcfirst($hole->kind->label()), $tray->openings),
                ),
            )->with($holes),
        ];
    }

    private static function shelf(Section $section, Tray $tray, Chamber $chamber): CutPanel
    {
        return CutPanel::plain(
            $tray->id,
            CutGroup::EggCrate,
            "Shelf, chamber {$chamber->number()}",
            $tray->lengthMm($chamber, $section->assumptions),
            $tray->widthMm($chamber, $section->assumptions),
            $tray->thicknessMm,
            'cut through the middle of the cells',
        );
    }

    private static function ledge(Section $section, Tray $tray, Chamber $chamber): CutPanel
    {
        return CutPanel::plain(
            "{$tray->id}-ledge",
            CutGroup::Trays,
            "Ledge, chamber {$chamber->number()}",
            $tray->lengthMm($chamber, $section->assumptions),
            $section->assumptions->value(Assumed::TrayLedge),
            $tray->ledgeReachMm($section->assumptions),
            'front and back, under the tray; glue its wide face to the glass',
            2,
        );
    }

    /** @return list<CutPanel> */
    private static function blackout(Section $section, Workshop $workshop): array
    {
        $chamber = $workshop->litChamber === null ? null : $section->chambers()[$workshop->litChamber] ?? null;
        if ($chamber === null || $chamber->lengthMm() <= 0.0) {
            return [];
        }
        $thickness = $workshop->blackoutMm ?? $section->assumptions->value(Assumed::Blackout);
        $across = $section->vessel->widthMm - 2 * $section->assumptions->value(Assumed::SiliconeGap);
        $of = static fn (
            string $id,
            string $side,
            float $width,
            float $height,
            string $note,
        ): CutPanel => CutPanel::plain(
            "blackout-{$id}",
            CutGroup::Blackout,
            "Blackout, {$side} of chamber {$chamber->number()}",
            $width,
            $height,
            $thickness,
            $note,
        );
        $sides = [];
        foreach (
            [
                ['inlet', 'inlet side', $chamber->index - 1],
                ['return', 'return side', $chamber->index],
            ] as [$id, $side, $i]
        ) {
            $baffle = $section->inside->baffles[$i] ?? null;
            // Against a baffle it ends with it, so that the water still gets over; against a wall it goes to the rim,
            // outside.
            $sides[]
                = $baffle === null
                    ? $of(
                        $id,
                        $side,
                        $section->vessel->widthMm + 2 * $section->vessel->wallMm,
                        $section->vessel->heightMm,
                        'outside, on the wall',
                    )
                    : $of($id, $side, $across, $baffle->topMm - $baffle->gapMm, 'against the baffle, open where it is');
        }

        return [
            ...$sides,
            $of('front', 'front', $chamber->lengthMm(), $section->vessel->heightMm, 'outside'),
            $of('back', 'back', $chamber->lengthMm(), $section->vessel->heightMm, 'outside'),
        ];
    }

    private static function panel(Section $section, Baffle $baffle, int $number): CutPanel
    {
        $width = $section->vessel->widthMm - 2 * $section->assumptions->value(Assumed::SiliconeGap);
        $height = $baffle->edgeMm($section->assumptions) - $baffle->gapMm;
        $relief = $baffle->hangs()
            ? 0.0
            : min($section->assumptions->value(Assumed::CornerRelief), $width / 4, $height / 4);
        $outline
            = $relief > 0.0
                ? [
                    [$relief, 0.0],
                    [$width - $relief, 0.0],
                    [$width, $relief],
                    ...self::top($section, $baffle, $width, $height),
                    [0.0, $relief],
                ]
                : [[0.0, 0.0], [$width, 0.0], ...self::top($section, $baffle, $width, $height)];

        return new CutPanel(
            $baffle->id,
            CutGroup::Baffles,
            "{$number}. {$baffle->kind->label()}",
            new CutShape($width, $height, $baffle->thicknessMm, $outline),
            $baffle->hangs() ? 'hangs clear of the floor' : ($relief > 0.0 ? 'lower corners relieved' : ''),
            new SetAt($baffle->atMm, $baffle->atMm + $section->vessel->wallMm),
            material: $baffle->material($section->vessel->material),
        );
    }

    /**
     * The top edge from right to left, with the slots of a comb down to where the water goes over.
     *
     * @return list<array{float, float}>
     */
    private static function top(Section $section, Baffle $baffle, float $width, float $height): array
    {
        if (! $baffle->isToothed()) {
            return [[$width, $height], [0.0, $height]];
        }
        $slot = $section->assumptions->value(Assumed::CombSlot);
        $pitch = $slot / $baffle->openShare;
        $count = max(1, (int) floor($width / $pitch));
        $depth = $baffle->edgeMm($section->assumptions) - $baffle->topMm;
        $first = ($width - ($count - 1) * $pitch - $slot) / 2;
        $points = [[$width, $height]];
        for ($i = $count - 1; $i >= 0; $i--) {
            $left = $first + $i * $pitch;
            array_push(
                $points,
                [$left + $slot, $height],
                [$left + $slot, $height - $depth],
                [$left, $height - $depth],
                [$left, $height],
            );
        }
        $points[] = [0.0, $height];

        return $points;
    }
}
