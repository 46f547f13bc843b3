<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Document\Field;
use Ithys\Document\Reader;

/** When a trial in a tank is switched and read. */
final readonly class Schedule
{
    /** Sides of a change whose verdict can be opened, days. */
    public const SIDES = [28, 42, 84];

    /** Readings that a period needs once its washout is over. */
    public const LEAST = 2;

    private function __construct(
        /** Of a period, or before and after the change. */
        public int $phaseDays,
        /** Half of them on. */
        public int $periods,
        /** After each switch, whose readings do not count: what is left of it still works. */
        public int $washoutDays,
        /** Days from one reading to the next. */
        public int $every,
    ) {
    }

    public static function read(Reader $reader, Form $form): self
    {
        $fields = self::fields();
        $phase = (int) $reader->needed($fields['phaseDays']);
        $every = (int) $reader->needed($fields['every']);
        if ($form !== Form::Switched) {
            in_array($phase, self::SIDES, true) || $reader->note(
                'Take 28, 42 or 84 days before and after the change.',
                'phaseDays',
            );

            return new self($phase, 2, 0, $every);
        }
        $periods = (int) $reader->needed($fields['periods']);
        $washout = (int) ($reader->figure($fields['washoutDays']) ?? 0.0);
        $periods % 2 === 0 || $reader->note('Take an even number of periods: half of them are on.', 'periods');
        $phase - $washout >= self::LEAST * $every || $reader->note(
            'A period needs two readings once its washout is over: make it longer, or read more often.',
            'phaseDays',
        );

        return new self($phase, $periods, $washout, $every);
    }

    /** @return array<string, Field> by key */
    public static function fields(): array
    {
        return [
            'phaseDays' => Field::whole('phaseDays', 'The days of a period', 7, 84),
            'periods' => Field::whole('periods', 'The number of periods', 4, 12),
            'washoutDays' => Field::whole('washoutDays', 'The days of washout', 0, 42),
            'every' => Field::whole('every', 'The days from one reading to the next', 1, 14),
        ];
    }

    /** @return array<string, int> */
    public function toArray(): array
    {
        return [
            'phaseDays' => $this->phaseDays,
            'periods' => $this->periods,
            'washoutDays' => $this->washoutDays,
            'every' => $this->every,
        ];
    }
}
