<?php

declare(strict_types=1);

namespace Ithys\Learning;

use Ithys\History\Timeline\Timeline;
use Ithys\Media\Medium;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Start;

/** What was learned of a tank: factors on the defaults, by their logs, with what is not known of them. */
final readonly class Fit
{
    /** Intervals of the fit are widened by this, since no model is true: ours, from simulated tanks. */
    private const WIDEN = 1.25;

    /** Share of the spread beforehand under which a range counts as narrow. */
    private const NARROW = 0.6;

    private const NINETY = 1.645;

    /**
     * @param  array<string, float>  $logs  by {@see Unknown}
     * @param  array<string, float>  $priors  spreads of the logs beforehand
     * @param  array<string, array<string, float>>  $covariance  of the logs
     * @param  list<array{day: float, parameter: string, read: float, model: float, white: float,
     *   kit: float}>  $residuals  ppm, in its own standard deviation, and the variance of the kit
     */
    public function __construct(
        public array $logs,
        public array $priors,
        public array $covariance,
        public array $residuals,
        public bool $isDone,
        public int $runs,
    ) {
    }

    /** Twice a log likelihood, less a constant: how badly readings and what is known beforehand are met. */
    public function misfit(): float
    {
        $sum = 0.0;
        foreach ($this->residuals as $one) {
            $sum += $one['white'] ** 2;
        }
        foreach ($this->logs as $name => $log) {
            $sum += ($log / $this->priors[$name]) ** 2;
        }

        return $sum;
    }

    public function factor(Unknown $unknown): float
    {
        return exp($this->logs[$unknown->value] ?? 0.0);
    }

    /** @return array{float, float} 90 % of the factor */
    public function interval(Unknown $unknown): array
    {
        $reach = self::NINETY * $this->spread($unknown);

        return [$this->factor($unknown) * exp(-$reach), $this->factor($unknown) * exp($reach)];
    }

    public function spread(Unknown $unknown): float
    {
        return self::WIDEN * sqrt(max(0.0, $this->covariance[$unknown->value][$unknown->value] ?? 0.0));
    }

    public function taught(Unknown $unknown): Taught
    {
        $prior = $this->priors[$unknown->value] ?? 0.0;
        $isNarrow = sqrt($this->covariance[$unknown->value][$unknown->value] ?? INF) < self::NARROW * $prior;

        return match (true) {
            ! $isNarrow => Taught::Assumed,
            $unknown->holdsAlone() => Taught::Learned,
            default => Taught::Together,
        };
    }

    /** @return list<Unknown> */
    public function unknowns(): array
    {
        return array_values(array_filter(
            Unknown::cases(),
            fn (Unknown $one): bool => isset($this->logs[$one->value]),
        ));
    }

    public function parameters(Timeline $timeline): Parameters
    {
        return self::applied($this->logs, $timeline)[0];
    }

    public function start(Timeline $timeline): Start
    {
        return self::applied($this->logs, $timeline)[1];
    }

    /**
     * The figures of a tank with such factors.
     *
     * @param  array<string, float>  $logs
     * @return array{Parameters, Start}
     */
    public static function applied(array $logs, Timeline $timeline): array
    {
        $times = static fn (Unknown $unknown): float => exp($logs[$unknown->value] ?? 0.0);
        $usual = Parameters::of($timeline->assumptions);
        $input = $times(Unknown::Input);
        $parameters = $usual->with([
            'input_factor_n' => $usual->value('input_factor_n') * $input,
            'input_factor_p' => $usual->value('input_factor_p') * $input * $times(Unknown::PhosphorusOfFood),
            'background_no3' => $usual->value('background_no3') * $times(Unknown::BackgroundNitrogen),
            'background_po4' => $usual->value('background_po4') * $times(Unknown::BackgroundPhosphorus),
            'rock_capacity' => $usual->value('rock_capacity') * $times(Unknown::RockCapacity),
            'rock_rate' => $usual->value('rock_rate') * $times(Unknown::RockRate),
        ]);
        foreach (Medium::cases() as $medium) {
            $row = $medium->mayBind() ? $usual->row('media', $medium->value) ?? [] : [];
            if ($row !== []) {
                $row[0] *= $times(Unknown::Media);
                $parameters = $parameters->withRow('media', $medium->value, $row);
            }
        }

        return [$parameters, new Start(
            $timeline->read->start->nitrate * $times(Unknown::StartNitrate),
            $timeline->read->start->phosphate * $times(Unknown::StartPhosphate),
            steady: true,
            rockFactor: $times(Unknown::RockStart),
        )];
    }

    /** @param  array<mixed>  $stored  as {@see toArray()} made it */
    public static function from(array $stored): self
    {
        /**
         * @var array{logs: array<string, float>, priors: array<string, float>,
         *   covariance: array<string, array<string, float>>,
         *   residuals: list<array{day: float, parameter: string, read: float, model: float, white: float,
         *     kit: float}>,
         *   isDone: bool, runs: int} $stored
         */
        return new self(
            $stored['logs'],
            $stored['priors'],
            $stored['covariance'],
            $stored['residuals'],
            $stored['isDone'],
            $stored['runs'],
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'logs' => $this->logs,
            'priors' => $this->priors,
            'covariance' => $this->covariance,
            'residuals' => $this->residuals,
            'isDone' => $this->isDone,
            'runs' => $this->runs,
        ];
    }
}
