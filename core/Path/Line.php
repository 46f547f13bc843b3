<?php

declare(strict_types=1);

namespace Ithys\Path;

/**
 * One run of water through items in flow order.
 *
 * The main line leaves the display and comes back to it. A branch takes water after one item and gives it back before
 * another. A further tank on the same sump drains into the path before an item and is fed by the same return pump.
 */
final readonly class Line
{
    public const MAIN = 'main';

    /** @param  list<Item>  $items */
    public function __construct(
        public string $id,
        public array $items,
        public string $name = '',
        /** Item after which a branch takes its water. */
        public ?string $from = null,
        /** Item before which the water comes back. */
        public ?string $to = null,
        /** Flow through a branch or a further tank, L/h. */
        public ?float $litresPerHour = null,
        public bool $isTank = false,
        /** Water in a further tank, L. */
        public ?float $tankLitres = null,
    ) {
    }

    public function isMain(): bool
    {
        return $this->id === self::MAIN;
    }

    public function title(): string
    {
        return match (true) {
            $this->name !== '' => $this->name,
            $this->isMain() => 'Main line',
            $this->isTank => 'Further tank',
            default => 'Branch',
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            ...array_filter(
                [
                    'name' => $this->name,
                    'from' => $this->from,
                    'to' => $this->to,
                    'litresPerHour' => $this->litresPerHour,
                    'tank' => $this->isTank,
                    'tankLitres' => $this->tankLitres,
                ],
                static fn (mixed $value): bool => $value !== null && $value !== '' && $value !== false,
            ),
            'items' => array_map(static fn (Item $item): array => $item->toArray(), $this->items),
        ];
    }
}
