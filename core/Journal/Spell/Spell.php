<?php

declare(strict_types=1);

namespace Ithys\Journal\Spell;

use DateTimeImmutable;
use Ithys\Journal\Amount;
use Ithys\Journal\Equipment\EquipmentKind;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Journal\Skimmer\SkimmerKind;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** A device that was off for a known time; or a feeding pause, which ends when somebody switches the device on. */
final readonly class Spell implements Payload
{
    use PlainPayload;

    public const SKIMMER = 'skimmer';

    /** Hours from which a device that is off may change the water, so that it is another change for a verdict. */
    private const LONG = 24.0;

    private function __construct(
        public string $device,
        public float $hours,
        /** Whether it was meant to end then, and no entry says yet that it did. */
        public bool $isPause,
    ) {
    }

    /** @throws InvalidEntry for hours that no spell has */
    public static function off(string $device, float $hours): self
    {
        return new self($device, Amount::within($hours, 0.01, 720.0, 'The time off', Dimension::Hours), false);
    }

    /** @throws InvalidEntry for a pause of more than half a day */
    public static function pause(string $device, float $hours): self
    {
        return new self($device, Amount::within($hours, 0.01, 12.0, 'A feeding pause', Dimension::Hours), true);
    }

    public static function fromData(PayloadData $data): self
    {
        return $data->flag('pause')
            ? self::pause($data->text('device'), $data->figure('hours'))
            : self::off($data->text('device'), $data->figure('hours'));
    }

    /** When it ends that starts then. */
    public function until(DateTimeImmutable $from): DateTimeImmutable
    {
        return $from->modify(sprintf('+%d seconds', (int) round(3600 * $this->hours)));
    }

    public function isLong(): bool
    {
        return $this->hours >= self::LONG;
    }

    public function kind(): Kind
    {
        return new SpellKind;
    }

    public function lane(): string
    {
        return $this->device === self::SKIMMER ? SkimmerKind::KEY : EquipmentKind::KEY;
    }

    public function line(): string
    {
        return mb_strtolower($this->device).($this->isPause ? ' pause ' : ' off ').$this->told();
    }

    public function toArray(): array
    {
        return [
            'device' => $this->device,
            'hours' => $this->hours,
            ...$this->isPause ? ['pause' => true] : [],
        ];
    }

    public function summary(): Text
    {
        return $this->isPause
            ? Text::of('Feeding pause, {device}: {time}', device: $this->device, time: $this->told())
            : Text::of(
                '{device!} off for {hours}',
                device: $this->device,
                hours: $this->hours < 1.0 ? $this->told() : Quantity::base($this->hours, Dimension::Hours),
            );
    }

    public function caution(): ?string
    {
        return $this->hours >= 1.0 && $this->device === 'return pump'
            ? 'Without the return pump little air comes in: watch the fish, and stir the surface.'
            : null;
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark(0.0);
    }

    private function told(): string
    {
        return $this->hours < 1.0 ? Figure::of(60 * $this->hours).' min' : Figure::of($this->hours).' h';
    }
}
