<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;
use Ithys\Water\Basis;
use Ithys\Water\Nutrient;

/** One nitrate or phosphate reading, held in mg/L of the ion with the basis it was read in. */
final readonly class Reading implements Payload
{
    private function __construct(
        public Nutrient $nutrient,
        public float $mgPerLitre,
        public Basis $basis,
        /** The step the figure was written with, mg/L of the ion. */
        public float $step,
        /** The kit read "less than" this figure. */
        public bool $belowLimit,
        public bool $cloudy,
        public ?string $method,
    ) {
    }

    /**
     * @param  float  $figure  mg/L in the given basis
     * @param  float  $step  mg/L in the given basis
     *
     * @throws InvalidEntry when the figure cannot be a reef reading
     */
    public static function of(
        Nutrient $nutrient,
        float $figure,
        Basis $basis = Basis::Ion,
        float $step = 0.0,
        bool $belowLimit = false,
        bool $cloudy = false,
        ?string $method = null,
    ): self {
        $ion = Amount::within(
            $basis->toIon($figure, $nutrient),
            0.0,
            $nutrient->highestBelievable(),
            'A '.$nutrient->label().' reading',
            ' ppm',
        );

        return new self(
            $nutrient,
            $ion,
            $basis,
            $basis->toIon($step, $nutrient),
            $belowLimit,
            $cloudy,
            $method === '' ? null : $method,
        );
    }

    public static function fromData(PayloadData $data): self
    {
        $nutrient
            = Nutrient::tryFrom($data->text('nutrient'))
            ?? throw InvalidEntry::unknown('nutrient', $data->text('nutrient'));
        // What was stored before bases were kept is the whole ion.
        $basis = $data->optionalWord('basis', Basis::class) ?? Basis::Ion;

        return new self($nutrient, $data->figure('mgPerLitre'), $basis, $data->optionalFigure('step') ?? 0.0,
            $data->flag('belowLimit'), $data->flag('cloudy'), $data->optionalText('method'));
    }

    public function withCloudy(): self
    {
        return new self(
            $this->nutrient,
            $this->mgPerLitre,
            $this->basis,
            $this->step,
            $this->belowLimit,
            true,
            $this->method,
        );
    }

    public function kind(): EntryKind
    {
        return EntryKind::Reading;
    }

    public function toArray(): array
    {
        return [
            'nutrient' => $this->nutrient->value,
            'mgPerLitre' => $this->mgPerLitre,
            'basis' => $this->basis->value,
            'step' => $this->step,
            'belowLimit' => $this->belowLimit,
            'cloudy' => $this->cloudy,
            'method' => $this->method,
        ];
    }

    public function summary(UnitSystem $units): string
    {
        return sprintf(
            '%s %s%s ppm',
            $this->nutrient->label(),
            $this->belowLimit ? 'below ' : '',
            Amount::plain($this->mgPerLitre),
        ).($this->cloudy ? ', cloudy' : '');
    }
}
