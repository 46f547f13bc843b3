<?php

declare(strict_types=1);

namespace Ithys\Water;

/** A tank as described by its keeper, in base units. */
final readonly class Tank
{
    public const SCHEMA = 1;

    public function __construct(
        public Display $display,
        /** Sump water at its running lines, litres; 0 without a sump. */
        public float $sumpLitres,
        /** Pipes, canister and reactors, litres. */
        public float $plumbingLitres,
        public float $sandKg,
        public float $rockKg,
        /** Practical salinity. */
        public float $salinity,
        public float $celsius,
        /** Flow through the filter, L/h; null while unknown. */
        public ?float $filterLitresPerHour,
        public TurnoverSchool $school,
        /**
         * Water in further tanks on the same sump, litres; it comes with the path in force, not with the description.
         */
        public float $furtherTankLitres = 0.0,
    ) {
    }

    /**
     * The same tank with other water in its sump, another flow through the filter, or further tanks on the same sump.
     */
    public function with(float $sumpLitres, ?float $filterLitresPerHour, float $furtherTankLitres): self
    {
        return new self(
            $this->display,
            $sumpLitres,
            $this->plumbingLitres,
            $this->sandKg,
            $this->rockKg,
            $this->salinity,
            $this->celsius,
            $filterLitresPerHour,
            $this->school,
            $furtherTankLitres,
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
            'sumpLitres' => $this->sumpLitres,
            'plumbingLitres' => $this->plumbingLitres,
            'sandKg' => $this->sandKg,
            'rockKg' => $this->rockKg,
            'salinity' => $this->salinity,
            'celsius' => $this->celsius,
            'filterLitresPerHour' => $this->filterLitresPerHour,
            'school' => $this->school->value,
        ];
    }

    /**
     * @param  array<string, mixed>  $document  as {@see Tank::toArray()} made it
     *
     * @throws InvalidTank when the document is of another schema or a figure is missing
     */
    public static function fromArray(array $document): self
    {
        if (($document['schema'] ?? null) !== self::SCHEMA || ! is_array($document['display'] ?? null)) {
            throw InvalidTank::unknownDocument();
        }
        $display = $document['display'];
        $figure = static fn (array $from, string $key): float => is_int($from[$key] ?? null)
        || is_float($from[$key] ?? null)
            ? (float) $from[$key]
            : throw InvalidTank::missingFigure($key);
        $school = $document['school'] ?? null;

        return new self(
            match ($display['shape'] ?? null) {
                'box' => Display::box(
                    $figure($display, 'lengthMm'),
                    $figure($display, 'widthMm'),
                    $figure($display, 'heightMm'),
                    $figure($display, 'belowRimMm'),
                ),
                'cylinder' => Display::cylinder(
                    $figure($display, 'lengthMm'),
                    $figure($display, 'heightMm'),
                    $figure($display, 'belowRimMm'),
                ),
                'volume' => Display::volume($figure($display, 'litres')),
                default => throw InvalidTank::unknownDocument(),
            },
            $figure($document, 'sumpLitres'),
            $figure($document, 'plumbingLitres'),
            $figure($document, 'sandKg'),
            $figure($document, 'rockKg'),
            $figure($document, 'salinity'),
            $figure($document, 'celsius'),
            ($document['filterLitresPerHour'] ?? null) === null ? null : $figure($document, 'filterLitresPerHour'),
            TurnoverSchool::tryFrom(is_string($school) ? $school : '') ?? TurnoverSchool::Moderate,
        );
    }
}
