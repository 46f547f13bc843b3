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

/** Something that went wrong, for how long where that is told, and why where that is known. */
final readonly class Incident implements Payload
{
    use PlainPayload;

    private function __construct(public string $what, public ?float $hours, public ?string $cause)
    {
    }

    /** @throws InvalidEntry for hours or words that cannot be kept */
    public static function of(string $what, ?float $hours = null, ?string $cause = null): self
    {
        if ($cause !== null) {
            Amount::within((float) mb_strlen($cause), 1, 300, 'The number of characters of a cause');
        }

        return new self(
            $what,
            $hours === null ? null : Amount::within($hours, 0.01, 720, 'An incident', Dimension::Hours),
            $cause,
        );
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->text('what'), $data->optionalFigure('hours'), $data->optionalText('cause'));
    }

    public function kind(): Kind
    {
        return new IncidentKind;
    }

    public function line(): string
    {
        return $this->what
            .($this->hours === null ? '' : ' '.Figure::of($this->hours).' h')
            .($this->cause === null ? '' : " because {$this->cause}");
    }

    public function toArray(): array
    {
        return ['what' => $this->what, 'hours' => $this->hours, 'cause' => $this->cause];
    }

    public function summary(): Text
    {
        return Text::of(
            '{what!}'.($this->hours === null ? '' : ', {hours}').($this->cause === null ? '' : ': {cause}'),
            what: $this->what,
            hours: Quantity::base($this->hours ?? 0.0, Dimension::Hours),
            cause: $this->cause ?? '',
        );
    }

    public function caution(): ?string
    {
        return in_array($this->what, ['leak', 'flood', 'overflow', 'spill'], true)
            ? 'Water and mains do not go together: switch off at the fuse board before you reach into wet plugs.'
            : null;
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
