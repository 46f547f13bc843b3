<?php

declare(strict_types=1);

namespace Ithys\Dosing;

use Ithys\Assumption\Assumptions;
use Ithys\Media\Medium;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** The ways to an amount of a medium, side by side. */
final readonly class DoseMethods
{
    /** Of its room that a vessel is filled to, so that water goes through. */
    private const FILLED = 0.7;

    private const THREE_TIMES = 3.0;

    public function __construct(private Assumptions $assumptions)
    {
    }

    /** The share of the full dose at a flow, L/h: 1 up to the flow zeolite is made for, then falling with it. */
    public static function zeoliteShare(float $litresPerHour, float $limit): float
    {
        return min(1.0, $limit / $litresPerHour);
    }

    /** By the water of the tank; by a practice or an estimate that can be set. */
    public function byVolume(Medium $medium, float $litres, ?float $litresPerHour): DoseMethod
    {
        $title = 'By the water of the tank';
        if ($medium === Medium::Biological) {
            $each = $this->assumptions->value('biological-grams');

            return new DoseMethod($title, self::THREE_TIMES * $each * $litres, Text::of(
                'Three times the {need} that {litres} needs, as keepers buy it.',
                need: Quantity::grams($each * $litres),
                litres: Quantity::litres($litres),
            ), 'biological-grams');
        }
        $key = $medium->key('volume');
        if ($key === null) {
            return new DoseMethod($title, null, Text::of('No common practice is known. Follow the maker.'));
        }
        $share = $medium === Medium::Zeolite && $litresPerHour !== null && $litresPerHour > 0.0
            ? self::zeoliteShare($litresPerHour, $this->assumptions->value('zeolite-flow'))
            : 1.0;
        $millilitres = $share * $this->assumptions->value($key) * $litres;

        return new DoseMethod($title, $millilitres * $this->density($medium), Text::of(
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
     * By what it has to do to phosphate, as a first portion and weekly steps.
     *
     * @param  Reach  $reach  how it meets the water where it goes
     * @param  ?float  $level  ppm of phosphate now; null where it was not read of late
     */
    public function byBudget(Medium $medium, Reach $reach, ?float $level, float $wanted, float $days): DoseMethod
    {
        $title = 'By budget';
        if (! $medium->mayBind()) {
            return new DoseMethod($title, null, Text::of('Only for media that bind phosphate.'));
        }
        $figures = array_map(
            fn (string $figure): float => $this->assumptions->value((string) $medium->key($figure)),
            ['most', 'affinity', 'film', 'pores'],
        );
        if ($figures[0] <= 0.0) {
            return new DoseMethod($title, null, Text::of(
                'Ithys does not know what it holds. Enter its figures under Settings, Assumptions.',
            ), $medium->key('most'));
        }
        if ($level === null) {
            return new DoseMethod($title, null, Text::of(
                'Log a phosphate reading: there is none of the last two weeks, or it was below what your kit reads.',
            ));
        }
        $budget = Budget::of($figures, $reach->contact, $reach->litresPerDay, $reach->litres, $level, $wanted, $days);
        if ($budget === null) {
            return new DoseMethod($title, 0.0, Text::of(
                'None is needed: phosphate is {level} now.',
                level: Quantity::ppm($level),
            ));
        }
        [$likely, $low, $high] = $budget->end;
        $grams = static fn (float $grams): Quantity => Quantity::grams(Quantity::significant($grams, 2));

        $ppm = static fn (float $level): Quantity => Quantity::ppm(Quantity::significant($level, 2));

        return new DoseMethod(
            $title,
            Quantity::significant($budget->firstGrams, 2),
            Text::of(
                'A first portion: alone it takes phosphate from {level} to about {likely} in {days} days ({low} to '
                    .'{high}), and not under {lowest} on the way.{reaches}',
                level: Quantity::ppm($level),
                likely: $ppm($likely),
                days: (int) round($days),
                low: $ppm($low),
                high: $ppm($high),
                lowest: $ppm($budget->lowest[1]),
                reaches: $budget->reaches ? '' : ' One filling cannot hold it that long without a sharp dip first.',
            ),
            $medium->key('most'),
            [
                Text::of('Read phosphate twice a week and take the mean.'),
                Text::of(
                    'Above {more} and not a third lower than the week before: add {step}.',
                    more: $ppm(Budget::MORE_ABOVE * $wanted),
                    step: $grams($budget->grams / 4),
                ),
                Text::of(
                    'Under {less}: take the oldest portion out.',
                    less: $ppm(Budget::LESS_UNDER * $wanted),
                ),
                Text::of('Never more than {most} at once; then renew it.', most: $grams(2 * $budget->grams)),
            ],
        );
    }

    /** By the room there is. */
    public function byVessel(Medium $medium, ?string $vessel, ?float $litres): DoseMethod
    {
        $title = 'By what fits';

        return match (true) {
            $vessel === null => new DoseMethod($title, null, Text::of('Pick the part of the path it goes into.')),
            $litres === null => new DoseMethod($title, null, Text::of(
                'The path does not say how much {vessel} holds.',
                vessel: $vessel,
            )),
            default => new DoseMethod($title, 1000 * self::FILLED * $litres * $this->density($medium), Text::of(
                '{vessel} holds {litres}; filled to {share}, so that water goes through.',
                vessel: $vessel,
                litres: Quantity::litres($litres),
                share: Quantity::share(self::FILLED),
            ), $medium->key('density')),
        };
    }

    /** g a mL as it is poured. */
    public function density(Medium $medium): float
    {
        return $this->assumptions->value((string) $medium->key('density'));
    }
}
