<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\History\Charge;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\DosePlan\DosePlan;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Media\Medium;
use Ithys\Path\Kind;
use Ithys\System\Setup;

/** A tank at the moment of a dose: its water, what was read and dosed of late, and what lies in its vessels. */
final readonly class DoseContext
{
    /** Days of the journal that it needs. */
    public const DAYS = 120;

    /** Days after which a reading no longer says how things are. */
    private const FRESH = 14.0;

    private const WEEK = 7.0;

    /** Hours within which doses are of one day. */
    private const ONE_DAY = 20.0;

    /**
     * @param  list<Entry>  $entries  before that moment, in order of time
     * @param  array<string, array{float, float}>  $targets  least and most level, ppm, by parameter
     */
    public function __construct(
        public Setup $setup,
        public array $entries,
        public DateTimeImmutable $at,
        public Assumptions $assumptions,
        public array $targets = [],
    ) {
    }

    /** Net water volume. */
    public function litres(): float
    {
        return $this->setup->workingVolume()->litres;
    }

    /** What was last read of a parameter; null where that is too long ago. */
    public function level(Parameter $parameter, float $days = self::FRESH): ?Reading
    {
        $last = Reading::last($this->entries, $parameter);
        $reading = $last?->payload;

        return $reading instanceof Reading && $this->daysAgo($last) <= $days ? $reading : null;
    }

    /** ppm of phosphate as last read; null where that is too long ago, or was below what the kit reads. */
    public function phosphate(): ?float
    {
        $reading = $this->level(Parameter::Phosphate);

        return $reading === null || $reading->belowLimit ? null : $reading->value;
    }

    /** ppm of a reading; half the limit where it was read as below one. */
    public function ppm(Reading $reading): float
    {
        return $reading->belowLimit
            ? $this->assumptions->value(Assumed::BelowLimit) * $reading->value
            : $reading->value;
    }

    /**
     * mg of organic carbon of all sources that was dosed so many days before this moment; today is 0. What a pump doses
     * counts on days before today of which nothing else is logged.
     */
    public function carbonOn(int $daysBefore): float
    {
        $logged = [];
        foreach ($this->entries as $entry) {
            $dose = $entry->payload;
            if ($dose instanceof CarbonDose && $this->daysAgo($entry) >= 0.0 && $this->dayOf($entry) === $daysBefore) {
                $logged[$dose->source->value] = ($logged[$dose->source->value] ?? 0.0)
                    + $dose->millilitres * OrganicCarbon::perMillilitre($dose->source, $this->assumptions);
            }
        }

        return array_sum($logged + ($daysBefore === 0 ? [] : $this->plannedOn($daysBefore)));
    }

    /** @return array<string, float> mg of carbon that pumps are set to dose on such a day, by source */
    private function plannedOn(int $daysBefore): array
    {
        $planned = [];
        foreach ($this->entries as $entry) {
            $dose = $entry->payload;
            if ($this->daysAgo($entry) < 0.0 || $this->dayOf($entry) < $daysBefore) {
                continue;
            }
            if ($dose instanceof DosePlan) {
                $planned[$dose->source->value]
                    = $dose->perDay() * OrganicCarbon::perMillilitre($dose->source, $this->assumptions);
            } elseif ($dose instanceof CarbonDose && $dose->millilitres === 0.0) {
                unset($planned[$dose->source->value]);
            }
        }

        return $planned;
    }

    /** Whole days before this moment; what is of today is 0. */
    private function dayOf(Entry $entry): int
    {
        $ago = $this->daysAgo($entry);

        return $ago < self::ONE_DAY / 24 ? 0 : max(1, (int) round($ago));
    }

    /** The most on a day of the week before. */
    public function carbonBefore(): float
    {
        return max(array_map($this->carbonOn(...), range(1, (int) self::WEEK)));
    }

    /**
     * mg of organic carbon a day as it was last given: the most of two days; 0 where none was for four, or it
     * stopped.
     */
    public function givenCarbon(): float
    {
        $planned = array_sum($this->plannedOn(0));
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->payload instanceof CarbonDose) {
                if ($entry->payload->millilitres === 0.0) {
                    return $planned;
                }
                break;
            }
        }
        $last = max($this->carbonOn(0), $this->carbonOn(1), $planned);

        return $last > 0.0 ? $last : max($this->carbonOn(2), $this->carbonOn(3));
    }

    /** mg of carbon a day at a full dose of this water. */
    public function fullCarbon(): float
    {
        return $this->assumptions->value('spirit-full') * $this->litres() / 100
            * $this->assumptions->value('carbon-spirit');
    }

    /** @return list<Charge> charges that are in */
    public function charges(): array
    {
        return Charge::in(Charge::all($this->entries));
    }

    /** g of a charge, by weight or by its density. */
    public function grams(MediaCharge $charge): float
    {
        return $charge->weight($this->assumptions);
    }

    /** g a mL as it is poured. */
    public function density(Medium $medium): float
    {
        return $this->assumptions->value((string) $medium->key('density'));
    }

    /** Whether the skimmer runs, by its last switch, else by the path; null where neither says. */
    public function skims(): ?bool
    {
        $runs = $this->setup->path === null ? null : $this->setup->path->itemsOf(Kind::Skimmer) !== [];
        foreach ($this->entries as $entry) {
            $runs = $entry->payload instanceof SkimmerSwitch ? $entry->payload->on : $runs;
        }

        return $runs;
    }

    public function daysAgo(Entry $entry): float
    {
        return -$entry->daysAfter($this->at);
    }
}
