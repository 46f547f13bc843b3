<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\Fleece\Fleece;
use Ithys\Journal\Harvest\Harvest;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Renewal\Renewal;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Path\Kind;

/** Which part of a path a chore is of, which entries are that chore, and how a line of the log says that it is done. */
final class ChoreSpec
{
    /** @return list<Kind> parts of the path that want it; none for what every tank wants */
    public static function kinds(Chore $chore): array
    {
        return match ($chore) {
            Chore::Sock, Chore::Wash => [Kind::Sock],
            Chore::Pad => [Kind::Pad, Kind::DualPad],
            Chore::Floss => [Kind::Floss],
            Chore::Sponge => [Kind::Sponge],
            Chore::PreFilter => [Kind::PreFilter],
            Chore::Cup => [Kind::Skimmer],
            Chore::Roller => [Kind::Roller],
            Chore::Rinse, Chore::Harvest => [Kind::Refugium, Kind::AlgaeReactor, Kind::Scrubber],
            Chore::Bio => [Kind::Biological],
            Chore::Outlet => [Kind::Reactor],
            Chore::TopOff => [Kind::TopOff],
            Chore::Pump => [Kind::ReturnPump],
            Chore::Overflow => [Kind::OverflowDrilled, Kind::OverflowRim, Kind::Weir],
            Chore::Readings, Chore::Clarity, Chore::Water => [],
        };
    }

    /** The lighter chore of the same part that a heavier one includes; null where it includes none. */
    public static function includes(Chore $chore): ?Chore
    {
        return $chore === Chore::Harvest ? Chore::Rinse : null;
    }

    /** The chore that an entry is; null for what is none. */
    public static function of(Payload $entry): ?Chore
    {
        return match (true) {
            $entry instanceof Care => $entry->part === Part::Sock && $entry->deed !== Deed::Changed
                ? Chore::Wash
                : self::ofPart($entry->part),
            $entry instanceof SockChange => Chore::Sock,
            $entry instanceof Reading => match (true) {
                in_array($entry->parameter, Parameter::nutrients(), true) => Chore::Readings,
                $entry->parameter === Parameter::Clarity => Chore::Clarity,
                default => null,
            },
            // Zero litres are a word on a change that was not made.
            $entry instanceof WaterChange => $entry->changedLitres > 0.0 ? Chore::Water : null,
            $entry instanceof Fleece => $entry->leftMm === null ? null : Chore::Roller,
            $entry instanceof Harvest => Chore::Harvest,
            $entry instanceof Renewal => Chore::Bio,
            $entry instanceof Outlet => Chore::Outlet,
            default => null,
        };
    }

    private static function ofPart(Part $part): ?Chore
    {
        return match ($part) {
            Part::Sock => Chore::Sock,
            Part::Pad => Chore::Pad,
            Part::Floss => Chore::Floss,
            Part::Sponge => Chore::Sponge,
            Part::PreFilter => Chore::PreFilter,
            Part::SkimmerCup => Chore::Cup,
            Part::Macroalgae => Chore::Rinse,
            Part::Reservoir => Chore::TopOff,
            Part::Pump => Chore::Pump,
            Part::Overflow => Chore::Overflow,
            Part::Roller, Part::Glass, Part::Sand, Part::Sump => null,
        };
    }

    /**
     * The line that says it is done, and whether a figure is still to be written behind it.
     *
     * @return array{string, bool}
     */
    public static function line(Chore $chore): array
    {
        return match ($chore) {
            Chore::Sock => ['sock changed', false],
            Chore::Wash => ['socks washed', false],
            Chore::Pad => ['pad changed', false],
            Chore::Floss => ['floss changed', false],
            Chore::Sponge => ['sponge cleaned', false],
            Chore::PreFilter => ['pre-filter cleaned', false],
            Chore::Cup => ['skimmer cup emptied', false],
            Chore::Roller => ['fleece left ', true],
            Chore::Rinse => ['macroalgae rinsed', false],
            Chore::Harvest => ['harvested ', true],
            Chore::Bio => ['renewed a third of the bio media', false],
            Chore::Outlet => ['reactor po4 in ', true],
            Chore::TopOff => ['reservoir filled', false],
            Chore::Pump => ['return pump cleaned', false],
            Chore::Overflow => ['overflow cleaned', false],
            Chore::Readings => ['no3 ', true],
            Chore::Clarity => ['clarity ', true],
            Chore::Water => ['water change ', true],
        };
    }
}
