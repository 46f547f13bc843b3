<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Charges;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Media\Ramp;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Water\Conditions;
use Ithys\Water\Oxygen;

/** Whether organic carbon may be begun or raised, by what was read and done of late. */
final readonly class RampCheck
{
    /** ppm under which a nutrient is as good as gone: our estimate of what kits can tell. */
    private const NOTHING = ['no3' => 0.5, 'po4' => 0.01];

    /** Days after which a reading no longer says how things stand. */
    private const FRESH = 9.0;

    /** mg/L of oxygen in balance with air under which there is little to spare: our estimate. */
    private const SCARCE = 6.2;

    /**
     * @param  list<Text>  $stops  why none may be dosed
     * @param  list<Text>  $holds  why it must not be raised
     * @param  list<Text>  $fine  what was looked at and stands well
     */
    private function __construct(public array $stops, public array $holds, public array $fine)
    {
    }

    /** @param  list<Entry>  $entries  in order of time */
    public static function of(
        array $entries,
        bool $hasSkimmer,
        Conditions $water,
        DateTimeImmutable $now,
    ): self {
        $stops = $holds = $fine = [];
        $gone = [];
        $isCloudy = false;
        foreach (Parameter::nutrients() as $parameter) {
            $last = Reading::last($entries, $parameter);
            if ($last === null || -$last->daysAfter($now) > self::FRESH) {
                $holds[] = Text::of(
                    "No reading of {$parameter->label()} in the last {days} days: read it first.",
                    days: (int) self::FRESH,
                );

                continue;
            }
            $reading = $last->payload;
            if ($reading instanceof Reading) {
                $isCloudy = $isCloudy || $reading->cloudy;
                $isGone = $reading->belowLimit || $reading->value < (self::NOTHING[$parameter->value] ?? 0.0);
                if ($isGone) {
                    $gone[] = $parameter->label();
                } else {
                    $fine[] = Text::of(
                        "{$parameter->label()} at {level}",
                        level: Quantity::ppm($reading->value),
                    );
                }
            }
        }
        if ($gone !== []) {
            $stops[] = Text::of(
                '{what} at nought: stop. Step down by half, feed more, and never stop at once where bacteria live on '
                    .'it.',
                what: ucfirst(implode(' and ', $gone)),
            );
        }
        if ($isCloudy) {
            $stops[] = Text::of('The last reading was of cloudy water: bacteria bloom. Stop until it is clear; oxygen '
                .'runs short at night.');
        }
        $isOn = self::skimmer($entries, $hasSkimmer);
        if ($isOn) {
            $fine[] = Text::of('The skimmer runs');
        } else {
            $stops[] = Text::of('No skimmer runs: nothing would take the bacteria out, and nothing brings oxygen in.');
        }
        $oxygen = Oxygen::saturation($water->celsius, $water->salinity);
        $says = Text::of(
            'Water of {celsius} holds {oxygen} mg/L of oxygen at the most',
            celsius: Quantity::celsius($water->celsius, 1),
            oxygen: Quantity::number($oxygen, 1),
        );
        if ($oxygen < self::SCARCE) {
            $holds[] = Text::of('{says}: too little to spare. Cool it, and move the surface.', says: $says);
        } else {
            $fine[] = $says;
        }

        return new self($stops, $holds, $fine);
    }

    /** mL a day in a week of a ramp: as planned, what the week before had, or half. */
    public function dose(Ramp $ramp, int $week): float
    {
        return match (true) {
            $this->stops !== [] => $ramp->in($week) / 2,
            $this->holds !== [] => $ramp->in(max(0, $week - 1)),
            default => $ramp->in($week),
        };
    }

    /** Why it is so much. */
    public function reason(): Text
    {
        return match (true) {
            $this->stops !== [] => Text::of('Step back to half: {why}', why: $this->stops[0]),
            $this->holds !== [] => Text::of('Hold what last week had: {why}', why: $this->holds[0]),
            default => Text::of('Go on as planned.'),
        };
    }

    /** @param  list<Entry>  $entries */
    private static function skimmer(array $entries, bool $hasSkimmer): bool
    {
        foreach ($entries as $entry) {
            $hasSkimmer = $entry->payload instanceof SkimmerSwitch ? $entry->payload->on : $hasSkimmer;
        }

        return $hasSkimmer;
    }
}
