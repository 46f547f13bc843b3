<?php

declare(strict_types=1);

namespace Ithys\Journal\Stock;

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

/** What the animals that are fed weigh, and how they grow; or visitors that stay for some days beside them. */
final readonly class Stock implements Payload
{
    use PlainPayload;

    private function __construct(
        public float $grams,
        /** Share of their weight a week. */
        public float $growth,
        /** Days that they stay; null for those that live here. */
        public ?float $days,
        /** As they were counted: "3 small fish, 1 large fish"; null where they were weighed. */
        public ?string $counted = null,
    ) {
    }

    /** @throws InvalidEntry for a weight or a growth that no tank has */
    public static function living(float $grams, float $growth = 0.0, ?string $counted = null): self
    {
        return new self(
            Amount::within($grams, 0.0, 500_000.0, 'The stock', Dimension::Mass),
            Amount::within($growth, 0.0, 0.5, 'Growth a week', Dimension::Share),
            null,
            $counted,
        );
    }

    /** @throws InvalidEntry */
    public static function visiting(float $grams, float $days): self
    {
        return new self(
            Amount::within($grams, 0.1, 500_000.0, 'The visitors', Dimension::Mass),
            0.0,
            Amount::within($days, 0.5, 730.0, 'Their stay', Dimension::Days),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        $days = $data->optionalFigure('days');

        return $days === null
            ? self::living(
                $data->figure('grams'),
                $data->optionalFigure('growth') ?? 0.0,
                $data->optionalText('counted'),
            )
            : self::visiting($data->figure('grams'), $days);
    }

    public function kind(): Kind
    {
        return new StockKind;
    }

    public function line(): string
    {
        $grams = $this->counted ?? Figure::of($this->grams).' g';

        return match (true) {
            $this->days !== null => "visitors {$grams} for ".Figure::of($this->days).' days',
            $this->growth > 0.0 => "stock {$grams} growing ".Figure::of(100 * $this->growth).' % a week',
            default => "stock {$grams}",
        };
    }

    public function toArray(): array
    {
        return [
            'grams' => $this->grams,
            ...$this->growth > 0.0 ? ['growth' => $this->growth] : [],
            ...$this->days === null ? [] : ['days' => $this->days],
            ...$this->counted === null ? [] : ['counted' => $this->counted],
        ];
    }

    public function summary(): Text
    {
        $grams = $this->counted === null
            ? Text::of('{grams}', grams: Quantity::grams($this->grams))
            : Text::of('{counted}, about {grams}', counted: $this->counted, grams: Quantity::grams($this->grams));

        return match (true) {
            $this->days !== null => Text::of(
                'Visitors {grams} for {days}',
                grams: $grams,
                days: Quantity::base($this->days, Dimension::Days),
            ),
            $this->growth > 0.0 => Text::of(
                'Stock {grams}, growing {growth} a week',
                grams: $grams,
                growth: Quantity::share($this->growth, 1),
            ),
            default => Text::of('Stock {grams}', grams: $grams),
        };
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->grams);
    }
}
