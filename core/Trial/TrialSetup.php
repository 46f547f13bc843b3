<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Quantity\Dimension;

/** How the units of a trial are run: how many an arm, how large, when and how they are read. */
final readonly class TrialSetup
{
    private function __construct(
        /** An arm. */
        public int $units,
        /** Of each unit. */
        public float $litres,
        public int $cyclingWeeks,
        public int $weeks,
        /** Days from one reading to the next. */
        public int $every,
        /** Whether who reads sees codes in place of arms. */
        public bool $isBlind,
    ) {
    }

    public static function read(Reader $reader): self
    {
        $fields = self::fields();

        return new self(
            (int) $reader->needed($fields['units']),
            $reader->needed($fields['litres']),
            (int) $reader->needed($fields['cyclingWeeks']),
            (int) $reader->needed($fields['weeks']),
            (int) $reader->needed($fields['every']),
            $reader->flag('isBlind'),
        );
    }

    /** @return array<string, Field> by key */
    public static function fields(): array
    {
        $fields = [
            Field::whole('units', 'The number of units an arm', 1, 12),
            Field::of('litres', 'The water of a unit', Dimension::Volume, 0.05, 5_000.0),
            Field::whole('cyclingWeeks', 'The weeks of cycling', 0, 52),
            Field::whole('weeks', 'The weeks of the trial', 1, 104),
            Field::whole('every', 'The days from one reading to the next', 1, 28),
        ];

        return array_combine(array_map(static fn (Field $one): string => $one->key, $fields), $fields);
    }

    /** @return list<int> days on which all units are read, from the start on */
    public function days(): array
    {
        return range(0, 7 * $this->weeks, min($this->every, 7 * $this->weeks));
    }

    public function lastDay(): int
    {
        $days = $this->days();

        return $days[count($days) - 1];
    }

    /** @return array<string, int|float|bool> */
    public function toArray(): array
    {
        return [
            'units' => $this->units,
            'litres' => $this->litres,
            'cyclingWeeks' => $this->cyclingWeeks,
            'weeks' => $this->weeks,
            'every' => $this->every,
            'isBlind' => $this->isBlind,
        ];
    }
}
