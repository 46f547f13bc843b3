<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** A further tank that drains into the sump, by its line on the path; a figure is null while it is not given. */
final readonly class FurtherTank
{
    public function __construct(
        public string $line,
        public ?float $lengthMm = null,
        public ?float $widthMm = null,
        /** How far it falls until its lowest siphon breaks, mm. */
        public ?float $fallMm = null,
        /** Water in its overflow box that drains, L. */
        public ?float $boxLitres = null,
        public ?Overflow $overflow = null,
        public PipeRun $drain = new PipeRun,
        public PipeRun $return = new PipeRun,
    ) {
    }

    public function fall(string $name): TankFall
    {
        return new TankFall(
            $name,
            $this->lengthMm === null || $this->widthMm === null ? null : $this->lengthMm * $this->widthMm,
            $this->fallMm,
            $this->boxLitres,
            PipeRun::litresOf($this->drain, $this->return),
        );
    }

    /** @return array<string, mixed> what is given, by property */
    public function toArray(): array
    {
        return array_filter(
            [
                'line' => $this->line,
                'lengthMm' => $this->lengthMm,
                'widthMm' => $this->widthMm,
                'fallMm' => $this->fallMm,
                'boxLitres' => $this->boxLitres,
                'overflowMm' => $this->overflow?->lengthMm,
                'drainBoreMm' => $this->drain->boreMm,
                'drainLengthMm' => $this->drain->lengthMm,
                'drainFallMm' => $this->drain->heightMm,
                'drainFittings' => $this->drain->fittings,
                'boreMm' => $this->return->boreMm,
                'pipeLengthMm' => $this->return->lengthMm,
            ],
            static fn (mixed $value): bool => $value !== null && $value !== [],
        );
    }
}
