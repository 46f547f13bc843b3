<?php

declare(strict_types=1);

namespace Ithys\Journal\Livestock;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Animals added, removed or dead. */
final readonly class Livestock implements Payload
{
    use PlainPayload;

    private function __construct(public Fate $fate, public int $count, public string $what)
    {
    }

    /** @throws InvalidEntry for a number of animals no tank has */
    public static function of(Fate $fate, float $count, string $what): self
    {
        return new self($fate, (int) Amount::within($count, 1, 1000, 'The number of animals'), $what);
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of(
            $data->optionalWord('fate', Fate::class) ?? throw InvalidEntry::missing('fate'),
            $data->figure('count'),
            $data->text('what'),
        );
    }

    public function kind(): Kind
    {
        return new LivestockKind;
    }

    public function line(): string
    {
        return $this->fate === Fate::Died
            ? "{$this->count} {$this->what} died"
            : "{$this->fate->value} {$this->count} {$this->what}";
    }

    public function toArray(): array
    {
        return ['fate' => $this->fate->value, 'count' => $this->count, 'what' => $this->what];
    }

    public function summary(): Text
    {
        return Text::of(
            $this->fate === Fate::Died ? '{count} {what} died' : '{fate!} {count} {what}',
            fate: $this->fate->value,
            count: Quantity::number($this->count),
            what: $this->what,
        );
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
