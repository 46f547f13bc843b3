<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Assumption\Assumptions;
use Ithys\Effect\AlsoChanged;
use Ithys\Effect\ChangeEffect;
use Ithys\Effect\Judgement;
use Ithys\Effect\Question;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Verdict;
use Ithys\History\Routines;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\WaterChange\WaterChange;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A tank of known truth: input that balances at its level and may drift and scatter, loss, weekly water changes, and a
 * kit with noise, memory, steps and slips. Days from the change, at which the net input steps.
 */
final class SimulatedTank
{
    /** Share of the level a day, as the verdict's method has it. */
    public const USUAL_WANDER = 0.004;

    private const PHOSPHATE = ['level' => 0.08, 'noise' => 0.0048, 'step' => 0.001];

    public const REAL_A = [
        'loss' => 0.02, 'scatter' => 0.3, 'drift' => 0.08, 'noise' => 0.3, 'share' => 0.03, 'step' => 0.5,
        'volumesOff' => 0.1,
    ];

    /**
     * The tank; false verdicts at the most, coverage at the least where nothing changed and where twice the wanted size
     * did, and how often that is found at the least, per cent.
     */
    public const TABLE = [
        'white noise' => [[], 2, 97, 97],
        'six a side, weekly' => [['every' => 7], 2, 97, 95],
        'four a side, weekly' => [['every' => 7, 'side' => 28], 2, 97, 52],
        'phosphate, white noise' => [self::PHOSPHATE, 2, 97, 90],
        'noise with memory' => [['memory' => 0.6], 2, 96, 93],
        // A direction is told from odds of two to one, which costs a little here: the method found 85.
        'noise with memory, every two days' => [['memory' => 0.6, 'every' => 2], 2, 96, 80],
        'falling to balance' => [['loss' => 0.03, 'start' => 1.6], 2, 97, 44],
        'rising to balance' => [['loss' => 0.06, 'start' => 0.6], 2, 97, 88],
        'scattered feeding' => [['loss' => 0.02, 'scatter' => 0.35], 2, 97, 76],
        'drifting input' => [['loss' => 0.02, 'drift' => 0.15], 7.5, 92, 70],
        'walking input' => [['loss' => 0.02, 'walk' => 0.02], 4, 92, 79],
        'seasons' => [['sinus' => 0.06], 5, 90, 90],
        'slips' => [['slips' => 0.05], 2, 97, 90],
        'real A' => [self::REAL_A, 4, 96, 65],
        'phosphate, real A' => [[...self::REAL_A, ...self::PHOSPHATE, 'noise' => 0.0032, 'step' => 0.01], 4, 96, 52],
        'real B' => [
            ['every' => 7, 'side' => 84, 'loss' => 0.03, 'drift' => 0.1, 'start' => 0.8],
            6.5,
            93,
            70,
        ],
        'real C' => [['memory' => 0.3, 'drift' => 0.08, 'slips' => 0.02, 'start' => 1.15], 4, 96, 64],
        'a charge that fades' => [['fades' => 42.0], 2, 97, 68],
        'phosphate, six a side, weekly' => [[...self::PHOSPHATE, 'every' => 7], 2, 97, 77],
        'phosphate, four a side, weekly' => [[...self::PHOSPHATE, 'every' => 7, 'side' => 28], 2, 97, 28],
        'phosphate, noise with memory' => [[...self::PHOSPHATE, 'memory' => 0.6], 2, 96, 76],
        'phosphate, noise with memory, every two days' => [
            [...self::PHOSPHATE, 'memory' => 0.6, 'every' => 2],
            2,
            96,
            52,
        ],
        'phosphate, falling to balance' => [[...self::PHOSPHATE, 'loss' => 0.03, 'start' => 1.6], 2, 97, 19],
        'phosphate, rising to balance' => [[...self::PHOSPHATE, 'loss' => 0.06, 'start' => 0.6], 2, 97, 66],
        'phosphate, scattered feeding' => [[...self::PHOSPHATE, 'loss' => 0.02, 'scatter' => 0.35], 2, 97, 62],
        'phosphate, drifting input' => [[...self::PHOSPHATE, 'loss' => 0.02, 'drift' => 0.15], 7.5, 92, 58],
        'phosphate, walking input' => [[...self::PHOSPHATE, 'loss' => 0.02, 'walk' => 0.02], 4, 92, 66],
        'phosphate, seasons' => [[...self::PHOSPHATE, 'sinus' => 0.06], 5, 90, 82],
        'phosphate, slips' => [[...self::PHOSPHATE, 'slips' => 0.05], 2, 97, 81],
        'phosphate, real B' => [
            [...self::PHOSPHATE, 'every' => 7, 'side' => 84, 'loss' => 0.03, 'drift' => 0.1, 'start' => 0.8],
            6.5,
            93,
            63,
        ],
        'phosphate, real C' => [
            [...self::PHOSPHATE, 'memory' => 0.3, 'drift' => 0.08, 'slips' => 0.02, 'start' => 1.15],
            4,
            96,
            39,
        ],
        'phosphate, a charge that fades' => [[...self::PHOSPHATE, 'fades' => 42.0], 2, 97, 39],
    ];

    private const STEP = 0.25;

    private const LITRES = 300.0;

    /** @var list<float> */
    public array $days = [];

    /** @var list<float> */
    public array $levels = [];

    /** @var list<Dilution> */
    public array $dilutions = [];

    private Randomizer $random;

    /** @param  array<string, float|int|string>  $options */
    public function __construct(int $seed, private array $options)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->run();
    }

    private function of(string $option, float $otherwise = 0.0): float
    {
        return (float) ($this->options[$option] ?? $otherwise);
    }

    private function run(): void
    {
        $level = $this->of('level', 10.0);
        $side = $this->of('side', 42.0);
        $every = $this->of('every', 3.5);
        $loss = $this->of('loss');
        $share = 0.1;
        $balance = $loss * $level + $share * $level / 7;
        $now = $level * $this->of('start', 1.0);
        $drift = $this->of('drift') * $balance;
        $slow = $drift * $this->normal();
        $walk = 0.0;
        $phase = 2 * M_PI * $this->uniform();
        $read = -$side + $every / 2;
        $water = -$side + 7 * $this->uniform();
        $kit = $this->normal();
        $happened = [];
        for ($day = -$side; $day <= $side; $day += self::STEP) {
            foreach (['jump' => 0.0, 'unlogged' => $this->of('unloggedDay')] as $event => $on) {
                // The level steps by a share of it, after a reading of that moment.
                if ($this->of($event) !== 0.0 && abs($day - $on - self::STEP / 2) < self::STEP / 2 + 1e-9
                    && ! isset($happened[$event])) {
                    $now += $this->of($event) * $level;
                    $happened[$event] = true;
                }
            }
            while ($read <= $day + 1e-9 && $read <= $side) {
                $this->days[] = $read;
                $kit = $this->of('memory') * $kit + sqrt(1 - $this->of('memory') ** 2) * $this->normal();
                $isByAnother = $this->of('kit') !== 0.0 && $read > $this->of('kitDay');
                $this->levels[] = $this->shown($now * ($isByAnother ? 1 + $this->of('kit') : 1.0), $kit);
                $read += $every;
            }
            if ($water <= $day) {
                $this->dilutions[] = new Dilution($day + 1e-6, $share * (1 + $this->of('volumesOff')));
                $now -= $share * $now;
                $water += 7.0;
            }
            if (fmod($day + 1000, 1.0) < self::STEP / 2) {
                $scatter = $this->of('scatter') * $balance * $this->normal();
                $walk += $this->of('walk') * $balance * $this->normal();
            }
            $fade = exp(-self::STEP / 21);
            $slow = $fade * $slow + sqrt(1 - $fade ** 2) * $drift * $this->normal();
            $sinus = $this->of('sinus') * $balance * sin(2 * M_PI * $day / 100 + $phase);
            $input = $balance + ($scatter ?? 0.0) + $walk + $slow + $sinus + $this->stepped($day);
            $now = max(0.0, $now + self::STEP * ($input - $loss * $now));
        }
    }

    private function stepped(float $day): float
    {
        $change = $this->of('change') * $this->wanted();
        $fades = $this->of('fades');
        $own = $day < 0.0 ? 0.0 : ($fades > 0.0 ? $change * max(0.0, 1 - $day / $fades) : $change);
        $other = $this->of('otherDay');

        return $own + ($other !== 0.0 && $day >= $other ? $this->of('other') * $this->wanted() : 0.0);
    }

    /** A fifth of the level in four weeks, mg/L a day. */
    public function wanted(): float
    {
        return 0.2 * $this->of('level', 10.0) / 28;
    }

    /** Change of the input on average over the time since, mg/L a day; what fades evenly over it does half. */
    public function truth(): float
    {
        return $this->of('change') * $this->wanted() * ($this->of('fades') > 0.0 ? 0.5 : 1.0);
    }

    private function shown(float $level, float $kit): float
    {
        $noise = $this->of('noise', 0.4);
        $shown = $level + $noise * $kit + $this->of('share') * $level * $this->normal();
        if ($this->uniform() < $this->of('slips')) {
            $shown += 0.5 * $level;
        }
        $step = $this->of('step', 0.01);

        return max(0.0, round($shown / $step) * $step);
    }

    private function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, $this->uniform())))
            * cos(2 * M_PI * $this->uniform());
    }

    /**
     * So many tanks of a kind, judged.
     *
     * @param  array<string, float|int>  $options
     * @return array{float, float, float} shares: a verdict where nothing changed, the truth within the interval, and
     *   "lower" where twice the wanted size went
     */
    public static function tried(array $options, int $tries): array
    {
        $wrong = $within = $lower = 0;
        foreach ([0, -2] as $change) {
            for ($seed = 1; $seed <= $tries; $seed++) {
                $tank = new self($seed + 100_000 * -$change, [...$options, 'change' => $change]);
                $judgement = $tank->judged();
                $within += $tank->isTrue($judgement) ? 1 : 0;
                $lower += $change !== 0 && $judgement->answer->ofInput === Verdict::Lower ? 1 : 0;
                $wrong += $change === 0 && $tank->tells($judgement) ? 1 : 0;
            }
        }

        return [$wrong / $tries, $within / (2 * $tries), $lower / $tries];
    }

    /** Whether anything at all is told of the change. */
    public function tells(Judgement $judgement): bool
    {
        return in_array($judgement->verdict, [Verdict::Lower, Verdict::Higher], true);
    }

    /** Whether the true change of input lies within what is said of it; so it does where nothing is said. */
    public function isTrue(Judgement $judgement): bool
    {
        $said = $judgement->rates?->difference;
        $truth = self::LITRES * $this->truth();

        return $said === null || $said->low <= $truth && $truth <= $said->high;
    }

    /**
     * The change by the readings up to some number of them, as a keeper is told it.
     *
     * @param  list<float>  $others  days of other changes that were logged
     */
    public function judged(?int $readings = null, array $others = []): Judgement
    {
        $parameter = $this->of('level', 10.0) < 1.0 ? Parameter::Phosphate : Parameter::Nitrate;
        $change = new Entry($this->at(0.0), SkimmerSwitch::of(true), 1);
        $journal = [$change];
        $days = array_slice($this->days, 0, $readings);
        $end = $days[count($days) - 1];
        foreach ($days as $i => $day) {
            $journal[] = new Entry($this->at($day), Reading::of(
                $parameter,
                $this->levels[$i],
                step: $this->of('step', 0.01),
                method: 'kit',
            ), 10 + $i);
        }
        foreach ($this->dilutions as $i => $one) {
            $isLogged = $this->of('half') === 0.0 || $one->day <= 0.0 || $i % 2 === 0;
            if ($one->day <= $end && $isLogged) {
                $journal[] = new Entry(
                    $this->at($one->day),
                    WaterChange::of(self::LITRES * $one->share),
                    1000 + $i,
                );
            }
        }
        foreach ($others as $i => $day) {
            $journal[] = new Entry($this->at($day), SkimmerSwitch::of(false), 2000 + $i);
        }
        usort($journal, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

        return ChangeEffect::judge(new Question(
            $change,
            $parameter,
            self::LITRES,
            $this->at($end + 0.1),
            (int) ceil($this->of('side', 42.0)),
            0.2,
            AlsoChanged::of([], Routines::of(
                $journal,
                self::LITRES,
                new DateTimeZone('UTC'),
                $this->at($end + 0.1),
                Assumptions::standard(),
            )),
        ), $journal);
    }

    private function at(float $day): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-06-01 12:00:00Z'))
            ->modify(sprintf('%+d seconds', (int) round(86_400 * $day)));
    }

    private function uniform(): float
    {
        return $this->random->getInt(0, 1_000_000_000) / 1e9;
    }
}
