<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\Entry;
use Ithys\Journal\Fleece\Fleece;

/** How fast a roller uses its fleece, and when its roll is empty, from the lengths that were logged. */
final readonly class FleeceUse
{
    /** How far the pace of a week differs from the mean of some: our estimate. */
    private const UNSURE = 0.25;

    /** @param  list<array{float, float}>  $paces  from a day on: mm a day */
    private function __construct(
        public array $paces,
        /** mm on the roll at the end; null where it was never logged. */
        public ?float $leftMm,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @param  DateTimeImmutable  $from  day nought
     * @param  float  $end  the day up to which it is known
     */
    public static function of(array $entries, DateTimeImmutable $from, float $end): self
    {
        $paces = [];
        $last = null;
        foreach ($entries as $entry) {
            $day = $entry->daysAfter($from);
            if ($day > $end) {
                break;
            }
            $payload = $entry->payload;
            if ($payload instanceof Care && $payload->part === Part::Roller && $payload->deed === Deed::Changed) {
                // A new roll: what was left of the old one says nothing of it.
                $last = null;
            } elseif ($payload instanceof Fleece && $payload->mmPerDay !== null) {
                $paces[] = [$day, $payload->mmPerDay];
            } elseif ($payload instanceof Fleece && $payload->leftMm !== null) {
                if ($last !== null && $day - $last[0] >= 1.0 && $payload->leftMm <= $last[1]) {
                    $paces[] = [$last[0], ($last[1] - $payload->leftMm) / ($day - $last[0])];
                }
                $last = [$day, $payload->leftMm];
            }
        }
        usort($paces, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $pace = $paces === [] ? null : $paces[count($paces) - 1][1];

        return new self($paces, $last === null ? null : max(0.0, $last[1] - ($pace ?? 0.0) * ($end - $last[0])));
    }

    /** mm a day now; null where nothing says it. */
    public function pace(): ?float
    {
        return $this->paces === [] ? null : $this->paces[count($this->paces) - 1][1];
    }

    /** How long waste stays on it, days: what is spread in the flow over what moves on. */
    public static function stay(float $mmPerDay, Assumptions $assumptions): float
    {
        return min(30.0, $assumptions->value('roller-exposed') / max(1e-3, $mmPerDay));
    }

    /** @return ?array{float, float, float} days until the roll is empty: likely, soonest and latest */
    public function empty(): ?array
    {
        $pace = $this->pace();
        if ($pace === null || $pace <= 0.0 || $this->leftMm === null) {
            return null;
        }
        $days = $this->leftMm / $pace;

        return [$days, $days / (1 + self::UNSURE), $days * (1 + self::UNSURE)];
    }
}
