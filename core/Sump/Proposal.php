<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** Parts to begin with, of a usual size and where there is room for them; the keeper sets them right. */
final class Proposal
{
    /** Baffles stand behind the last one, so far at the most, mm. */
    private const BEHIND = 80.0;

    private const THICKNESS = 6.0;

    private const GAP = 30.0;

    private const TRAY = 10.0;

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
        $baffle = static fn (BaffleKind $kind, float $at, float $top): Baffle => new Baffle(
            $kind->value,
            $kind,
            round($at),
            self::THICKNESS,
            round($top),
            $kind === BaffleKind::Under ? self::GAP : 0.0,
            $kind === BaffleKind::Comb ? 0.5 : 1.0,
        );
        $proposals = [];
        foreach (BaffleKind::cases() as $kind) {
            $proposals[$kind->value] = [
                $baffle($kind, $at, $kind === BaffleKind::Under ? 0.85 * $section->heightMm : $weir),
            ];
        }
        $proposals['trap'] = [
            $baffle(BaffleKind::Weir, $at, $weir),
            $baffle(BaffleKind::Under, $at + $step, 0.85 * $section->heightMm),
            $baffle(BaffleKind::Weir, $at + 2 * $step, $weir - 15),
        ];

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

    /**
     * What of a path stands in a sump and is not placed there yet, as it would stand there: of the size the path gives,
     * or else of a usual one. The depth its maker asks for is left to the keeper.
     *
     * @return list<Placed> with the item each one is
     */
    public static function fromPath(Section $section, Path $path): array
    {
        $return = count($section->baffles);
        $placed = [];
        foreach ($path->items() as $item) {
            $usual = match (true) {
                $item->kind === Kind::Skimmer => ['skimmer', 0, 200.0, 180.0, 450.0],
                $item->kind === Kind::Heater => ['heater', 0, 250.0, 30.0, 30.0],
                $item->kind === Kind::ReturnPump => ['pump', $return, 110.0, 80.0, 100.0],
                $item->kind === Kind::FeedPump => ['pump', 0, 60.0, 50.0, 60.0],
                $item->kind === Kind::Reactor, $item->kind === Kind::AlgaeReactor => [
                    'other',
                    max(0, $return - 1),
                    110.0,
                    110.0,
                    350.0,
                ],
                $item->kind === Kind::Bag, $item->kind === Kind::Basket => [
                    'other',
                    max(0, $return - 1),
                    120.0,
                    80.0,
                    60.0,
                ],
                default => null,
            };
            $isPlaced
                = array_filter(
                    $section->placed,
                    static fn (Placed $device): bool => $device->item === $item->id || $device->name === $item->title(),
                ) !== [];
            if ($usual !== null && ! $isPlaced) {
                [$kind, $chamber, $length, $width, $height] = $usual;
                $placed[] = new Placed(
                    $item->id,
                    $kind,
                    $item->title(),
                    $chamber,
                    $item->figure(Figure::Length) ?? $length,
                    $item->figure(Figure::Width) ?? $width,
                    $item->figure(Figure::Height) ?? $height,
                    depthLowMm: $kind === 'heater' ? 30.0 : null,
                    item: $item->id,
                );
            }
        }

        return $placed;
    }

    /**
     * @return array<string, Tray> by {@see TrayKind}; a tray has the holes that the socks and rollers of the path ask
     *   for
     */
    public static function trays(Section $section, ?Path $path = null): array
    {
        $weir = $section->baffles[0]->topMm ?? 0.6 * $section->heightMm;
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
                $openings[] = $kind->usual('hole-'.(count($openings) + 1));
            }
        }
        $openings = [
            ...$openings === [] ? [OpeningKind::SmallSock->usual('hole-1')] : $openings,
            OpeningKind::Standpipe->usual('standpipe'),
        ];
        $under = $rollers === [] ? 0.0 : Assumptions::roomUnderRoller()->value;
        $top = min($section->heightMm - 60.0, max($weir + 40.0, ceil($under + self::TRAY)));

        return [
            TrayKind::Tray->value => new Tray('tray', TrayKind::Tray, 0, round($top), self::TRAY, $openings),
            TrayKind::EggCrate->value => new Tray(
                'egg-crate',
                TrayKind::EggCrate,
                max(0, count($section->baffles) - 1),
                round(0.3 * $section->heightMm),
                12.0,
            ),
        ];
    }
}
