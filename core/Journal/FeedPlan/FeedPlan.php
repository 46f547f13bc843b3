<?php

declare(strict_types=1);

namespace Ithys\Journal\FeedPlan;

use Ithys\Journal\Feed\Feed;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** What is fed on every day from this entry on; meals logged on a day stand instead of it. */
final readonly class FeedPlan implements Payload
{
    use PlainPayload;

    private function __construct(
        /** Null where there is no plan from here on. */
        public ?Feed $perDay,
        /** Whether it grows as the stock does. */
        public bool $growsWithStock,
    ) {
    }

    public static function of(?Feed $perDay, bool $growsWithStock = false): self
    {
        return new self($perDay, $perDay !== null && $growsWithStock);
    }

    /** @throws InvalidEntry */
    public static function fromData(PayloadData $data): self
    {
        return self::of(
            $data->optionalFigure('grams') === null ? null : Feed::fromData($data),
            $data->flag('growsWithStock'),
        );
    }

    public function kind(): Kind
    {
        return new FeedPlanKind;
    }

    public function line(): string
    {
        return $this->perDay === null
            ? 'feeding plan off'
            : preg_replace('~^fed~', 'feeding plan', $this->perDay->line())
                .($this->growsWithStock ? ' growing with stock' : '');
    }

    public function toArray(): array
    {
        return $this->perDay === null
            ? ['grams' => null]
            : [...$this->perDay->toArray(), ...$this->growsWithStock ? ['growsWithStock' => true] : []];
    }

    public function summary(): Text
    {
        return $this->perDay === null
            ? Text::of('No feeding plan')
            : Text::of(
                $this->growsWithStock ? 'Feeding plan: {meal} a day, with the stock' : 'Feeding plan: {meal} a day',
                meal: $this->perDay->portion(),
            );
    }

    public function unusual(float $workingLitres): ?Text
    {
        return $this->perDay?->unusual($workingLitres);
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->perDay->grams ?? 0.0);
    }
}
