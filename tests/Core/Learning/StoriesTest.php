<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Forecast\Bands\Nutrient;
use Ithys\Forecast\ForecastPoint;
use Ithys\Forecast\Mixture;
use Ithys\Forecast\Outlook;
use Ithys\History\Story;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Reading\Parameter;
use Ithys\Learning\Learned;
use Ithys\System\Setup;
use Tests\Support\Logged;

/**
 * A tank that is dosed daily up to day 100, of which then no dose is logged, and that is read on up to day 140.
 *
 * @param  callable(int): float  $nitrate  ppm by day
 */
function silentTank(callable $nitrate, int $readUntil = 140): Closure
{
    $lines = [[0, 'feeding plan 1.5 g pellet a day']];
    foreach (range(0, 99) as $day) {
        $lines[] = [$day + 0.3, 'vinegar 20 ml'];
    }
    foreach (range(0, 140, 5) as $day) {
        if ($day <= $readUntil) {
            $lines[] = [$day, sprintf('no3 %.1f po4 %.2f', $nitrate($day), 0.01 * $nitrate($day))];
        }
        $lines[] = [$day + 0.2, 'water change 15 l'];
    }
    $entries = Logged::entries($lines);
    $start = new DateTimeImmutable(Logged::START);

    return fn (?Story $story = null): Timeline => Timeline::of(
        $entries,
        [[$start, new Setup(Logged::tank(), Logged::path([['id' => 'sock', 'kind' => 'sock']]))]],
        $start->modify('+141 days'),
        Assumptions::standard(),
        $story,
    );
}

function outlookOf(Closure $tank, Learned $learned): Outlook
{
    return Outlook::among(array_map(
        fn (array $one): array => [$one[1], Outlook::of($tank($one[0]), $one[2])],
        $learned->stories,
    ));
}

it('carries both stories of a silence into the forecast, and lets readings speak for one', function (): void {
    $flat = silentTank(fn (int $day): float => 8.0);
    expect($flat()->stories())->toHaveCount(2);
    $goes = Learned::of($flat);
    // Nitrate that rises by a third of a ppm a day once nothing is dosed any more.
    $risen = silentTank(fn (int $day): float => 8.0 + max(0.0, 0.3 * ($day - 100)));
    $stopped = Learned::of($risen);
    expect($goes->odds()['dose vinegar'])->toBeLessThan($stopped->odds()['dose vinegar'])
        ->and($goes->story()->toArray())->toBe(['dose vinegar' => false])
        ->and($stopped->story()->toArray())->toBe(['dose vinegar' => true]);
    $end = fn (Closure $tank, Learned $learned): ForecastPoint => (function (Outlook $outlook): ForecastPoint {
        $points = $outlook->along($outlook->present, 12)['no3'];

        return end($points);
    })(outlookOf($tank, $learned));
    // A flat tank stays flat; one that rose is not foreseen to fall by itself.
    $ahead = $end($flat, $goes);
    expect($ahead->low)->toBeLessThan(8.0)->and($ahead->high)->toBeGreaterThan(8.0)
        ->and($end($risen, $stopped)->level)->toBeGreaterThan(1.5 * $ahead->level);
});

it('spans both stories where nothing speaks for either', function (): void {
    $unread = silentTank(fn (int $day): float => 8.0, 100);
    $learned = Learned::of($unread);
    expect($learned->stories)->toHaveCount(2);
    $outlook = outlookOf($unread, $learned);
    $both = $outlook->along($outlook->present, 12)['no3'];
    $alone = array_map(function (array $one) use ($unread): ForecastPoint {
        $outlook = Outlook::of($unread($one[0]), $one[2]);
        $points = $outlook->along($outlook->present, 12)['no3'];

        return end($points);
    }, $learned->stories);
    $last = end($both);
    $levels = array_map(fn (ForecastPoint $one): float => $one->level, $alone);
    expect($last->low)->toBeLessThan(max($levels))->and($last->high)->toBeGreaterThan(min($levels))
        ->and($last->high / $last->low)->toBeGreaterThan(min(array_map(
            fn (ForecastPoint $one): float => $one->high / $one->low,
            $alone,
        )));
    // What is stored says the same again.
    expect(Learned::from(json_decode(json_encode($learned->toArray()), true)))->toEqual($learned);
});

it('mixes stories by their odds', function (): void {
    $nitrate = Nutrient::of(Parameter::Nitrate);
    $point = fn (float $level): array => ['no3' => [[7.0, $nitrate->scale($level), 0.25]]];
    $one = Mixture::of([[1.0, $point(8.0)]])['no3'][0];
    // The tenth and the ninetieth of 100 parts of Student's t with 6 degrees of freedom, by the table: 1.440.
    expect($one->level)->toEqualWithDelta(8.0, 1e-6)
        ->and($one->low)->toEqualWithDelta(8.3 * exp(-1.440 * 0.25) - 0.3, 1e-3)
        ->and($one->high)->toEqualWithDelta(8.3 * exp(1.440 * 0.25) - 0.3, 1e-3);
    $same = Mixture::of([[0.3, $point(8.0)], [0.7, $point(8.0)]])['no3'][0];
    expect($same->low)->toEqualWithDelta($one->low, 1e-6)->and($same->high)->toEqualWithDelta($one->high, 1e-6);
    $two = Mixture::of([[0.5, $point(2.0)], [0.5, $point(8.0)]])['no3'][0];
    expect($two->low)->toBeLessThan(2.0)->and($two->high)->toBeGreaterThan(8.0)
        ->and($two->level)->toBeGreaterThan(2.0)->toBeLessThan(8.0);
});

it('tells one story of a tank that is logged, stated or asked about in vain', function (): void {
    $lines = [[0, 'no3 8 po4 0.1'], ...array_map(fn (int $day): array => [$day, 'fed 1 g'], range(0, 80))];
    expect(Logged::timeline($lines, 81)->stories())->toHaveCount(1)
        ->and(Logged::timeline([...$lines, [100, 'feeding as before']], 120)->stories()[0][0]->toArray())->toBe([])
        ->and(Logged::timeline([...$lines, [100, 'feeding stopped']], 140)->stories()[0][0]->toArray())->toBe([]);
});
