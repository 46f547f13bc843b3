<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Flow\Standpipe;
use Ithys\Packing\Nest;
use Ithys\Packing\Nesting;
use Ithys\Sump\Chamber;

/** A tray or shelf across one chamber. */
final readonly class Tray
{
    /** A hole keeps so far from the ledge that a rim or flange passes it, mm. */
    private const OFF_LEDGE = 2.0;

    /** @param  list<Opening>  $openings */
    public function __construct(
        public string $id,
        public TrayKind $kind,
        public int $chamber,
        /** Its top over the floor, mm. */
        public float $topMm,
        public float $thicknessMm,
        public array $openings = [],
    ) {
    }

    public function inChamber(int $chamber): self
    {
        return new self($this->id, $this->kind, $chamber, $this->topMm, $this->thicknessMm, $this->openings);
    }

    public function undersideMm(): float
    {
        return $this->topMm - $this->thicknessMm;
    }

    /** Whether it lies between the floor and a rim so high. */
    public function liesWithin(float $rimMm): bool
    {
        return $this->topMm <= $rimMm && $this->undersideMm() >= 0.0;
    }

    /** Length along the sump of the sheet that is dropped into a chamber, mm. */
    public function lengthMm(Chamber $chamber, Assumptions $assumptions): float
    {
        return $chamber->lengthMm() - 2 * $assumptions->value(Assumed::TrayClearance);
    }

    public function widthMm(Chamber $chamber, Assumptions $assumptions): float
    {
        return $chamber->widthMm - 2 * $assumptions->value(Assumed::TrayClearance);
    }

    /**
     * How far its ledges reach in from the front and back glass: they are glued by their wide face, so by their
     * thickness, mm.
     */
    public function ledgeReachMm(Assumptions $assumptions): float
    {
        return $this->kind === TrayKind::Tray ? $this->thicknessMm : $assumptions->value(Assumed::ShelfLedge);
    }

    /** How far a hole keeps from the front and back edge of the sheet: off the ledge, and with its web, mm. */
    private function clearOfLedge(Assumptions $assumptions): float
    {
        $reach = $this->ledgeReachMm($assumptions) - $assumptions->value(Assumed::TrayClearance);

        return max($assumptions->value(Assumed::TrayWeb), $reach + self::OFF_LEDGE);
    }

    /**
     * Where its openings go, each lower left corner from that of the sheet, with sheet left between and around; null
     * where they do not all fit.
     *
     * @return ?array<string, Nest> by opening
     */
    public function places(Chamber $chamber, Assumptions $assumptions): ?array
    {
        $web = $assumptions->value(Assumed::TrayWeb);
        $front = $this->clearOfLedge($assumptions);
        $sizes = [];
        foreach ($this->openings as $opening) {
            $sizes[$opening->id] = [$opening->lengthMm, $opening->widthMm];
        }
        $nesting = Nesting::of(
            $sizes,
            max(0.0, $this->lengthMm($chamber, $assumptions) - 2 * $web),
            max(0.0, $this->widthMm($chamber, $assumptions) - 2 * $front),
            $web,
        );
        if ($nesting->tooLarge !== [] || count($nesting->sheets) > 1) {
            return null;
        }
        $places = [];
        foreach ($nesting->sheets[0] ?? [] as $nest) {
            $places[$nest->mark] = new Nest(
                $nest->mark,
                $nest->xMm + $web,
                $nest->yMm + $front,
                $nest->lengthMm,
                $nest->widthMm,
                $nest->turned,
            );
        }

        return $places;
    }

    public function has(OpeningKind ...$kinds): bool
    {
        return $this->of(...$kinds) !== [];
    }

    /** @return list<Opening> */
    public function of(OpeningKind ...$kinds): array
    {
        return array_values(
            array_filter($this->openings, static fn (Opening $opening): bool => in_array($opening->kind, $kinds, true)),
        );
    }

    /** Whether all the water has to pass cloth that can clog. */
    public function canClog(): bool
    {
        return array_filter($this->openings, static fn (Opening $opening): bool => $opening->kind->filters()) !== []
            && ! $this->has(OpeningKind::Spare);
    }

    /**
     * How high the water stands over the floor when every sock and roller is clogged and the standpipes carry it all,
     * mm; null without one.
     */
    public function cloggedLevelMm(float $litresPerHour, Assumptions $assumptions): ?float
    {
        $pipes = $this->of(OpeningKind::Standpipe);
        if ($pipes === []) {
            return null;
        }
        usort($pipes, static fn (Opening $a, Opening $b): int => $a->standsMm <=> $b->standsMm);

        $mouth = new Standpipe($pipes[0]->lengthMm, $assumptions->value(Assumed::Orifice));

        return $this->topMm + $pipes[0]->standsMm + $mouth->head($litresPerHour);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'chamber' => $this->chamber,
            'topMm' => $this->topMm,
            'thicknessMm' => $this->thicknessMm,
            ...$this->openings === []
                ? []
                : ['openings' => array_map(static fn (Opening $one): array => $one->toArray(), $this->openings)],
        ];
    }
}
