<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Journal\Amount;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;

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
        /** The keeper gave it as about so much. */
        public bool $approximate = false,
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

        return new self(
            $parameter,
            $data->figure('value'),
            $basis,
            $data->optionalFigure('step') ?? 0.0,
            $data->flag('belowLimit'),
            $data->flag('cloudy'),
            $data->optionalText('method'),
            $data->flag('approximate'),
        );
    }

    /**
     * Several of one parameter as one. A figure tells more than “below a limit”.
     *
     * @param  non-empty-list<self>  $readings
     */
    public static function mean(array $readings): self
    {
        $figures = array_values(array_filter($readings, static fn (self $one): bool => ! $one->belowLimit));
        $used = $figures === [] ? $readings : $figures;
        $is = static fn (callable $any): bool => array_filter($used, $any) !== [];

        return new self(
            $used[0]->parameter,
            array_sum(array_map(static fn (self $one): float => $one->value, $used)) / count($used),
            $used[0]->basis,
            min(array_map(static fn (self $one): float => $one->step, $used)),
            $figures === [],
            $is(static fn (self $one): bool => $one->cloudy),
            $used[0]->method,
            $is(static fn (self $one): bool => $one->approximate),
        );
    }

    public function withCloudy(): self
    {
        return $this->but(cloudy: true);
    }

    public function approximately(): self
    {
        return $this->but(approximate: true);
    }

    public function by(string $method): self
    {
        return $this->but(method: $method);
    }

    private function but(?bool $cloudy = null, ?string $method = null, ?bool $approximate = null): self
    {
        return new self(
            $this->parameter,
            $this->value,
            $this->basis,
            $this->step,
            $this->belowLimit,
            $cloudy ?? $this->cloudy,
            $method ?? $this->method,
            $approximate ?? $this->approximate,
        );
    }

    public function kind(): Kind
    {
        return new ReadingKind;
    }

    public function line(): string
    {
        $per = $this->basis === Basis::Element ? $this->parameter->ionPerElement() : 1.0;
        $decimals = $this->step > 0.0 ? -log10($this->step / $per) : 6.0;
        $isPlain = abs($decimals - round($decimals)) < 1e-6 && $decimals >= 0.0 && $decimals < 6.0;
        $element = $this->basis === Basis::Element
            ? ($this->parameter === Parameter::Phosphate ? '-p' : '-n')
            : '';
        $unit = UnitSystem::Metric->unitOf($this->parameter->dimension())->value;

        return trim(
            $this->parameter->value.$element.' '
            .($this->belowLimit ? '<' : '').($this->approximate ? '~' : '')
            .Figure::of($this->value / $per, $isPlain ? (int) round($decimals) : 6)." {$unit}",
        ).($this->cloudy ? ' cloudy' : '').($this->method === null ? '' : " kit “{$this->method}”");
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
            ...$this->approximate ? ['approximate' => true] : [],
        ];
    }

    /** The figure as finely as it was written; where that cannot be told, as its parameter is told apart. */
    public function level(): Quantity
    {
        $decimals = $this->step > 0.0 ? -log10($this->step) : -1.0;
        $isPlain = abs($decimals - round($decimals)) < 1e-6 && $decimals > -0.5 && $decimals < 4.5;
        // A temperature is shown in degrees that it may not have been written in.
        if ($isPlain && $this->parameter !== Parameter::Temperature) {
            return Quantity::written($this->value, $this->parameter->dimension(), (int) round($decimals));
        }

        return Quantity::base($this->value, $this->parameter->dimension(), $this->parameter->facts()->decimals);
    }

    public function unusual(float $workingLitres): ?Text
    {
        [$least, $most] = $this->parameter->facts()->usual;

        return $this->value >= $least && $this->value <= $most ? null : Text::of(
            '{parameter!} {level} is not what tanks have: {least} to {most}.',
            parameter: $this->parameter->label(),
            level: $this->level(),
            least: Quantity::base($least, $this->parameter->dimension()),
            most: Quantity::base($most, $this->parameter->dimension()),
        );
    }

    public function summary(): Text
    {
        return Text::of(
            '{parameter} {below}{level}{cloudy}{method}',
            parameter: $this->parameter->label(),
            below: ($this->approximate ? 'about ' : '').($this->belowLimit ? 'below ' : ''),
            level: $this->level(),
            cloudy: $this->cloudy ? ', cloudy' : '',
            method: $this->method === null ? '' : ", {$this->method}",
        );
    }

    /**
     * The entry in which a parameter was last read; null where it never was.
     *
     * @param  list<Entry>  $entries  in order of time
     */
    public static function last(array $entries, Parameter $parameter): ?Entry
    {
        foreach (array_reverse($entries) as $entry) {
            if ($entry->payload instanceof self && $entry->payload->parameter === $parameter) {
                return $entry;
            }
        }

        return null;
    }
}
