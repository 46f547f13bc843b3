<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaRemoval;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Media\Medium;
use Ithys\Quantity\Text;

/** A medium taken out, with nothing in its place. */
final readonly class MediaRemoval implements Payload
{
    use PlainPayload;

    /** @param  ?string  $item  the mark of the item of the path that it comes out of; null where none is named */
    private function __construct(
        public Medium $medium,
        public ?Place $place = null,
        public ?string $item = null,
        public ?string $itemName = null,
    ) {
    }

    /** Out of one vessel, or out of all. */
    public static function of(Medium $medium, Place|Container|null $outOf = null): self
    {
        return $outOf instanceof Container
            ? new self($medium, $outOf->place, $outOf->item, $outOf->name)
            : new self($medium, $outOf);
    }

    /** That takes out such a filling and no other. */
    public static function from(MediaCharge $filling): self
    {
        return new self(
            $filling->medium,
            $filling->place ?? Place::Bag,
            $filling->item,
            $filling->itemName,
        );
    }

    /** Whether it takes a filling of the same medium out. */
    public function isFrom(MediaCharge $filling): bool
    {
        return match (true) {
            $this->item !== null => $filling->item === $this->item,
            $this->place !== null => ($filling->place ?? Place::Bag) === $this->place,
            default => true,
        };
    }

    /** @throws InvalidEntry */
    public static function fromData(PayloadData $data): self
    {
        $place = $data->optionalWord('place', Place::class);
        $item = $data->optionalText('item');

        return self::of(
            Medium::tryFrom($data->text('medium')) ?? throw InvalidEntry::unknown('medium', $data->text('medium')),
            $place === null || $item === null ? $place : new Container($item, $data->text('itemName'), $place),
        );
    }

    public function kind(): Kind
    {
        return new MediaRemovalKind;
    }

    public function line(): string
    {
        $vessel = $this->itemName ?? $this->place?->value;

        return "{$this->medium->word()} out".($vessel === null ? '' : " of {$vessel}");
    }

    public function toArray(): array
    {
        return [
            'medium' => $this->medium->value,
            ...$this->place === null ? [] : ['place' => $this->place->value],
            ...$this->item === null ? [] : ['item' => $this->item, 'itemName' => $this->itemName],
        ];
    }

    public function summary(): Text
    {
        $vessel = $this->itemName ?? $this->place?->value;

        return $vessel === null
            ? Text::of('{medium} taken out', medium: $this->medium->label())
            : Text::of('{medium} taken out of {vessel}', medium: $this->medium->label(), vessel: $vessel);
    }
}
