<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/** How a keeper wants a table read where the guess is wrong or was asked for. What is null or empty is guessed. */
final readonly class Choices
{
    /**
     * @param  list<string>  $uses  by column: a role, a parameter or something done
     * @param  list<string>  $units  by column
     * @param  list<string>  $limits  by column, as typed: what the kit shows nothing below
     */
    public function __construct(
        public ?DateOrder $dateOrder = null,
        public ?bool $decimalComma = null,
        public array $uses = [],
        public array $units = [],
        public array $limits = [],
        /** Why what is asked about is right: doses, and figures far from the others; empty while it is left out. */
        public string $because = '',
    ) {
    }

    /** @param  array<mixed>  $from  as {@see toArray()} writes it or a page sends it; what does not fit is left out */
    public static function of(array $from): self
    {
        $texts = static fn (mixed $list): array => array_map(
            static fn (mixed $text): string => is_string($text) ? $text : '',
            is_array($list) ? array_values($list) : [],
        );
        $word = static fn (string $key): string => is_string($from[$key] ?? null) ? $from[$key] : '';

        return new self(
            DateOrder::tryFrom($word('dates')),
            ['comma' => true, 'point' => false][$word('decimals')] ?? null,
            $texts($from['uses'] ?? null),
            $texts($from['units'] ?? null),
            $texts($from['limits'] ?? null),
            mb_substr(trim($word('because')), 0, 200),
        );
    }

    /** @return array{dates: string, decimals: string, uses: list<string>, units: list<string>, limits: list<string>} */
    public function toArray(): array
    {
        return [
            'dates' => $this->dateOrder->value ?? '',
            'decimals' => match ($this->decimalComma) {
                null => '',
                true => 'comma',
                false => 'point',
            },
            'uses' => $this->uses,
            'units' => $this->units,
            'limits' => $this->limits,
        ];
    }
}
