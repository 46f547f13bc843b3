<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumptions;

/** A tank as described by its keeper, in base units. */
final readonly class Tank
{
    public const SCHEMA = 1;

    /** Defaults as this tank has them. */
    public Assumptions $assumptions;

    public function __construct(
        public Display $display,
        public BesideDisplay $beside,
        public Ground $ground,
        public Conditions $water,
        /** Flow through the filter, L/h; null while unknown. */
        public ?float $filterLitresPerHour,
        public TurnoverSchool $school,
        ?Assumptions $assumptions = null,
        /** What pumps move in the display, L/h; null while unknown. */
        public ?float $circulationLitresPerHour = null,
    ) {
        $this->assumptions = $assumptions ?? Assumptions::standard();
    }

    /**
     * The same tank with other water in its sump, another flow through the filter, or further tanks on the same sump.
     */
    public function with(float $sumpLitres, ?float $filterLitresPerHour, float $furtherTankLitres): self
    {
        return new self(
            $this->display,
            new BesideDisplay($sumpLitres, $this->beside->plumbingLitres, $furtherTankLitres),
            $this->ground,
            $this->water,
            $filterLitresPerHour,
            $this->school,
            $this->assumptions,
            $this->circulationLitresPerHour,
        );
    }

    /** The same tank under other assumptions. */
    public function assuming(Assumptions $assumptions): self
    {
        return new self(
            $this->display,
            $this->beside,
            $this->ground,
            $this->water,
            $this->filterLitresPerHour,
            $this->school,
            $assumptions,
            $this->circulationLitresPerHour,
        );
    }

    public function workingVolume(): WorkingVolume
    {
        return WorkingVolume::of($this);
    }

    /** @return array<string, mixed> the design document, schema version {@see Tank::SCHEMA} */
    public function toArray(): array
    {
        return [
            'schema' => self::SCHEMA,
            'display' => [
                'shape' => $this->display->shape,
                'lengthMm' => $this->display->lengthMm,
                'widthMm' => $this->display->widthMm,
                'heightMm' => $this->display->heightMm,
                'belowRimMm' => $this->display->belowRimMm,
                'litres' => $this->display->litres,
            ],
            'sumpLitres' => $this->beside->sumpLitres,
            'plumbingLitres' => $this->beside->plumbingLitres,
            'sandKg' => $this->ground->sandKg,
            'rockKg' => $this->ground->rockKg,
            'salinity' => $this->water->salinity,
            'celsius' => $this->water->celsius,
            'filterLitresPerHour' => $this->filterLitresPerHour,
            'school' => $this->school->value,
            'circulationLitresPerHour' => $this->circulationLitresPerHour,
        ];
    }
}
