<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\History\Course\Fresh;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What the guard has against the settings of a scenario: they are doses and meals too. */
final class ScenarioGuard
{
    /** Of the feeding there is, under which animals starve over weeks: our estimate. */
    private const LEAST_FOOD = 0.3;

    /**
     * @param  array<string, float|bool|string|null>  $levers  those that are set differently, as a course takes them
     * @return list<Doubt> the gravest first
     */
    public static function doubts(array $levers, DoseContext $here): array
    {
        $doubts = [];
        foreach (self::doses($levers) as $dose) {
            $doubts = [...$doubts, ...$dose instanceof Doubt ? [$dose] : DoseGuard::doubts($dose, $here)];
        }
        $food = $levers['feedTimes'] ?? null;
        if (is_float($food) && $food < self::LEAST_FOOD) {
            $doubts[] = Doubt::refuse('feeding', Text::of(
                'Feeding {share} of what you feed now would starve your animals. Keep at least {least}.',
                share: Quantity::share($food),
                least: Quantity::share(self::LEAST_FOOD),
            ));
        }

        return Doubt::inOrder($doubts);
    }

    /**
     * @param  array<string, float|bool|string|null>  $levers
     * @return list<Payload|Doubt>
     */
    private static function doses(array $levers): array
    {
        $doses = [];
        foreach (Fresh::chosen($levers) as $one) {
            $doses[] = self::made(
                static fn (): Payload => MediaCharge::grams($one->medium, $one->grams, $one->place),
            );
        }
        $millilitres = (float) ($levers['spirit'] ?? 0.0);
        if ($millilitres > 0.0) {
            $doses[] = self::made(static fn (): Payload => CarbonDose::of(CarbonSource::Spirit, $millilitres));
        }

        return $doses;
    }

    /** @param  callable(): Payload  $make */
    private static function made(callable $make): Payload|Doubt
    {
        try {
            return $make();
        } catch (InvalidEntry $invalid) {
            return Doubt::refuse('amount', $invalid->says);
        }
    }
}
