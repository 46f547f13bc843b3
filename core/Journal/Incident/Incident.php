<?php

declare(strict_types=1);

namespace Ithys\Journal\Incident;

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

/** Something that went wrong: how long, why, what was done, and what it cost, where that is known. */
final readonly class Incident implements Payload
{
    use PlainPayload;

    private function __construct(
        public string $what,
        public ?float $hours,
        public ?string $cause,
        public ?string $did,
        /** Water that was lost. */
        public ?float $litres,
        /** Time that it took its keeper. */
        public ?float $minutes,
    ) {
    }

    /** @throws InvalidEntry for figures or words that cannot be kept */
    public static function of(
        string $what,
        ?float $hours = null,
        ?string $cause = null,
        ?string $did = null,
        ?float $litres = null,
        ?float $minutes = null,
    ): self {
        foreach (['a cause' => $cause, 'what was done' => $did] as $of => $text) {
            if ($text !== null) {
                Amount::within((float) mb_strlen($text), 1, 300, "The number of characters of {$of}");
            }
        }
        $hours === null ?: Amount::within($hours, 0.01, 720, 'An incident', Dimension::Hours);
        $litres === null ?: Amount::within($litres, 0.01, 100_000, 'The water lost', Dimension::Volume);
        $minutes === null ?: Amount::within($minutes, 1, 20_000, 'The minutes that it took', Dimension::Plain);

        return new self($what, $hours, $cause, $did, $litres, $minutes);
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of(
            $data->text('what'),
            $data->optionalFigure('hours'),
            $data->optionalText('cause'),
            $data->optionalText('did'),
            $data->optionalFigure('litres'),
            $data->optionalFigure('minutes'),
        );
    }

    public function kind(): Kind
    {
        return new IncidentKind;
    }

    public function line(): string
    {
        return $this->what
            .($this->hours === null ? '' : ' '.Figure::of($this->hours).' h')
            .($this->litres === null ? '' : ' lost '.Figure::of($this->litres).' l')
            .($this->minutes === null ? '' : ' took '.Figure::of($this->minutes).' min')
            .($this->cause === null ? '' : " because {$this->cause}")
            .($this->did === null ? '' : " did {$this->did}");
    }

    public function toArray(): array
    {
        return [
            'what' => $this->what,
            'hours' => $this->hours,
            'cause' => $this->cause,
            ...array_filter(
                ['did' => $this->did, 'litres' => $this->litres, 'minutes' => $this->minutes],
                static fn (string|float|null $one): bool => $one !== null,
            ),
        ];
    }

    public function summary(): Text
    {
        return Text::of(
            '{what!}'.($this->hours === null ? '' : ', {hours}')
                .($this->litres === null ? '' : ', {litres} of water lost')
                .($this->minutes === null ? '' : ', {minutes} minutes of work')
                .($this->cause === null ? '' : ': {cause}')
                .($this->did === null ? '' : '. Done: {did}'),
            what: $this->what,
            hours: Quantity::base($this->hours ?? 0.0, Dimension::Hours),
            litres: Quantity::litres($this->litres ?? 0.0),
            minutes: Figure::of($this->minutes ?? 0.0),
            cause: $this->cause ?? '',
            did: $this->did ?? '',
        );
    }

    public function caution(): ?string
    {
        return in_array($this->what, ['leak', 'lid leak', 'flood', 'overflow', 'cup overflow', 'spill'], true)
            ? 'Water and mains do not go together: switch off at the fuse board before you reach into wet plugs.'
            : null;
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
