<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What a trial shows of one parameter: arm against arm at its end, and in the mean over its time. */
final readonly class Outcome
{
    /**
     * @param  list<Pair>  $end  levels at the end
     * @param  list<Pair>  $mean  means over the time; they are shown, and claim nothing
     * @param  ?float  $anova  p of all arms at the end; null for two arms
     * @param  bool  $isTooLow  whether every unit ends lower than the kit reads
     * @param  ?float  $smallest  difference that the plan could show
     */
    public function __construct(
        public TrialRead $read,
        public array $end,
        public array $mean,
        public ?float $anova,
        public bool $isTooLow,
        private ?float $smallest,
    ) {
    }

    /** All that is told of it: the verdict and what it rests on. */
    public function says(): Text
    {
        return Text::join(' ', [$this->verdict(), ...$this->details()]);
    }

    public function verdict(): Text
    {
        $label = $this->read->parameter->label();
        if ($this->isTooLow) {
            return Text::of(
                '{parameter!}: not clear. Every unit ends lower than the kit reads.',
                parameter: $label,
            );
        }
        $clear = array_values(array_filter($this->end, static fn (Pair $one): bool => $one->isClear));
        if ($clear !== []) {
            return Text::of('{parameter!}: {pairs}', parameter: $label, pairs: Text::join(
                ' ',
                array_map(static fn (Pair $one): Text => $one->says(), $clear),
            ));
        }

        return Text::of('{parameter!}: no clear effect at the end.', parameter: $label);
    }

    /** @return list<Text> what else is told where nothing is clear */
    public function details(): array
    {
        if ($this->isTooLow || array_filter($this->end, static fn (Pair $one): bool => $one->isClear) !== []) {
            return [];
        }
        $led = array_values(array_filter($this->end, static fn (Pair $one): bool => $one->led !== null));

        return [
            ...array_map(static fn (Pair $one): Text => $one->ledSays(), $led),
            ...$this->smallest === null ? [] : [Text::of(
                'The plan could only show a difference of {smallest} or more, if units differ as you expected.',
                smallest: Quantity::base(
                    Quantity::significant($this->smallest, 2),
                    $this->read->parameter->dimension(),
                ),
            )],
        ];
    }
}
