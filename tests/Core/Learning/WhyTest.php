<?php

declare(strict_types=1);

use Ithys\Learning\Ledger\Ledger;
use Ithys\Learning\Ledger\Why;
use Ithys\Learning\Ledger\WhyLine;
use Ithys\Nutrient\Element;
use Ithys\Quantity\Text;
use Tests\Support\Logged;

/** @return array{Why, Why, Why} from the first eight weeks to the last, back, and of one time with itself */
function whyOf(Element $element): array
{
    $lines = [[0, 'feeding plan 1 g pellet a day'], [56, 'feeding plan 2 g pellet a day']];
    foreach (range(0, 112, 7) as $day) {
        $lines[] = [$day, 'no3 8 po4 0.08'];
        $lines[] = [$day + 0.2, 'water change 30 l'];
    }
    $timeline = Logged::timeline($lines, 113);
    [$first, $last] = [Ledger::between($timeline, null, 0.0, 56.0), Ledger::between($timeline, null, 56.0, 112.0)];

    return [Why::of($first, $last, $element), Why::of($last, $first, $element), Why::of($first, $first, $element)];
}

it('lays two times beside each other, and puts what moved the level most first', function (Element $element): void {
    [$why, $back, $same] = whyOf($element);
    expect($why->lines[0]->key)->toBe('fed')
        ->and($why->lines[0]->since)->toAgreeWith(2 * $why->lines[0]->before, 0.02)
        ->and($why->net())->toBeGreaterThan(0.0)
        // The other way round it is the opposite; one time moves nothing beside itself.
        ->and($back->net())->toEqualWithDelta(-$why->net(), 1e-9)
        ->and(array_filter($same->lines, fn (WhyLine $one): bool => $one->raises !== 0.0))->toBe([])
        ->and($same->net())->toEqualWithDelta(0.0, 1e-9);
    // More that comes in raises; more that goes out, or is taken up, lowers.
    foreach ($why->lines as $line) {
        $isIn = in_array($line->key, ['fed', 'new_water', 'top_off'], true);
        expect($line->raises)->toEqualWithDelta(($isIn ? 1 : -1) * ($line->since - $line->before), 1e-9);
    }
    $said = implode(' ', array_map(fn (Text $one): string => said($one), $why->says()));
    expect($said)->toContain('a week more than before')->toContain('Food: ')->toContain('xplained');
})->with([[Element::Nitrogen], [Element::Phosphorus]]);

it('adds up to what the water gained by the readings', function (): void {
    // With readings in both times, what all lines say and what is unexplained make the change of the readings' trend.
    [$why] = whyOf(Element::Nitrogen);
    expect($why->unexplained)->not->toBeNull()
        // They stood still: what more came in went somewhere, and the rest is said not to be explained.
        ->and(abs($why->net()))->toBeLessThan(0.25 * $why->lines[0]->raises);
});
