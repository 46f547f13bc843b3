<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\BasketUse;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** Parts to begin with, of a usual size and where there is room for them; the keeper sets them right. */
final class Proposal
{
    /** Baffles stand behind the last one, so far at the most, mm. */
    private const BEHIND = 80.0;

    /** A weir is so much lower than the one before it, mm: its head and a little. */
    private const STEP = 15.0;

    /** Room left under a media basket, for the water to leave, mm. */
    private const UNDER_BASKET = 20.0;

    /** A hanging baffle stands so far out of the water, mm. */
    private const OVER_WATER = 60.0;

    /**
     * Top of a weir before the return: of a usual height, but lower than the last one, which it would drown, and higher
     * than the water behind it, mm.
     */
    private static function weirMm(Section $section): float
    {
        $usual = $section->assumptions->value(Assumed::ProposedBaffle) * $section->vessel->heightMm;
        foreach (array_reverse($section->inside->baffles) as $baffle) {
            if (! $baffle->hangs()) {
                $usual = min($usual, $baffle->topMm - self::STEP);

                break;
            }
        }

        return max($usual, $section->water->returnLevelMm + self::STEP);
    }

    /** @return array<string, list<Baffle>> what stands together, by {@see BaffleKind} and "trap" */
    public static function baffles(Section $section): array
    {
        $assumptions = $section->assumptions;
        $last = $section->returnChamber();
        $at = $last->fromMm + min(self::BEHIND, $last->lengthMm() / 3);
        $height = $section->vessel->heightMm;
        $weir = self::weirMm($section);
        $under = max($assumptions->value(Assumed::ProposedUnder) * $height, $weir + self::OVER_WATER);
        $thickness = $assumptions->value(Assumed::ProposedThickness);
        $step = $thickness + $assumptions->value(Assumed::TrapSpace);
        $baffle = static fn (BaffleKind $kind, float $at, float $top): Baffle => new Baffle(
            $kind->value,
            $kind,
            round($at),
            $thickness,
            round($top),
            $kind === BaffleKind::Under ? $assumptions->value(Assumed::ProposedGap) : 0.0,
            $kind === BaffleKind::Comb ? 0.5 : 1.0,
        );
        $proposals = [];
        foreach (BaffleKind::cases() as $kind) {
            $proposals[$kind->value] = [$baffle($kind, $at, $kind === BaffleKind::Under ? $under : $weir)];
        }
        $proposals['trap'] = [
            $baffle(BaffleKind::Weir, $at, $weir),
            $baffle(BaffleKind::Under, $at + $step, $under),
            $baffle(BaffleKind::Weir, $at + 2 * $step, max($weir - self::STEP, $section->water->returnLevelMm)),
        ];

        return $proposals;
    }

    /**
     * A media basket: cut to the chamber behind the slots that it fills, as high as the lid and the water allow; in a
     * sump, to a cavity that is yet to be measured.
     */
    public static function basket(Section $section): Basket
    {
        $usual = Basket::usual();
        $rear = $section->inside->rear;
        if ($rear === null) {
            return $usual;
        }
        $chambers = $section->chambers();
        $index = min(1, count($section->inside->baffles) - 1);
        $chamber = $chambers[max(0, $index)];
        // Its front ends under what the water comes over, and its shelves stand under water.
        $before = $index > 0 && ! $section->inside->baffles[$index - 1]->hangs()
            ? $section->inside->baffles[$index - 1]->topMm
            : $rear->crestMm;
        $top = min(
            $section->vessel->heightMm,
            ($rear->lidMm ?? $section->vessel->heightMm) - $section->assumptions->value(Assumed::LidGap),
        );
        $height = floor(max(60.0, $top - self::UNDER_BASKET));
        $inlet = ceil(max($usual->inletMm, $top - $before + self::STEP));

        return new Basket(
            floor($chamber->lengthMm()),
            floor($chamber->widthMm),
            $height,
            $usual->clearanceMm,
            $usual->thicknessMm,
            $usual->shelves,
            min($inlet, floor($height / 2)),
            new BasketUse(max(0, $index), self::UNDER_BASKET),
        );
    }

    /** @return array<string, Placed> by kind of device */
    public static function devices(Section $section): array
    {
        $assumptions = $section->assumptions;
        $return = count($section->inside->baffles);

        return [
            'skimmer' => new Placed(
                'skimmer',
                DeviceKind::Skimmer,
                'Skimmer',
                self::roomFor($section, self::size('skimmer', $assumptions), 0),
                self::size('skimmer', $assumptions),
                depth: new Depth(
                    $assumptions->value('device-skimmer-low'),
                    $assumptions->value('device-skimmer-high'),
                ),
            ),
            'heater' => new Placed(
                'heater',
                DeviceKind::Heater,
                'Heater',
                $return,
                self::size('heater', $assumptions),
                depth: new Depth($assumptions->value('device-heater-line')),
            ),
            'other' => new Placed('other', DeviceKind::Other, 'Device', 0, self::size('other', $assumptions)),
        ];
    }

    /**
     * What of a path stands in a sump and is not placed there yet, as it would stand there: of the size the path gives,
     * or else of a usual one. The depth its maker asks for is left to the keeper.
     *
     * @return list<Placed> with the item each one is
     */
    public static function fromPath(Section $section, Path $path): array
    {
        $return = count($section->inside->baffles);
        $placed = [];
        foreach ($path->items() as $item) {
            $usual = match ($item->kind) {
                Kind::Skimmer => [DeviceKind::Skimmer, 0, 'skimmer'],
                Kind::Heater => [DeviceKind::Heater, 0, 'heater'],
                Kind::ReturnPump => [DeviceKind::Pump, $return, 'return-pump'],
                Kind::FeedPump => [DeviceKind::Pump, 0, 'feed-pump'],
                Kind::Reactor, Kind::AlgaeReactor => [DeviceKind::Other, max(0, $return - 1), 'reactor'],
                // Behind a display a basket is made to its chamber; see basket().
                Kind::Basket => $section->front === null
                    ? [DeviceKind::Other, max(0, $return - 1), 'media']
                    : null,
                Kind::Bag => [DeviceKind::Other, max(0, $return - 1), 'media'],
                default => null,
            };
            $isPlaced
                = array_filter(
                    $section->inside->placed,
                    static fn (Placed $device): bool => $device->item === $item->id || $device->name === $item->title(),
                ) !== [];
            if ($usual !== null && ! $isPlaced) {
                [$kind, $chamber, $name] = $usual;
                $usualSize = self::size($name, $section->assumptions);
                $size = new Size(
                    $item->figure(Figure::Length) ?? $usualSize->lengthMm,
                    $item->figure(Figure::Width) ?? $usualSize->widthMm,
                    $item->figure(Figure::Height) ?? $usualSize->heightMm,
                );
                $placed[] = new Placed(
                    $item->id,
                    $kind,
                    $item->title(),
                    $kind === DeviceKind::Pump && $chamber === $return
                        ? $chamber
                        : self::roomFor($section, $size, $chamber),
                    $size,
                    depth: $kind === DeviceKind::Heater
                        ? new Depth($section->assumptions->value('device-heater-line'))
                        : new Depth,
                    item: $item->id,
                );
            }
        }

        return $placed;
    }

    /**
     * The first chamber before the return that a device goes into, without a tray over it and with nothing in it; the
     * one it usually stands in where none is.
     */
    private static function roomFor(Section $section, Size $size, int $usual): int
    {
        $taken = [
            ...array_map(static fn (Tray $tray): int => $tray->chamber, $section->inside->trays),
            ...array_map(static fn (Placed $device): int => $device->chamber, $section->inside->placed),
        ];
        $return = count($section->inside->baffles);
        foreach ($section->chambers() as $chamber) {
            if ($chamber->takes($size) && $chamber->index < $return && ! in_array($chamber->index, $taken, true)) {
                return $chamber->index;
            }
        }

        return $usual;
    }

    private static function size(string $device, Assumptions $assumptions): Size
    {
        return new Size(
            $assumptions->value("device-{$device}-length"),
            $assumptions->value("device-{$device}-width"),
            $assumptions->value("device-{$device}-height"),
        );
    }

    /**
     * @return array<string, Tray> by {@see TrayKind}; a tray has the holes that the socks and rollers of the path ask
     *   for
     */
    public static function trays(Section $section, ?Path $path = null): array
    {
        // The first that stands holds the water under the tray; one that hangs lets it through.
        $standing = array_values(array_filter(
            $section->inside->baffles,
            static fn (Baffle $baffle): bool => ! $baffle->hangs(),
        ));
        $weir = $standing[0]->topMm
            ?? $section->assumptions->value(Assumed::ProposedBaffle) * $section->vessel->heightMm;
        $thickness = $section->assumptions->value(Assumed::ProposedTray);
        $rollers = $path?->itemsOf(Kind::Roller) ?? [];
        $openings = [];
        foreach ([...$path?->itemsOf(Kind::Sock) ?? [], ...$rollers] as $item) {
            $kind
                = $item->kind === Kind::Roller
                    ? OpeningKind::Roller
                    : ($item->choice(Choice::Hole) === '7in'
                        ? OpeningKind::LargeSock
                        : OpeningKind::SmallSock);
            for ($n = 0; $n < $item->count(); $n++) {
                $openings[] = $kind->usual('hole-'.(count($openings) + 1), $section->assumptions);
            }
        }
        $openings = [
            ...$openings === [] ? [OpeningKind::SmallSock->usual('hole-1', $section->assumptions)] : $openings,
            OpeningKind::Standpipe->usual('standpipe', $section->assumptions),
        ];
        $under = $rollers === [] ? 0.0 : $section->assumptions->value(Assumed::RoomUnderRoller);
        $top = min($section->vessel->heightMm - 60.0, max($weir + 40.0, ceil($under + $thickness)));

        $clear = $section->assumptions->value(Assumed::SockClearance);
        $openings = array_map(
            // A sock no longer than there is room for.
            static fn (Opening $one): Opening => $one->kind->isSock()
                ? new Opening(
                    $one->id,
                    $one->kind,
                    $one->lengthMm,
                    $one->widthMm,
                    $one->standsMm,
                    max(1.0, min($one->hangsMm, floor($top - $clear))),
                )
                : $one,
            $openings,
        );

        return [
            TrayKind::Tray->value => new Tray('tray', TrayKind::Tray, 0, round($top), $thickness, $openings),
            TrayKind::EggCrate->value => new Tray(
                'egg-crate',
                TrayKind::EggCrate,
                max(0, count($section->inside->baffles) - 1),
                round($section->assumptions->value(Assumed::ProposedShelf) * $section->vessel->heightMm),
                12.0,
            ),
        ];
    }
}
