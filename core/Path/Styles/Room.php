<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumptions;
use Ithys\Water\Tank;

/** The room a filter has to fit: the tank, the cabinet, the purse and the people. */
final readonly class Room
{
    public function __construct(
        /** Water of the display, net of rock and sand, L. */
        public float $displayLitres,
        /** Inner length of the display, mm; null while not known. */
        public ?float $displayLengthMm,
        /** Room under the tank, mm; null while not known or without a cabinet. */
        public ?float $cabinetLengthMm = null,
        public ?float $cabinetWidthMm = null,
        public ?float $cabinetHeightMm = null,
        /** What the filter may cost, in the keeper's currency; null for no limit given. */
        public ?float $budget = null,
        public Tolerance $noise = Tolerance::Some,
        public Tolerance $spill = Tolerance::Some,
        public Skill $skill = Skill::Some,
        public float $pricePerKilowattHour = 0.30,
        public bool $drilled = false,
        /** Whether nothing of the filter may show in the display. */
        public bool $cleanLook = false,
    ) {
    }

    /** Water a sump in this cabinet adds at its running lines, L; null without a cabinet. */
    public function sumpLitres(): ?float
    {
        return SumpFit::of($this)?->runningLitres;
    }

    /** @return array<string, mixed> the room as stored; the tank is described elsewhere */
    public function toArray(): array
    {
        return [
            'cabinetLengthMm' => $this->cabinetLengthMm,
            'cabinetWidthMm' => $this->cabinetWidthMm,
            'cabinetHeightMm' => $this->cabinetHeightMm,
            'budget' => $this->budget,
            'noise' => $this->noise->value,
            'spill' => $this->spill->value,
            'skill' => $this->skill->value,
            'pricePerKilowattHour' => $this->pricePerKilowattHour,
            'drilled' => $this->drilled,
            'cleanLook' => $this->cleanLook,
        ];
    }

    /**
     * The room around a tank as stored; what is missing or unknown keeps its default.
     *
     * @param  array<mixed>  $stored
     */
    public static function around(Tank $tank, array $stored): self
    {
        $figure = static fn (string $key): ?float => is_int($stored[$key] ?? null) || is_float($stored[$key] ?? null)
            ? (float) $stored[$key]
            : null;
        $word = static fn (string $key): string => is_string($stored[$key] ?? null) ? $stored[$key] : '';

        return new self(
            $tank->workingVolume()->displayLitres,
            $tank->display->lengthMm,
            $figure('cabinetLengthMm'),
            $figure('cabinetWidthMm'),
            $figure('cabinetHeightMm'),
            $figure('budget'),
            Tolerance::tryFrom($word('noise')) ?? Tolerance::Some,
            Tolerance::tryFrom($word('spill')) ?? Tolerance::Some,
            Skill::tryFrom($word('skill')) ?? Skill::Some,
            $figure('pricePerKilowattHour') ?? Assumptions::powerPrice()->value,
            ($stored['drilled'] ?? false) === true,
            ($stored['cleanLook'] ?? false) === true,
        );
    }
}
