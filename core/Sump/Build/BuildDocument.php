<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Document\Unfinished;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\LocalMoment;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\SumpFields;

/** Reads the record of a build, as it is stored or as it is typed. */
final readonly class BuildDocument
{
    private const MOST = 60;

    /** @param  ?DateTimeImmutable  $today  nothing is done later than that; null for what is stored, which is done */
    private function __construct(private Reader $from, private ?DateTimeImmutable $today)
    {
    }

    /**
     * @param  array<mixed>  $typed
     * @param  DateTimeImmutable  $today  in the keeper's zone
     *
     * @throws Refused with a sentence at every place that cannot be read
     */
    public static function typed(array $typed, UnitSystem $units, DateTimeImmutable $today): BuildRecord
    {
        return (new self(Reader::typed($typed, $units), $today))->record();
    }

    /**
     * What can be read of a record while it is typed: a leak test or measure that is not finished holds nothing up.
     *
     * @param  array<mixed>  $typed
     * @return array{?BuildRecord, array<string, string>} and a sentence at every place that cannot be read
     */
    public static function partly(array $typed, UnitSystem $units, DateTimeImmutable $today): array
    {
        try {
            return [self::typed($typed, $units, $today), []];
        } catch (Refused $invalid) {
            $less = Unfinished::leftOut($typed, array_keys($invalid->problems), ['leakTests' => ['leakTests', '*']]);
        }
        try {
            return [self::typed($less, $units, $today), $invalid->problems];
        } catch (Refused) {
            return [null, $invalid->problems];
        }
    }

    /**
     * @param  array<mixed>  $document  as {@see BuildRecord::toArray()} made it
     *
     * @throws Refused
     */
    public static function stored(array $document): BuildRecord
    {
        $from = Reader::stored(
            $document,
            'build',
            'the record of a build',
            BuildRecord::FORMAT,
            BuildRecord::SCHEMA,
        );

        return (new self($from, null))->record();
    }

    private function record(): BuildRecord
    {
        $done = $measured = [];
        foreach (array_slice($this->from->keys('done'), 0, self::MOST) as $step) {
            $day = $this->day($this->from->group('done'), $step);
            if ($day !== null) {
                $done[$step] = $day;
            }
        }
        foreach (array_slice($this->from->map('measured'), 0, self::MOST, true) as $baffle => $corners) {
            $read = self::corners($corners);
            if ($read !== []) {
                $measured[(string) $baffle] = new Measured($read);
            }
        }
        $record = new BuildRecord(
            $this->from->flag('retrofit'),
            $this->from->figure(SumpFields::cureHours()),
            $done,
            $this->leakTests(),
            $measured,
        );
        $this->from->close();

        return $record;
    }

    /** @return list<LeakTest> */
    private function leakTests(): array
    {
        $tests = [];
        foreach (array_slice($this->from->list('leakTests'), 0, self::MOST) as $test) {
            $level = $test->needed(SumpFields::mm('levelMm', 'The level of the water', 1.0, 1_500.0));
            $result = LeakResult::tryFrom($test->text('result'));
            if ($result === null) {
                $test->note('Say what it showed.', 'result');
            }
            $day = $this->day($test, 'day');
            if ($day !== null) {
                $tests[] = new LeakTest($day, $level, $result ?? LeakResult::Leaks, $test->text('note'));
            } elseif ($test->text('day') === '') {
                $test->note('The day of the test is needed.', 'day');
            }
        }

        return $tests;
    }

    /** @return array<string, float> mm by {@see Measured::CORNERS} */
    private static function corners(Reader $from): array
    {
        $corners = [];
        foreach (array_keys(Measured::CORNERS) as $corner) {
            $mm = $from->figure(SumpFields::mm($corner, 'The place of the baffle', 0.0, 6_000.0));
            if ($mm !== null) {
                $corners[$corner] = $mm;
            }
        }

        return $corners;
    }

    private function day(Reader $from, string $key): ?DateTimeImmutable
    {
        $text = $from->text($key);
        if ($text === '') {
            return null;
        }
        try {
            $day = LocalMoment::day($text, $this->today?->getTimezone() ?: new DateTimeZone('UTC'));
        } catch (InvalidEntry $invalid) {
            $from->note($invalid->getMessage(), $key);

            return null;
        }
        if ($this->today !== null && $day > $this->today) {
            $from->note('This day is yet to come.', $key);

            return null;
        }

        return $day;
    }
}
