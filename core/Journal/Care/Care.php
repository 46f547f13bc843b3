<?php

declare(strict_types=1);

namespace Ithys\Journal\Care;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** A part of the filtration changed, cleaned or emptied. */
final readonly class Care implements Payload
{
    use PlainPayload;

    public function __construct(public Part $part, public Deed $deed)
    {
    }

    public static function fromData(PayloadData $data): self
    {
        return new self(
            $data->optionalWord('part', Part::class) ?? throw InvalidEntry::missing('part'),
            $data->optionalWord('deed', Deed::class) ?? throw InvalidEntry::missing('deed'),
        );
    }

    public function kind(): Kind
    {
        return new CareKind;
    }

    public function line(): string
    {
        return "{$this->part->value} {$this->deed->value}";
    }

    public function toArray(): array
    {
        return ['part' => $this->part->value, 'deed' => $this->deed->value];
    }

    public function summary(): Text
    {
        return Text::of('{part!} {deed}', part: $this->part->value, deed: $this->deed->value);
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
