<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Entry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Quantity\UnitSystem;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use RuntimeException;

/** A journal written as lines of the log, by days from its start, and a made-up tank that it is of. */
final class Logged
{
    public const START = '2026-03-01 12:00:00Z';

    /**
     * @param  list<array{float|int, string}>  $lines  day and line
     * @param  list<\Ithys\Journal\MediaCharge\Container>  $containers  what media can be put in
     * @return list<Entry> in order of time
     */
    public static function entries(array $lines, array $containers = []): array
    {
        $start = new DateTimeImmutable(self::START);
        $entries = [];
        foreach ($lines as [$day, $line]) {
            $at = $start->modify(sprintf('%+d seconds', (int) round(86_400 * $day)));
            $read = QuickEntry::read("{$at->format('Y-m-d H:i')} {$line}", new Context(
                new DateTimeImmutable('2029-01-01 12:00:00Z'),
                UnitSystem::Metric,
                300,
                containers: $containers,
            ));
            if ($read->problems !== []) {
                throw new RuntimeException("{$line}: {$read->problems[0]->sentence}");
            }
            foreach ($read->entries as $n => $entry) {
                $entries[] = new Entry($entry->at, $entry->payload, count($entries) + $n + 1);
            }
        }
        usort($entries, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

        return $entries;
    }

    /** @param  list<array{float|int, string}>  $lines */
    public static function timeline(
        array $lines,
        float $days,
        ?Path $path = null,
        ?Assumptions $assumptions = null,
    ): Timeline {
        $start = new DateTimeImmutable(self::START);
        $assumptions ??= Assumptions::standard();

        return Timeline::of(
            self::entries($lines, $path === null ? [] : (new Setup(self::tank(), $path))->containers()),
            [[$start, new Setup(self::tank()->assuming($assumptions), $path)]],
            $start->modify(sprintf('%+d seconds', (int) round(86_400 * $days))),
            $assumptions,
        );
    }

    public static function tank(): Tank
    {
        return new Tank(
            Display::box(1000, 500, 560, 30),
            new BesideDisplay(40, 5),
            new Ground(10, 25),
            new Conditions(35, 25),
            1800,
            TurnoverSchool::Moderate,
        );
    }

    /** @param  list<array<string, mixed>>  $items */
    public static function path(array $items): Path
    {
        return PathDocument::stored([
            'format' => Path::FORMAT,
            'schema' => Path::SCHEMA,
            'name' => 'Sump',
            'style' => 'sump',
            'litresPerHour' => 1800,
            'stockNow' => 'medium',
            'stockPlanned' => 'medium',
            'lines' => [['id' => 'main', 'items' => $items]],
        ]);
    }
}
