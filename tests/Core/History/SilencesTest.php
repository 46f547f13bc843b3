<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\History\Routines;
use Ithys\History\Silences;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Tests\Support\Logged;

/**
 * @param  list<array{float, string}>  $lines
 * @return array<string, string> what is asked, by routine
 */
function askedOf(array $lines, int $days): array
{
    $now = new DateTimeImmutable(Logged::START." +{$days} days");
    $words = new Words(UnitSystem::Metric);
    $routines = Routines::of(Logged::entries($lines), 300.0, new DateTimeZone('UTC'), $now, Assumptions::standard());

    return array_map(
        static fn (Finding $one): string => "{$words->say($one->title)} {$words->say($one->sentence)}",
        Silences::in($routines),
    );
}

it('asks whether a routine goes on of which nothing is logged for long', function (): void {
    $lines = [];
    foreach (range(0, 119) as $day) {
        if ($day < 90) {
            $lines[] = [$day + 0.4, 'fed 1 g pellet'];
            $lines[] = [$day + 0.5, 'vinegar 10 ml'];
        }
        if ($day % 7 === 0) {
            $lines[] = [$day + 0.3, 'water change 30 l'];
        }
    }
    expect(array_values(askedOf($lines, 120)))->toBe([
        'Feeding: still the same? You have logged nothing since 29 May 2026; before that 1 g a day.',
        'Vinegar: still the same? You have logged nothing since 30 May 2026; before that 10 mL a day.',
    ])
        // A few days say nothing, and a stop that is logged needs no question.
        ->and(askedOf($lines, 95))->toBe([])
        ->and(askedOf([...$lines, [90, 'vinegar stopped'], [90, 'feeding plan 1 g pellet a day']], 120))->toBe([])
        ->and(askedOf([...$lines, [119, 'vinegar as before'], [90, 'feeding stopped']], 120))->toBe([]);
});

it('asks of a routine that was taken up once after a stop, and then fell silent', function (): void {
    $lines = [];
    foreach (range(0, 84, 7) as $day) {
        $lines[] = [$day + 0.3, 'sock changed'];
    }
    $asked = askedOf([...$lines, [90, 'socks stopped'], [100, 'sock changed']], 220);
    expect($asked)->toHaveCount(1)->and(array_values($asked)[0])->toContain('before that one in 7 days');
});
