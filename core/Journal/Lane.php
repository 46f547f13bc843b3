<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Media\Medium;

/** A lever on the time axis: what it is called, what its marks mean, and how they are drawn. */
final readonly class Lane
{
    /**
     * @param  string  $key  the kind of entry, or the medium of a charge
     * @param  string  $unit  of its single marks
     * @param  string  $rateUnit  of its marks where a long time shows rates
     * @param  ?float  $full  the amount that fills the lane; null for the most there is in sight
     * @param  string  $tone  what its colour says: plain, food, culture, binder, medium or note
     */
    private function __construct(
        public string $key,
        public string $name,
        public LaneShape $shape,
        public string $unit = '',
        public string $rateUnit = '',
        public ?float $full = null,
        public string $tone = 'plain',
    ) {
    }

    /** @return list<self> from top to bottom */
    public static function all(): array
    {
        $media = array_map(
            static fn (Medium $medium): self => new self(
                $medium->value,
                $medium->shortLabel(),
                LaneShape::Bars,
                tone: $medium->bindsPhosphate() ? 'binder' : 'medium',
            ),
            Medium::cases(),
        );

        return [
            new self(
                EntryKind::SockChange->value,
                'Socks',
                LaneShape::Ticks,
                'soiling',
                'how often',
                SockChange::MOST_SOILING,
            ),
            ...$media,
            new self(EntryKind::Photoperiod->value, 'Refugium', LaneShape::Steps, 'h light', '', 24.0, 'culture'),
            new self(EntryKind::Skimmer->value, 'Skimmer', LaneShape::Toggle),
            new self(
                EntryKind::CarbonDose->value,
                'Organic carbon',
                LaneShape::Ticks,
                'mL',
                'mL a day',
                null,
                'culture',
            ),
            new self(EntryKind::Feed->value, 'Feed', LaneShape::Ticks, 'g', 'g a day', null, 'food'),
            new self(EntryKind::WaterChange->value, 'Water', LaneShape::Drops, 'changes', 'share a week'),
            new self(EntryKind::Note->value, 'Notes', LaneShape::Ticks, tone: 'note'),
        ];
    }

    public static function keyOf(Payload $payload): string
    {
        return $payload instanceof MediaCharge ? $payload->medium->value : $payload->kind()->value;
    }

    /** How much of the lever an entry is, in the unit of its lane; null where an entry has no amount. */
    public static function amount(Payload $payload): ?float
    {
        return match (true) {
            $payload instanceof SockChange => $payload->soiling === null ? null : (float) $payload->soiling,
            $payload instanceof Feed => $payload->grams,
            $payload instanceof CarbonDose => $payload->millilitres,
            $payload instanceof Photoperiod => $payload->hoursPerDay,
            $payload instanceof SkimmerSwitch => $payload->on ? 1.0 : 0.0,
            default => null,
        };
    }

    /**
     * @return array{
     *   key: string, name: string, shape: string, unit: string, rateUnit: string, full: ?float, tone: string,
     * }
     */
    public function toArray(): array
    {
        return [
            'key' => $this->key,
            'name' => $this->name,
            'shape' => $this->shape->value,
            'unit' => $this->unit,
            'rateUnit' => $this->rateUnit,
            'full' => $this->full,
            'tone' => $this->tone,
        ];
    }
}
