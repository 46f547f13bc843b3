<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\Note\Note;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Media\Ramp;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Water\Oxygen;

/** Whether organic carbon may be started or raised, by what was read, seen and given of late. */
final readonly class RampCheck
{
    /** ppm under which a nutrient is as good as gone: our estimate of what kits can tell. */
    private const NOTHING = ['no3' => 0.5, 'po4' => PhosphateFalls::NONE];

    /** Days after which a reading no longer says how things are. */
    private const FRESH = 9.0;

    /** Days back that a fall is looked for in, and that a note of gasping fish counts. */
    private const FALL = 21.0;

    private const GASPED = 7.0;

    /** ppm by which a nutrient must fall before its speed is spoken of. */
    private const LEAST_FALL = ['no3' => 2.0, 'po4' => 0.02];

    private const GASPING = '~gasp|breath|at the surface|suffocat|lethargic~i';

    /** mg/L of oxygen in balance with air under which there is little to spare: our estimate. */
    private const SCARCE = 6.2;

    /**
     * @param  list<Text>  $stops  why none may be started and what is given must come down
     * @param  list<Text>  $holds  why it must not be raised
     * @param  list<Text>  $fine  what was looked at and is well
     */
    private function __construct(public array $stops, public array $holds, public array $fine)
    {
    }

    public static function of(DoseContext $here): self
    {
        $stops = $holds = $fine = $gone = [];
        $isCloudy = false;
        foreach (Parameter::nutrients() as $parameter) {
            $reading = $here->level($parameter, self::FRESH);
            if ($reading === null) {
                $holds[] = Text::of(
                    'You have not logged {nutrient} in the last {days} days. Read it first.',
                    nutrient: $parameter->label(),
                    days: (int) self::FRESH,
                );

                continue;
            }
            $isCloudy = $isCloudy || $reading->cloudy;
            if ($reading->belowLimit || $reading->value < (self::NOTHING[$parameter->value] ?? 0.0)) {
                $gone[] = $parameter->label();

                continue;
            }
            $falls = self::falls($here, $parameter, $reading->value);
            $falls === null ?: $stops[] = $falls;
            $fine = $falls === null ? [...$fine, Text::of(
                ucfirst($parameter->label()).' is at {level}',
                level: Quantity::ppm($reading->value),
            )] : $fine;
        }
        if ($gone !== []) {
            array_unshift($stops, Text::of(
                '{what!} is at zero. Halve the dose, feed more, and do not stop at once where bacteria live on it.',
                what: implode(' and ', $gone),
            ));
        }
        if ($isCloudy) {
            $stops[] = Text::of('The last reading was of cloudy water: bacteria bloom. Wait until it is clear; oxygen '
                .'runs short at night.');
        }
        foreach ($here->entries as $entry) {
            if ($entry->payload instanceof Note && $here->daysAgo($entry) <= self::GASPED
                && preg_match(self::GASPING, $entry->payload->text) === 1) {
                $stops[] = Text::of(
                    'You noted “{note}”. Move the surface and run the skimmer; fish that gasp lack oxygen.',
                    note: mb_strimwidth($entry->payload->text, 0, 60, '…'),
                );
            }
        }
        match ($here->skims()) {
            true => $fine[] = Text::of('The skimmer runs'),
            false => $stops[] = Text::of('No skimmer runs: nothing would take the bacteria out, and nothing brings '
                .'oxygen in.'),
            null => $holds[] = Text::of('Ithys does not know of a skimmer. Lay out the path, or log “skimmer on”.'),
        };
        $water = $here->setup->tank->water;
        $oxygen = Oxygen::saturation($water->celsius, $water->salinity);
        $says = Text::of(
            'Water of {celsius} holds at most {oxygen} mg/L of oxygen',
            celsius: Quantity::celsius($water->celsius, 1),
            oxygen: Quantity::number($oxygen, 1),
        );
        if ($oxygen < self::SCARCE) {
            $holds[] = Text::of('{says!}, too little to spare. Cool it, and move the surface.', says: $says);
        } else {
            $fine[] = $says;
        }

        return new self($stops, $holds, $fine);
    }

    /** A nutrient that fell fast of late; null where it did not. */
    private static function falls(DoseContext $here, Parameter $parameter, float $level): ?Text
    {
        $limit = $here->assumptions->value('fall-share');
        foreach ($here->entries as $entry) {
            $reading = $entry->payload;
            $days = $here->daysAgo($entry);
            if (! $reading instanceof Reading || $reading->parameter !== $parameter || $days > self::FALL) {
                continue;
            }
            $fell = $reading->value - $level;
            // Of the level a week, compounded: a fall to a quarter in two weeks is a half a week.
            $aWeek = $reading->value > 0.0 ? 1 - ($level / $reading->value) ** (7 / max(7.0, $days)) : 0.0;
            if ($fell >= (self::LEAST_FALL[$parameter->value] ?? 0.0) && $aWeek >= $limit - 1e-9) {
                return Text::of(
                    '{nutrient!} fell from {then} to {now} within {days} days, too fast for corals. Halve the dose.',
                    nutrient: $parameter->label(),
                    then: Quantity::ppm($reading->value),
                    now: Quantity::ppm($level),
                    days: max(1, (int) round($days)),
                );
            }
        }

        return null;
    }

    public function mayStart(): bool
    {
        return $this->stops === [] && $this->holds === [];
    }

    /**
     * mL a day now: by what was given, and no more than is planned.
     *
     * @param  float  $given  mL a day of late; 0 where none was
     */
    public function dose(Ramp $ramp, int $week, float $given): float
    {
        return match (true) {
            $this->stops !== [] => $given / 2,
            $this->holds !== [] => $given,
            default => min($ramp->in($week), max($ramp->in(0), CarbonStep::RISE * $given, $ramp->after($given))),
        };
    }

    /** Why it is so much. */
    public function reason(float $given): Text
    {
        return match (true) {
            $this->stops !== [] => $given > 0.0
                ? Text::of('Halve the last dose you gave. {why}', why: $this->stops[0])
                : Text::of('Do not start. {why}', why: $this->stops[0]),
            $this->holds !== [] => $given > 0.0
                ? Text::of('Keep to the last dose you gave. {why}', why: $this->holds[0])
                : Text::of('Do not start yet. {why}', why: $this->holds[0]),
            default => Text::of('Continue as planned.'),
        };
    }
}
