<?php

declare(strict_types=1);

namespace Ithys\Forecast\Advice;

use Closure;
use DateTimeImmutable;
use Ithys\History\OffSince;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Part;
use Ithys\Journal\Entry;
use Ithys\Journal\Equipment\Equipment;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Payload;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\Spell\Spell;
use Ithys\Journal\Supplement\Supplement;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * What the foam of a skimmer says, with what the journal knows of it: common practice, the likely causes first.
 */
final readonly class Skimming
{
    /** Hours after a meal in which oils keep foam down. */
    private const MEAL_HOURS = 3.0;

    /** Days after a dose, a water change or work on the tank in which foam may run over. */
    private const STIR_DAYS = 2.0;

    /** Days after which a neck that was not cleaned is a cause. */
    private const DIRTY_DAYS = 7.0;

    /** @param  list<Entry>  $entries  in order of time, of the last weeks */
    private function __construct(private array $entries, private DateTimeImmutable $now)
    {
    }

    /** @param  list<Entry>  $entries  in order of time */
    public static function of(array $entries, DateTimeImmutable $now): self
    {
        return new self(
            array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->at <= $now)),
            $now,
        );
    }

    /** When it was switched off; null while it runs, or where no switch was ever logged. */
    public function offSince(): ?DateTimeImmutable
    {
        foreach (OffSince::all($this->entries, $this->now) as $one) {
            if ($one->device === Spell::SKIMMER) {
                return $one->since;
            }
        }

        return null;
    }

    /** @return list<FoamCause> what the journal points to first */
    public function causes(Foam $foam): array
    {
        $causes = match ($foam) {
            Foam::Dry => [
                new FoamCause('The water in the skimmer stands low.', 'Raise it a little, or set the cup lower.'),
                new FoamCause('Little is dissolved in the water: dry skimming is then right.', 'Leave it.'),
                new FoamCause('The neck is dirty.', 'Wipe neck and cup; fat breaks the foam.', $this->dirty()),
                new FoamCause('The air inlet is half clogged with salt.', 'Draw warm fresh water through it.'),
            ],
            Foam::Wet => [
                new FoamCause('The water in the skimmer stands high.', 'Lower it a little, or set the cup higher.'),
                new FoamCause('The chamber it stands in has risen.', 'Check its baffle, gate and the return pump.'),
                new FoamCause(
                    'Something stirred the water up.',
                    'Wait two days before you set it anew.',
                    $this->stir(),
                ),
                new FoamCause(
                    'Organic carbon feeds bacteria, which it skims.',
                    'Empty the cup more often.',
                    $this->dose(),
                ),
            ],
            Foam::Empty => [
                // A switch that was logged says whether it can be that.
                ...$this->offSince() === null && $this->last(self::is(SkimmerSwitch::class)) !== null
                    ? []
                    : [new FoamCause('It is off.', 'Switch it on.', $this->isOff())],
                new FoamCause('Food or hands brought oil in.', 'Wait some hours; it comes back.', $this->meal()),
                new FoamCause('The neck is dirty.', 'Wipe neck and cup; fat breaks the foam.', $this->dirty()),
                new FoamCause(
                    'It is new: fresh plastic takes days to foam.',
                    'Wait a week before you judge it.',
                    $this->fresh(),
                ),
                new FoamCause('It is too big for what this tank loads.', 'Run it some hours a day, or a smaller one.'),
                new FoamCause('Its water stands too low, or no air comes in.', 'Check depth, inlet and pump.'),
            ],
            Foam::Boiling => [
                new FoamCause(
                    'It is too big for what this tank loads: no head of foam forms.',
                    'Throttle air or pump.',
                ),
                new FoamCause('Its water stands too high.', 'Lower it until a head of foam stands in the neck.'),
                new FoamCause('Too much air, or a pump that runs loud.', 'Clean the pump; throttle the air.'),
            ],
            Foam::Overflowing => [
                new FoamCause('Something stirred the water up.', 'Switch it off, empty the cup, start it half '
                    .'throttled.', $this->stir()),
                new FoamCause('A dose or a conditioner foams.', 'Let it run over into the sump for a day or two, and '
                    .'change water; fresh carbon helps.', $this->dose() ?? $this->supplement()),
                new FoamCause('The chamber it stands in has risen.', 'Check baffle, gate, return pump and top-off.'),
                new FoamCause('Something died, or was torn up.', 'Look for it. Read ammonia.'),
            ],
        };
        usort(
            $causes,
            static fn (FoamCause $a, FoamCause $b): int => ($a->because === null) <=> ($b->because === null),
        );

        return $causes;
    }

    private function isOff(): ?Text
    {
        $since = $this->offSince();

        return $since === null ? null : Text::of('Switched off {ago} ago.', ago: $this->ago($since));
    }

    private function meal(): ?Text
    {
        return $this->within(self::MEAL_HOURS / 24, 'Fed {ago} ago.', self::is(Feed::class));
    }

    private function stir(): ?Text
    {
        return $this->within(
            self::STIR_DAYS,
            '{what}, {ago} ago.',
            static fn (Payload $one): bool => $one instanceof WaterChange && $one->changedLitres > 0.0
                || self::isCareOf($one, Part::Sand),
        );
    }

    private function dose(): ?Text
    {
        return $this->within(
            self::STIR_DAYS,
            '{what}, {ago} ago.',
            static fn (Payload $one): bool => $one instanceof CarbonDose && $one->millilitres > 0.0,
        );
    }

    private function supplement(): ?Text
    {
        return $this->within(self::STIR_DAYS, '{what}, {ago} ago.', self::is(Supplement::class));
    }

    private function fresh(): ?Text
    {
        return $this->within(self::DIRTY_DAYS, '{what}, {ago} ago.', self::is(Equipment::class));
    }

    private function dirty(): ?Text
    {
        $last = $this->last(static fn (Payload $one): bool => self::isCareOf($one, Part::SkimmerCup));

        return $last !== null && -$last->daysAfter($this->now) > self::DIRTY_DAYS
            ? Text::of('Looked after {ago} ago.', ago: $this->ago($last->at))
            : null;
    }

    private static function isCareOf(Payload $payload, Part $part): bool
    {
        return $payload instanceof Care && $payload->part === $part;
    }

    /**
     * @param  class-string<Payload>  $class
     * @return Closure(Payload): bool
     */
    private static function is(string $class): Closure
    {
        return static fn (Payload $one): bool => $one instanceof $class;
    }

    /** @param  Closure(Payload): bool  $is */
    private function within(float $days, string $sentence, Closure $is): ?Text
    {
        $last = $this->last($is);

        return $last === null || -$last->daysAfter($this->now) > $days ? null : Text::of($sentence, ...[
            'ago' => $this->ago($last->at),
            'what' => $last->payload->summary(),
        ]);
    }

    /** @param  Closure(Payload): bool  $is */
    private function last(Closure $is): ?Entry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($is($entry->payload)) {
                return $entry;
            }
        }

        return null;
    }

    private function ago(DateTimeImmutable $moment): Quantity
    {
        $hours = ($this->now->getTimestamp() - $moment->getTimestamp()) / 3600;

        return $hours < 48.0
            ? Quantity::base($hours, Dimension::Hours, 0)
            : Quantity::base($hours / 24, Dimension::Days, 0);
    }
}
