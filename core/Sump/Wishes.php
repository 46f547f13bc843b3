<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumed;
use Ithys\Flow\Weir;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** What can be added by what it is for: each wish is tried out before it is offered. */
final readonly class Wishes
{
    /** A wall behind a tray stands so much higher than what has to stand on it, mm. */
    private const OVER = 10.0;

    /** Wider pipes as they are sold, mm. */
    private const PIPES = [50.0, 63.0, 75.0, 90.0];

    private function __construct(private Section $section, private float $litresPerHour)
    {
    }

    /**
     * @param  ?float  $litresPerHour  flow; null while not known, when no level can be promised
     * @return list<Wish>
     */
    public static function of(Section $section, ?float $litresPerHour, ?Path $path): array
    {
        $here = new self($section, $litresPerHour ?? 0.0);
        $tray = $here->tray($path);

        return [
            ...$litresPerHour === null ? [] : $here->depths(),
            ...$tray === null ? [] : [$tray],
        ];
    }

    /** @return list<Wish> a weir behind each device that stands too shallow, which holds its depth */
    private function depths(): array
    {
        $wishes = [];
        $levels = WaterLines::running($this->section, $this->litresPerHour)->levelsMm;
        foreach ($this->section->inside->placed as $device) {
            $low = $device->depth->leastMm;
            $level = $levels[$device->chamber] ?? null;
            if ($device->kind === DeviceKind::Heater || $low === null || $level === null) {
                continue;
            }
            if ($level - $device->standMm >= $low) {
                continue;
            }
            $wanted = ($low + ($device->depth->mostMm ?? $low + 2 * self::OVER)) / 2;
            $wish = $this->hold($device, $wanted);
            if ($wish !== null) {
                $wishes[] = $wish;
            }
        }

        return $wishes;
    }

    private function hold(Placed $device, float $depthMm): ?Wish
    {
        $chamber = $this->section->chambers()[$device->chamber];
        $level = $device->standMm + $depthMm;
        $thickness = $this->section->assumptions->value(Assumed::ProposedThickness);
        $at = $chamber->fromMm
            + $device->size->lengthMm
            + 2 * $this->section->assumptions->value(Assumed::WorkingRoom);
        $head = (new Weir($level, $this->section->vessel->widthMm))->head($this->litresPerHour);
        $wish = new Wish(
            Text::of('Hold {depth} for {device}', depth: Quantity::mm($depthMm), device: $device->name),
            $device->chamber,
            [new Baffle('hold', BaffleKind::Weir, ceil($at), $thickness, round($level - $head))],
        );
        if ($at + $thickness + $this->section->assumptions->value(Assumed::TrapSpace) > $chamber->toMm) {
            return null;
        }
        $then = WaterLines::running($wish->in($this->section), $this->litresPerHour);
        $stands = $then->levelsMm[$device->chamber] - $device->standMm;

        $rim = $this->section->vessel->heightMm - $this->section->assumptions->value(Assumed::RimMargin);

        return $then->highestMm() <= $rim
            && $stands >= (float) $device->depth->leastMm
            && $stands <= ($device->depth->mostMm ?? INF)
            ? $wish
            : null;
    }

    /** A tray with the holes that the path asks for and, where what stands on it would run off, a wall behind it. */
    private function tray(?Path $path): ?Wish
    {
        $socks = $path?->itemsOf(Kind::Sock) ?? [];
        $rollers = $path?->itemsOf(Kind::Roller) ?? [];
        $there = array_filter($this->section->inside->trays, static fn (Tray $tray): bool => $tray->canClog());
        $first = $this->section->inside->baffles[0] ?? null;
        if ($there !== [] || $first === null || [...$socks, ...$rollers] === []) {
            return null;
        }
        $assumptions = $this->section->assumptions;
        $tray = $this->carrying(Proposal::trays($this->section, $path)[TrayKind::Tray->value]);
        $stands = max(0.0, ...array_map(
            static fn (Opening $opening): float => $opening->kind === OpeningKind::Standpipe ? $opening->standsMm : 0.0,
            $tray->openings,
        ), ...$rollers === [] ? [] : [$assumptions->value(Assumed::StandingOverRoller)]);
        $edge = $tray->topMm + $stands + self::OVER;
        $rim = $this->section->vessel->heightMm;
        $walls = [];
        if ($first->topMm < $edge) {
            $thickness = $assumptions->value(Assumed::ProposedThickness);
            $walls[] = new Baffle(
                'wall',
                BaffleKind::Under,
                $first->atMm - $assumptions->value(Assumed::TrapSpace) - $thickness,
                $thickness,
                min($edge, $rim),
                $assumptions->value(Assumed::ProposedGap),
            );
        }
        $counts = [
            ...$socks === [] ? [] : [Text::of(
                self::count($socks) === 1 ? 'a sock' : '{socks} socks',
                socks: self::count($socks),
            )],
            ...$rollers === [] ? [] : [Text::wrap('the roller')],
        ];
        $wish = new Wish(
            Text::of(
                $walls === [] ? 'Tray for {what}' : 'Tray for {what}, with its wall',
                what: Text::join(' and ', $counts),
            ),
            0,
            $walls,
            [$tray],
        );
        $chamber = $wish->in($this->section)->chambers()[0];

        return $edge <= $rim && $chamber->lengthMm() > 0.0 && $tray->places($chamber, $assumptions) !== null
            ? $wish
            : null;
    }

    /** The tray with a standpipe wide enough that clogged cloth does not flood; as proposed where none is. */
    private function carrying(Tray $tray): Tray
    {
        $most = $this->section->vessel->heightMm - $this->section->assumptions->value(Assumed::RimMargin);
        foreach ([0.0, ...self::PIPES] as $bore) {
            $wider = new Tray($tray->id, $tray->kind, $tray->chamber, $tray->topMm, $tray->thicknessMm, array_map(
                static fn (Opening $one): Opening => $one->kind === OpeningKind::Standpipe && $bore > $one->lengthMm
                    ? new Opening($one->id, $one->kind, $bore, $bore, $one->standsMm, $one->hangsMm)
                    : $one,
                $tray->openings,
            ));
            $level = $wider->cloggedLevelMm($this->litresPerHour, $this->section->assumptions);
            if ($level !== null && $level <= $most) {
                return $wider;
            }
        }

        return $tray;
    }

    /** @param  list<Item>  $items */
    private static function count(array $items): int
    {
        return array_sum(array_map(static fn (Item $item): int => $item->count(), $items));
    }
}
