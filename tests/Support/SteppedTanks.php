<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Effect\Verdict;

/** Tanks whose level stepped, logged or not, as a keeper is told of them. */
final class SteppedTanks
{
    private const DRIFT = ['loss' => 0.02, 'drift' => 0.15];

    /**
     * The tank; then least and most shares, per cent: of "false" answers without a word of doubt, of the input "lower",
     * of a "step" told at the change, of intervals that "hold", and of a step that is "named" elsewhere.
     */
    public const TABLE = [
        'three a side' => [['side' => 10.5], ['false' => [0, 2.4], 'step' => [0, 2]]],
        'four a side in drift' => [[...self::DRIFT, 'every' => 7, 'side' => 28], ['false' => [0, 4.4]]],
        'twelve a side in drift' => [self::DRIFT, ['false' => [0, 7.5], 'hold' => [90, 100], 'named' => [0, 3]]],
        'a step of 40 %' => [['jump' => -0.4], ['step' => [95, 100], 'lower' => [0, 4], 'hold' => [94, 100]]],
        'a step of 40 %, weekly' => [['jump' => -0.4, 'every' => 7], ['step' => [76, 100], 'hold' => [94, 100]]],
        'a step of 40 % in real A' => [
            [...SimulatedTank::REAL_A, 'jump' => -0.4],
            ['step' => [95, 100], 'hold' => [94, 100]],
        ],
        'a step with less input' => [
            ['jump' => -0.3, 'change' => -2],
            ['step' => [88, 100], 'lower' => [95, 100], 'hold' => [94, 100]],
        ],
        'a step with less input in real A' => [
            [...SimulatedTank::REAL_A, 'jump' => -0.3, 'change' => -2],
            ['step' => [88, 100], 'lower' => [45, 100], 'hold' => [94, 100]],
        ],
        'a step with more input' => [['jump' => -0.3, 'change' => 2], ['step' => [88, 100], 'lower' => [0, 1]]],
        'a crash that nobody logged' => [
            ['unlogged' => -0.95, 'unloggedDay' => 14.0],
            ['named' => [97, 100], 'false' => [0, 5.5]],
        ],
        'a crash in drift' => [
            [...self::DRIFT, 'unlogged' => -0.95, 'unloggedDay' => 14.0],
            ['named' => [95, 100], 'false' => [0, 8]],
        ],
        'another kit that nobody named' => [['kit' => -0.15, 'kitDay' => 10.0], ['false' => [0, 16.5]]],
        'another kit in real A' => [
            [...SimulatedTank::REAL_A, 'kit' => -0.15, 'kitDay' => 10.0],
            ['false' => [0, 16.5]],
        ],
        'drift and slips of 2 %' => [[...self::DRIFT, 'slips' => 0.02], ['false' => [0, 7.5], 'named' => [0, 3]]],
        'drift and slips of 5 %' => [[...self::DRIFT, 'slips' => 0.05], ['false' => [0, 8.5], 'named' => [0, 3]]],
        'drift and slips of 8 %' => [[...self::DRIFT, 'slips' => 0.08], ['false' => [0, 10.5], 'named' => [0, 5]]],
        'water changes half logged' => [[...self::DRIFT, 'half' => 1.0], ['false' => [0, 3]]],
    ];

    /**
     * @param  array<string, float|int>  $options
     * @param  list<int>  $seeds
     * @return array{false: float, lower: float, step: float, hold: float, named: float} shares
     */
    public static function judged(array $options, array $seeds): array
    {
        $found = ['false' => 0, 'lower' => 0, 'step' => 0, 'hold' => 0, 'named' => 0];
        foreach ($seeds as $seed) {
            $tank = new SimulatedTank(50_000 + $seed, $options);
            $judgement = $tank->judged();
            $answer = $judgement->answer;
            $isDoubted = str_contains(said($answer->says), 'Unless');
            $isFalse = $answer->step === null && $tank->truth() === 0.0 && $tank->tells($judgement) && ! $isDoubted;
            $found['false'] += $isFalse ? 1 : 0;
            $found['lower'] += $answer->ofInput === Verdict::Lower ? 1 : 0;
            $found['step'] += $answer->step !== null ? 1 : 0;
            $found['hold'] += $tank->isTrue($judgement) ? 1 : 0;
            $found['named'] += $answer->unlogged !== null ? 1 : 0;
        }

        return array_map(static fn (int $one): float => $one / count($seeds), $found);
    }

    /**
     * Three standard errors are let be.
     *
     * @param  array<string, float>  $found
     * @param  array<string, array{float, float}>  $bounds
     */
    public static function hold(array $found, array $bounds, int $tries): void
    {
        foreach ($bounds as $what => [$low, $high]) {
            $slack = static fn (float $share): float => 300 * sqrt(max($share * (1 - $share), 0.01) / $tries);
            expect(100 * $found[$what])->toBeGreaterThanOrEqual($low - $slack($low / 100), $what)
                ->toBeLessThanOrEqual($high + $slack($high / 100), $what);
        }
    }
}
