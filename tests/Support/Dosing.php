<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\History\Guard\DoseContext;
use Ithys\History\Guard\DoseGuard;
use Ithys\History\Guard\Doubt;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Path\Path;
use Ithys\Quantity\UnitSystem;
use Ithys\System\Setup;
use RuntimeException;

/** What the dose guard says of a line of the log in a tank of about 300 L. */
final class Dosing
{
    /**
     * @param  list<array{float|int, string}>  $lines  by days from the start
     * @param  array<string, array{float, float}>  $targets
     */
    public static function context(array $lines, float $day, ?Path $path = null, array $targets = []): DoseContext
    {
        $setup = new Setup(Logged::tank(), $path ?? self::path());

        return new DoseContext(
            $setup,
            Logged::entries($lines, $setup->containers()),
            (new DateTimeImmutable(Logged::START))->modify(sprintf('%+d seconds', (int) round(86_400 * $day))),
            Assumptions::standard(),
            $targets,
        );
    }

    /**
     * @param  list<array{float|int, string}>  $lines
     * @param  array<string, array{float, float}>  $targets
     * @return list<Doubt>
     */
    public static function doubts(
        string $line,
        array $lines,
        float $day = 30,
        ?Path $path = null,
        array $targets = [],
    ): array {
        $here = self::context($lines, $day, $path, $targets);
        $read = QuickEntry::read($line, new Context(
            $here->at,
            UnitSystem::Metric,
            $here->litres(),
            containers: $here->setup->containers(),
        ));
        if ($read->problems !== []) {
            throw new RuntimeException("{$line}: {$read->problems[0]->sentence}");
        }

        return DoseGuard::doubts($read->entries[0]->payload, $here);
    }

    /** A skimmer, a GFO reactor of 0.6 L and a carbon bag. */
    public static function path(): Path
    {
        return Logged::path([
            ['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt'], 'figures' => ['micron' => 200]],
            ['id' => 'skimmer', 'kind' => 'skimmer'],
            [
                'id' => 'gfo', 'kind' => 'reactor', 'name' => 'GFO reactor',
                'figures' => ['capacityLitres' => 0.6], 'media' => [['medium' => 'gfo']],
            ],
        ]);
    }
}
