<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Charges;

use Ithys\Assumption\Assumptions;
use Ithys\Media\Medium;
use Ithys\Nutrient\Forecast\Outlook;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Timeline\Fresh;
use Ithys\Path\Review\ZeoliteDose;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** The four ways to an amount of a medium, side by side. */
final readonly class Roads
{
    /** Of its room that a vessel is filled to, so that water goes through. */
    private const FILLED = 0.7;

    private const THREE_TIMES = 3.0;

    public function __construct(private Assumptions $assumptions)
    {
    }

    /** By the water of the tank; by a practice or an estimate that can be set. */
    public function byVolume(Medium $medium, float $litres, ?float $litresPerHour): Road
    {
        $title = 'By the water of the tank';
        if ($medium === Medium::Biological) {
            $each = $this->assumptions->value('biological-grams');

            return new Road($title, self::THREE_TIMES * $each * $litres, Text::of(
                'Three times the {need} that {litres} needs, as keepers buy it.',
                need: Quantity::grams($each * $litres),
                litres: Quantity::litres($litres),
            ), 'biological-grams');
        }
        $key = match ($medium) {
            Medium::ActivatedCarbon => 'carbon-volume',
            Medium::Alumina, Medium::Gfo, Medium::Resin, Medium::Zeolite => "{$medium->value}-volume",
            default => null,
        };
        if ($key === null) {
            return new Road($title, null, Text::of('Nothing is known of how much a tank takes. Its maker says it.'));
        }
        $share = $medium === Medium::Zeolite && $litresPerHour !== null && $litresPerHour > 0.0
            ? ZeoliteDose::share($litresPerHour, $this->assumptions->value('zeolite-flow'))
            : 1.0;
        $millilitres = $share * $this->assumptions->value($key) * $litres;

        return new Road($title, $millilitres * $this->density($medium), Text::of(
            $share < 1.0
                ? '{ml} for {litres}; cut to {share}, for {flow} goes past it.'
                : '{ml} for {litres}.',
            ml: Quantity::millilitres($millilitres),
            litres: Quantity::litres($litres),
            share: Quantity::number($share, 2),
            flow: Quantity::perHour($litresPerHour ?? 0.0),
        ), $key);
    }

    /**
     * By what it has to take.
     *
     * @throws InvalidLever
     */
    public function byBudget(?Outlook $outlook, Fresh $fresh, float $level, float $days): Road
    {
        $title = 'By budget';
        if (! $fresh->medium->mayBind()) {
            return new Road($title, null, Text::of('Only for what binds phosphate.'));
        }
        if ($this->assumptions->value("{$fresh->medium->value}-most") <= 0.0) {
            return new Road($title, null, Text::of(
                'What it holds is not known. Set the figures of your unlisted medium under Settings, Assumptions.',
            ), "{$fresh->medium->value}-most");
        }
        if ($outlook === null) {
            return new Road($title, null, Text::of(
                'The tank is not learned yet. Open the ledger; it needs readings and something about food.',
            ));
        }
        $budget = Budget::of($outlook, $fresh, $level, $days);
        if (! $budget instanceof Budget) {
            return new Road($title, $budget <= $level ? 0.0 : null, Text::of(
                $budget <= $level
                    ? 'None is needed: by itself phosphate comes to {level} in {days} days.'
                    : 'No amount here keeps phosphate so low for {days} days: at best it comes to {level}. Change it '
                        .'more often, or bring in less.',
                level: Quantity::ppm($budget),
                days: (int) round($days),
            ));
        }
        $mg = static fn (float $value): Quantity => Quantity::number($value, 0);

        return new Road($title, $budget->grams, Text::of(
            'It takes {all} mg of phosphate in {days} days: {water} out of the water, {rock} that rock gives back, '
                .'{in} that comes in beyond all other ways out; {loading} mg a gram.',
            all: $mg($budget->takes()),
            days: (int) round($days),
            water: $mg($budget->fromWater),
            rock: $mg($budget->fromRock),
            in: $mg($budget->comesIn),
            loading: Quantity::number($budget->loading, 2),
        ), "{$fresh->medium->value}-most");
    }

    /** By the room there is. */
    public function byVessel(Medium $medium, ?string $vessel, ?float $litres): Road
    {
        $title = 'By what fits';

        return match (true) {
            $vessel === null => new Road($title, null, Text::of('Pick the part of the path it goes into.')),
            $litres === null => new Road($title, null, Text::of(
                'The path does not say how much {vessel} holds.',
                vessel: $vessel,
            )),
            default => new Road($title, 1000 * self::FILLED * $litres * $this->density($medium), Text::of(
                '{vessel} holds {litres}; filled to {share}, so that water goes through.',
                vessel: $vessel,
                litres: Quantity::litres($litres),
                share: Quantity::share(self::FILLED),
            ), "{$medium->value}-density"),
        };
    }

    /** g a mL as it is poured. */
    public function density(Medium $medium): float
    {
        return $this->assumptions->value("{$medium->value}-density");
    }
}
