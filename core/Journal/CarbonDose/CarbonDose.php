<?php

declare(strict_types=1);

namespace Ithys\Journal\CarbonDose;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Organic carbon given to feed bacteria; a dose of nothing says that dosing stopped. */
final readonly class CarbonDose implements Payload
{
    use PlainPayload;

    private function __construct(public CarbonSource $source, public float $millilitres)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(CarbonSource $source, float $millilitres): self
    {
        return new self(
            $source,
            $millilitres === 0.0
                ? 0.0
                : 1000 * Amount::within($millilitres / 1000, 0.00001, 2, 'An organic carbon dose', Dimension::Dose),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        $source
            = CarbonSource::tryFrom($data->text('source'))
            ?? throw InvalidEntry::unknown('carbon source', $data->text('source'));

        return self::of($source, $data->figure('millilitres'));
    }

    public function kind(): Kind
    {
        return new CarbonDoseKind;
    }

    public function line(): string
    {
        return $this->millilitres === 0.0
            ? "{$this->source->value} stopped"
            : "{$this->source->value} ".Figure::of($this->millilitres).' ml';
    }

    public function toArray(): array
    {
        return ['source' => $this->source->value, 'millilitres' => $this->millilitres];
    }

    public function summary(): Text
    {
        return $this->millilitres === 0.0 ? Text::of(
            'Organic carbon stopped, {source}',
            source: $this->source->value,
        ) : Text::of(
            'Organic carbon, {source} {amount}',
            source: $this->source->value,
            amount: Quantity::millilitres($this->millilitres),
        );
    }

    public function caution(): ?string
    {
        return $this->millilitres === 0.0
            ? null
            : 'Bacteria use up oxygen: keep the skimmer and surface moving, and stop at cloudy water, slime, gasping '
                .'fish or nutrients at zero.';
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->millilitres, use: $this->millilitres);
    }
}
