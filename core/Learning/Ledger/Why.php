<?php

declare(strict_types=1);

namespace Ithys\Learning\Ledger;

use Ithys\Nutrient\Element;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Why a nutrient rose or fell from one time to another: what came in and went out in each, beside the other. */
final readonly class Why
{
    /** Lines that are told in words, and what of the greatest is worth a word, mg a week. */
    private const TOLD = 3;

    private const WORTH = 0.15;

    /**
     * @param  list<WhyLine>  $lines  what moves the level most first
     * @param  ?float  $unexplained  mg a week of the element that the water gained more beyond the model; null where
     *   too little was read in one of them
     */
    private function __construct(public array $lines, public ?float $unexplained, private Element $element)
    {
    }

    public static function of(Ledger $before, Ledger $since, Element $element): self
    {
        $lines = [
            ...self::pairs($before->in, $since->in, $element, 1.0),
            ...self::pairs($before->out, $since->out, $element, -1.0),
            ...self::pairs(self::stored($before), self::stored($since), $element, -1.0),
        ];
        usort($lines, static fn (WhyLine $a, WhyLine $b): int => abs($b->raises) <=> abs($a->raises));
        $at = $element === Element::Nitrogen ? 0 : 1;
        [$was, $is] = [$before->unexplained[$at], $since->unexplained[$at]];

        return new self($lines, $was === null || $is === null ? null : $is - $was, $element);
    }

    /** mg a week of the element that the water gains more by all of it. */
    public function net(): float
    {
        return array_sum(array_map(static fn (WhyLine $line): float => $line->raises, $this->lines))
            + ($this->unexplained ?? 0.0);
    }

    /** @return list<Text> in a few sentences */
    public function says(): array
    {
        $mg = static fn (float $figure): Quantity => Quantity::number(Quantity::significant(abs($figure), 2));
        // A store may release what it took.
        $amount = static fn (float $figure): Text => Text::of(
            $figure < 0.0 ? 'released {mg} mg' : '{mg} mg',
            mg: $mg($figure),
        );
        $told = [Text::of(
            $this->net() >= 0.0
                ? 'The water gains {mg} mg of {element} a week more than before.'
                : 'The water gains {mg} mg of {element} a week less than before.',
            mg: $mg($this->net()),
            element: $this->element === Element::Nitrogen ? 'nitrogen' : 'phosphorus',
        )];
        $most = abs(($this->lines[0] ?? null)->raises ?? 0.0);
        foreach (array_slice($this->lines, 0, self::TOLD) as $line) {
            if ($most > 0.0 && abs($line->raises) >= self::WORTH * $most) {
                $told[] = Text::of('{what}: {was} a week before, {is} since.', ...[
                    'what' => $line->label,
                    'was' => $amount($line->before),
                    'is' => $amount($line->since),
                ]);
            }
        }
        $told[] = match (true) {
            $this->unexplained === null => Text::of(
                'What the model does not explain cannot be told: six readings are needed in each time.',
            ),
            abs($this->unexplained) > 0.5 * $most => Text::of(
                'Much of it is not explained: {mg} mg a week. Something may have changed that is not in the journal.',
                mg: $mg($this->unexplained),
            ),
            default => Text::of('Not explained: {mg} mg a week.', mg: $mg($this->unexplained)),
        };

        return $told;
    }

    /** @return list<LedgerLine> stores beside the water itself, whose level is what is asked about */
    private static function stored(Ledger $ledger): array
    {
        return array_values(array_filter(
            $ledger->stores,
            static fn (LedgerLine $line): bool => $line->key !== 'inorganic',
        ));
    }

    /**
     * @param  list<LedgerLine>  $before
     * @param  list<LedgerLine>  $since
     * @param  float  $sign  1 for what raises the level, -1 for what lowers it
     * @return list<WhyLine>
     */
    private static function pairs(array $before, array $since, Element $element, float $sign): array
    {
        $lines = [];
        $there = array_column([...$before, ...$since], null, 'key');
        [$was, $is] = [array_column($before, null, 'key'), array_column($since, null, 'key')];
        foreach ($there as $key => $one) {
            $from = isset($was[$key]) ? $was[$key]->of($element) : 0.0;
            $to = isset($is[$key]) ? $is[$key]->of($element) : 0.0;
            if (abs($from) > 1e-6 || abs($to) > 1e-6) {
                $lines[] = new WhyLine((string) $key, $one->label, $from, $to, $sign * ($to - $from), $one->origin);
            }
        }

        return $lines;
    }
}
