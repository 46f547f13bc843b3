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
    ) {
    }

    public static function of(?Feed $perDay): self
    {
        return new self($perDay);
    }

    /** @throws InvalidEntry */
    public static function fromData(PayloadData $data): self
    {
        return new self($data->optionalFigure('grams') === null ? null : Feed::fromData($data));
    }

    public function kind(): Kind
    {
        return new FeedPlanKind;
    }

    public function line(): string
    {
        return $this->perDay === null
            ? 'feeding plan off'
            : (string) preg_replace('~^fed~', 'feeding plan', $this->perDay->line());
    }

    public function toArray(): array
    {
        return $this->perDay?->toArray() ?? ['grams' => null];
    }

    public function summary(): Text
    {
        return $this->perDay === null
            ? Text::of('No feeding plan')
            : Text::of('Feeding plan: {meal} a day', meal: $this->perDay->portion());
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
