<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use Ithys\Journal\Entry;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Skimmer\SkimmerSwitch;

/** How the machines of a tank are set. */
final readonly class Machines
{
    public function __construct(
        public bool $skimmerOn,
        /** A day. */
        public float $skimmerOffHours = 0.0,
        /** Of the algae, a day; null where none was logged. */
        public ?float $lightHours = null,
        /** How much faster the fleece of a roller winds on than now. */
        public float $rollerTimes = 1.0,
    ) {
    }

    /** @param  list<Entry>  $entries  in order of time */
    public static function present(array $entries, bool $hasSkimmer): self
    {
        [$isOn, $off, $hours] = [$hasSkimmer, 0.0, null];
        foreach ($entries as $entry) {
            $payload = $entry->payload;
            if ($payload instanceof SkimmerSwitch) {
                [$isOn, $off] = [$payload->on, $payload->offHours];
            } elseif ($payload instanceof Photoperiod && ! $payload->isOfDisplay) {
                $hours = $payload->hoursPerDay;
            }
        }

        return new self($isOn, $off, $hours);
    }
}
