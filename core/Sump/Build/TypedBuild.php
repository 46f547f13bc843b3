<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\LocalMoment;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Fields;
use Ithys\Sump\InvalidSection;

/** Reads the record of a build as typed; the stored document is read by the same reader. */
final readonly class TypedBuild
{
    private const MOST = 60;

    private const LEVEL = [Dimension::Length, 1.0, 1_500.0, 'The level of the water'];

    private const CORNER = [Dimension::Length, 0.0, 6_000.0, 'The place of the baffle'];

    private function __construct(private Fields $fields, private DateTimeImmutable $today)
    {
    }

    /**
     * @param  array<mixed>  $typed
     * @param  DateTimeImmutable  $today  nothing is done later than that
     *
     * @throws InvalidSection with a sentence at every place that cannot be read
     */
    public static function read(array $typed, UnitSystem $units, DateTimeImmutable $today): BuildRecord
    {
        $reader = new self(new Fields($units), $today);
        $record = $reader->record($typed);
        $problems = $reader->fields->problems();

        return $problems === [] ? $record : throw InvalidSection::places($problems);
    }

    /** @param  array<mixed>  $typed */
    private function record(array $typed): BuildRecord
    {
        $done = $measured = [];
        foreach (array_slice(Fields::map($typed, 'done'), 0, self::MOST) as $step => $day) {
            $read = $this->day(['day' => $day], "done.{$step}");
            if ($read !== null) {
                $done[(string) $step] = $read;
            }
        }
        foreach (array_slice(Fields::map($typed, 'measured'), 0, self::MOST) as $baffle => $corners) {
            $read = $this->corners((string) $baffle, is_array($corners) ? $corners : []);
            if ($read !== []) {
                $measured[(string) $baffle] = new Measured($read);
            }
        }

        return new BuildRecord(
            ($typed['retrofit'] ?? false) === true,
            $this->fields->figure($typed, 'cureHours', 'cureHours', [null, 1.0, 2_000.0, 'The cure']),
            $done,
            $this->leakTests(array_slice(Fields::list($typed, 'leakTests'), 0, self::MOST)),
            $measured,
        );
    }

    /**
     * @param  list<array<mixed>>  $typed
     * @return list<LeakTest>
     */
    private function leakTests(array $typed): array
    {
        $tests = [];
        foreach ($typed as $i => $test) {
            $day = $this->day($test, "leakTests.{$i}.day");
            $level = $this->fields->needed($test, 'levelMm', "leakTests.{$i}.levelMm", self::LEVEL, 1.0);
            $result = LeakResult::tryFrom(Fields::text($test, 'result'));
            if ($result === null) {
                $this->fields->note("leakTests.{$i}.result", 'Say what it showed.');
            }
            if ($day === null) {
                $this->fields->note("leakTests.{$i}.day", 'The day of the test is needed.');
            } else {
                $tests[] = new LeakTest($day, $level, $result ?? LeakResult::Leaks, Fields::name($test, 'note'));
            }
        }

        return $tests;
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, float>
     */
    private function corners(string $baffle, array $typed): array
    {
        $corners = [];
        foreach (array_keys(Measured::CORNERS) as $corner) {
            $mm = $this->fields->figure($typed, $corner, "measured.{$baffle}.{$corner}", self::CORNER);
            if ($mm !== null) {
                $corners[$corner] = $mm;
            }
        }

        return $corners;
    }

    /** @param  array<mixed>  $typed */
    private function day(array $typed, string $at): ?DateTimeImmutable
    {
        $text = Fields::text($typed, 'day');
        if ($text === '') {
            return null;
        }
        try {
            $day = LocalMoment::day($text, $this->today->getTimezone());
        } catch (InvalidEntry $invalid) {
            $this->fields->note($at, $invalid->getMessage());

            return null;
        }
        if ($day > $this->today) {
            $this->fields->note($at, 'This day is yet to come.');

            return null;
        }

        return $day;
    }
}
