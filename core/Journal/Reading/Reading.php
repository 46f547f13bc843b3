<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** One reading, held in the base unit of its parameter (of the ion, where it has one) with the basis it was read in. */
final readonly class Reading implements Payload
{
    use PlainPayload;

    private function __construct(
        public Parameter $parameter,
        public float $value,
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
        Parameter $parameter,
        float $figure,
        Basis $basis = Basis::Ion,
        float $step = 0.0,
        bool $belowLimit = false,
        bool $cloudy = false,
        ?string $method = null,
    ): self {
        [$least, $most] = $parameter->facts()->believable;
        $ion = Amount::within(
            $basis->toIon($figure, $parameter),
            $least,
            $most,
            (preg_match('~^[aeiouO]~', $parameter->label()) === 1 ? 'An ' : 'A ').$parameter->label().' reading',
            $parameter->dimension(),
        );

        return new self(
            $parameter,
            $ion,
            $basis,
            $basis->toIon($step, $parameter),
            $belowLimit,
            $cloudy,
            $method === '' ? null : $method,
        );
    }

    public static function fromData(PayloadData $data): self
    {
        $parameter
            = Parameter::tryFrom($data->text('parameter'))
            ?? throw InvalidEntry::unknown('parameter', $data->text('parameter'));
        // What was stored before bases were kept is the whole ion.
        $basis = $data->optionalWord('basis', Basis::class) ?? Basis::Ion;

        return new self($parameter, $data->figure('value'), $basis, $data->optionalFigure('step') ?? 0.0,
            $data->flag('belowLimit'), $data->flag('cloudy'), $data->optionalText('method'));
    }

    public function withCloudy(): self
    {
        return new self(
            $this->parameter,
            $this->value,
            $this->basis,
            $this->step,
            $this->belowLimit,
            true,
            $this->method,
        );
    }

    public function kind(): Kind
    {
        return new ReadingKind;
    }

    public function toArray(): array
    {
        return [
            'parameter' => $this->parameter->value,
            'value' => $this->value,
            'basis' => $this->basis->value,
            'step' => $this->step,
            'belowLimit' => $this->belowLimit,
            'cloudy' => $this->cloudy,
            'method' => $this->method,
        ];
    }

    /** The figure with the decimals that its parameter is told apart by. */
    public function level(): Quantity
    {
        return Quantity::base($this->value, $this->parameter->dimension(), $this->parameter->facts()->decimals);
    }

    public function summary(): Text
    {
        return Text::of(
            '{parameter} {below}{level}{cloudy}',
            parameter: $this->parameter->label(),
            below: $this->belowLimit ? 'below ' : '',
            level: $this->level(),
            cloudy: $this->cloudy ? ', cloudy' : '',
        );
    }
}
