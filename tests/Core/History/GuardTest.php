<?php

declare(strict_types=1);

use Ithys\History\Course\Fresh;
use Ithys\History\Guard\Answer;
use Ithys\History\Guard\Doubt;
use Ithys\History\Guard\RampCheck;
use Ithys\History\Guard\ScenarioGuard;
use Ithys\History\Guard\WeeklyFall;
use Ithys\Media\Medium;
use Ithys\Media\Ramp;
use Tests\Support\Dosing;

const READ = [28, 'no3 8 po4 0.06'];

it('answers fine, ask or refuse, and says why', function (
    string $line,
    array $before,
    Answer $answer,
    string $code,
): void {
    $doubts = Dosing::doubts($line, $before);
    expect(Doubt::answer($doubts))->toBe($answer, implode(' | ', array_map(
        static fn (Doubt $doubt): string => said($doubt->sentence),
        $doubts,
    )));
    if ($code !== '') {
        expect(array_map(static fn (Doubt $doubt): string => $doubt->code, $doubts))->toContain($code);
        foreach ($doubts as $doubt) {
            expect(mb_strlen(said($doubt->sentence)))->toBeLessThan(330);
        }
    }
})->with([
    // What was found to pass every door without a question.
    'lanthanum that binds more than there is' => [
        'lanthanum 50 ml holding 5 g', [READ], Answer::Refuse, 'lanthanum-more',
    ],
    'lanthanum without its strength' => ['lanthanum 5 ml', [READ], Answer::Ask, 'lanthanum-strength'],
    'lanthanum without a fine filter' => ['lanthanum 1 ml holding 1 mg', [READ], Answer::Ask, 'lanthanum-filter'],
    'vinegar doubled' => [
        'vinegar 24 ml', [READ, [29, 'vinegar 12 ml'], [28, 'vinegar 12 ml']], Answer::Ask, 'carbon-step',
    ],
    'vinegar as before' => ['vinegar 12 ml', [READ, [29, 'vinegar 12 ml']], Answer::Fine, ''],
    'vinegar without any before' => ['vinegar 24 ml', [READ], Answer::Ask, 'carbon-step'],
    'vinegar eight times a full dose' => ['vinegar 160 ml', [READ], Answer::Refuse, 'carbon-amount'],
    'vodka far above a full dose' => ['vodka 20 ml', [READ], Answer::Refuse, 'carbon-amount'],
    'all sources count together' => ['vodka 3 ml', [READ, [29.9, 'vinegar 60 ml']], Answer::Refuse, 'carbon-amount'],
    'carbon at zero nitrate' => ['vinegar 4 ml', [[28, 'no3 0.1 po4 0.06']], Answer::Ask, 'carbon-stop'],
    'carbon in cloudy water' => ['vinegar 4 ml', [[28, 'no3 8 po4 0.06 cloudy']], Answer::Ask, 'carbon-stop'],
    'carbon while fish gasp' => [
        'vinegar 4 ml', [READ, [29, 'note fish gasping at the surface']], Answer::Ask, 'carbon-stop',
    ],
    'carbon without a skimmer' => ['vinegar 4 ml', [READ, [29, 'skimmer off']], Answer::Ask, 'carbon-stop'],
    'a first gentle dose' => ['vinegar 4 ml', [READ], Answer::Fine, ''],
    'GFO far too much' => ['gfo 750 g', [READ], Answer::Refuse, 'phosphate-fast'],
    'GFO that does not fit' => ['gfo 850 g reactor', [READ], Answer::Refuse, 'medium-room'],
    'GFO at zero phosphate' => ['gfo 60 g', [[28, 'no3 8 po4 <0.01']], Answer::Refuse, 'phosphate-none'],
    'GFO with nothing read' => ['gfo 20 g', [], Answer::Ask, 'phosphate-unknown'],
    'GFO with an old reading' => ['gfo 20 g', [[2, 'po4 0.2']], Answer::Ask, 'phosphate-unknown'],
    'carbon into the GFO reactor' => [
        'activated carbon 60 g in GFO reactor', [READ, [20, 'gfo 60 g in GFO reactor']], Answer::Ask, 'medium-company',
    ],
    'carbon ten times the usual' => ['activated carbon 2 kg bag', [READ], Answer::Refuse, 'medium-amount'],
    'phosphate that lost its naught' => [
        'po4 2', [[14, 'po4 0.07'], [21, 'po4 0.06'], READ], Answer::Ask, 'reading-slip',
    ],
    'nitrate that lost its point' => ['no3 85', [[21, 'no3 8.5'], READ], Answer::Ask, 'reading-slip'],
    'alkalinity that lost its point' => ['alk 81', [[28, 'alk 8.1']], Answer::Ask, 'reading-slip'],
    'a reading as before' => ['no3 9', [READ], Answer::Fine, ''],
    'nitrate that rose in a week' => ['no3 20', [READ], Answer::Fine, ''],
    'a first reading' => ['no3 60', [], Answer::Fine, ''],
    'a reading long after' => ['no3 85', [[-60, 'no3 8']], Answer::Fine, ''],
    'carbon stopped under a stop' => ['spirit stopped', [[28, 'no3 0.1 po4 0.06']], Answer::Fine, ''],
    'carbon stopped after far too much' => ['vinegar stopped', [READ, [29.9, 'vinegar 160 ml']], Answer::Fine, ''],
    'ozone without a probe' => ['ozone on', [READ], Answer::Ask, 'ozone-unwatched'],
    'ozone with a probe that reads nonsense' => ['ozone on', [[29, 'orp 20 sure']], Answer::Refuse, 'ozone-probe'],
    'ozone at high ORP' => ['ozone on', [[29, 'orp 430']], Answer::Refuse, 'ozone-high'],
    'ozone that is watched' => ['ozone on', [[29, 'orp 370']], Answer::Fine, ''],
    'kalk by the litre' => ['dosed kalk 5 l', [READ], Answer::Ask, 'much-at-once'],
    'bleach' => ['dosed bleach 20 ml', [READ], Answer::Refuse, 'harmful'],
    'sugar under its own name' => ['dosed sugar 2 g', [READ], Answer::Ask, 'carbon-by-name'],
    'an ordinary dose' => ['dosed calcium 30 ml', [READ], Answer::Fine, ''],
    'more out than in' => ['reactor po4 in 0.05 out 0.08', [READ], Answer::Ask, 'outlet-more'],
    'more in than out' => ['reactor po4 in 0.08 out 0.05', [READ], Answer::Fine, ''],
]);

it('holds a medium to a share of the level as well as to a figure', function (float $level): void {
    $here = Dosing::context([[29, "no3 8 po4 {$level}"]], 30);
    $limit = WeeklyFall::limit($here, $level);
    expect($limit)->toEqualWithDelta(min(0.05, 0.5 * $level), 1e-12);
    $most = WeeklyFall::gentle($here, new Fresh(Medium::Gfo, 1.0), $level);
    $fall = fn (float $grams): float => WeeklyFall::of($here, new Fresh(Medium::Gfo, $grams), $level);
    expect($most)->toBeGreaterThan(1.0)
        ->and($fall($most))->toBeLessThanOrEqual($limit)
        ->and($fall(1.1 * $most))->toBeGreaterThan($limit)
        // Neither food nor the weekly water change is counted for it.
        ->and($fall(0.0))->toEqualWithDelta(0.0, 1e-6);
})->with([0.6, 0.25, 0.06, 0.035]);

it('says when a medium leads below your own target', function (): void {
    $doubts = Dosing::doubts('gfo 20 g', [[29, 'no3 8 po4 0.04']], targets: ['po4' => [0.035, 0.1]]);
    expect(array_map(fn (Doubt $one): string => $one->code, $doubts))->toBe(['phosphate-target'])
        ->and(said($doubts[0]->sentence))->toContain('below your target of 0.035 ppm');
});

it('judges the settings of a scenario as doses', function (array $levers, string $code): void {
    $doubts = ScenarioGuard::doubts($levers, Dosing::context([READ], 30));
    expect($doubts[0]->answer)->toBe(Answer::Refuse)->and($doubts[0]->code)->toBe($code);
})->with([
    [['mediaGrams' => 2000.0], 'phosphate-fast'],
    [['feedTimes' => 0.0], 'feeding'],
    [['spirit' => 20.0], 'carbon-amount'],
]);

/** @param  list<array{float|int, string}>  $lines */
function rampCheck(array $lines, float $day = 30): RampCheck
{
    return RampCheck::of(Dosing::context($lines, $day));
}

it('stops, holds or continues by what was read, seen and given', function (array $lines, int $stops, int $holds): void {
    $check = rampCheck($lines);
    expect([count($check->stops), count($check->holds)])->toBe([$stops, $holds]);
})->with([
    'all well' => [[READ], 0, 0],
    'nothing read' => [[], 0, 2],
    'long ago' => [[[10, 'no3 8 po4 0.08']], 0, 2],
    'cloudy' => [[[28, 'no3 8 po4 0.08 cloudy']], 1, 0],
    'nitrate gone' => [[[28, 'no3 0.2 po4 0.08']], 1, 0],
    'zero and zero' => [[[28, 'no3 <0.5 po4 <0.01']], 1, 0],
    'no skimmer' => [[[20, 'skimmer off'], [28, 'no3 8 po4 0.08']], 1, 0],
    'gasping' => [[READ, [29, 'note two fish gasp at the top']], 1, 0],
    'a fast fall' => [
        [[9.5, 'no3 20 po4 0.06'], [16, 'no3 12 po4 0.06'], [23, 'no3 5 po4 0.06'], [29, 'no3 2 po4 0.06']],
        1,
        0,
    ],
    'a slow fall' => [[[9.5, 'no3 20 po4 0.06'], [16, 'no3 18 po4 0.06'], [29, 'no3 14 po4 0.06']], 0, 0],
]);

it('never starts and never raises under a stop, by what was given', function (array $lines): void {
    $ramp = Ramp::to(2.0);
    foreach (range(0, 10) as $week) {
        $check = rampCheck($lines);
        $under = $check->stops !== [];
        expect($check->dose($ramp, $week, 0.0))->toBe(0.0)
            ->and($check->dose($ramp, $week, 1.2))->toEqualWithDelta($under ? 0.6 : 1.2, 1e-12);
    }
})->with([
    'both at zero' => [[[28, 'no3 0.1 po4 <0.01']]],
    'cloudy' => [[[28, 'no3 8 po4 0.06 cloudy']]],
    'no skimmer' => [[READ, [29, 'skimmer off']]],
    'nothing read' => [[]],
]);

it('goes by what was given and not by the calendar', function (): void {
    $ramp = Ramp::to(2.0);
    $check = rampCheck([READ]);
    // In the fifth week of a ramp that nobody dosed by, the first step comes first.
    expect($check->dose($ramp, 4, 0.0))->toEqualWithDelta(0.25, 1e-12)
        ->and($check->dose($ramp, 4, 0.25))->toEqualWithDelta(0.5, 1e-12)
        ->and($check->dose($ramp, 4, 1.0))->toEqualWithDelta(1.25, 1e-12)
        // What runs already is continued from; above a full dose it is not raised.
        ->and(Ramp::to(2.0, 1.2)->doses)->each->toBeGreaterThan(1.2)
        ->and(Ramp::to(2.0, 1.2)->in(7))->toEqualWithDelta(2.0, 1e-12)
        ->and(array_unique(Ramp::to(9.9, 12.0)->doses))->toBe([12.0]);
});
