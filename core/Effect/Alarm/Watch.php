<?php

declare(strict_types=1);

namespace Ithys\Effect\Alarm;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\History\Charge;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/**
 * What in a journal asks to be looked at. Each rule needs several readings that agree and more than a kit's steps, so
 * that noise alone stays quiet.
 */
final readonly class Watch
{
    /** Days of the journal that are looked at. */
    public const DAYS = 120;

    /** Levels that nobody tells from nought, ppm; common practice. */
    private const NOUGHT = ['no3' => 0.2, 'po4' => 0.005];

    /** The least fall that harms, ppm; common practice: below it kits hardly tell. */
    private const LEAST_FALL = ['no3' => 3.0, 'po4' => 0.03];

    private const DAY = 86_400;

    /** @param  list<Entry>  $journal  what stood before the days looked at and what came since, in order of time */
    private function __construct(
        private array $journal,
        private DateTimeImmutable $now,
        private Assumptions $assumptions,
    ) {
    }

    /**
     * @param  list<Entry>  $journal  what stood before the last {@see self::DAYS} days and what was logged since, in
     *   order of time
     * @param  list<Charge>  $exhausted  charges that are so and still in
     * @param  bool  $hasSkimmer  false where the path has none
     * @return list<Alert> the gravest first
     */
    public static function over(
        array $journal,
        DateTimeImmutable $now,
        Assumptions $assumptions,
        array $exhausted = [],
        bool $hasSkimmer = true,
    ): array {
        $journal = array_values(array_filter($journal, static fn (Entry $entry): bool => $entry->at <= $now));
        $watch = new self($journal, $now, $assumptions);
        $alerts = [
            ...$watch->zeroAndZero(),
            ...$hasSkimmer ? $watch->skimmerOff() : [],
            ...self::exhausted($exhausted),
        ];
        foreach (Parameter::nutrients() as $parameter) {
            $recent = Recent::of($journal, $parameter);
            array_push(
                $alerts,
                ...$watch->falls($recent),
                ...$watch->rises($recent),
                ...$watch->clouds($recent),
                ...$watch->silence($recent),
            );
        }
        usort(
            $alerts,
            static fn (Alert $a, Alert $b): int => $a->finding->severity->rank() <=> $b->finding->severity->rank(),
        );

        return $alerts;
    }

    /** @return list<Alert> the last three stand above all eight before them, and well above their middle */
    private function rises(Recent $recent): array
    {
        [$last, $before] = [$recent->last(3), $recent->before(3, 8)];
        if (count($last) < 3 || count($before) < 8) {
            return [];
        }
        if ($this->daysSince($last[0][0]) > 42 || $this->daysSince($before[0][0]) > 100) {
            return [];
        }
        $now = Recent::middle(Recent::values($last));
        $then = Recent::middle(Recent::values($before));
        $isAbove = min(Recent::values($last)) > max(Recent::values($before));
        $share = $this->assumptions->value(Assumed::AlertRise);
        if (! $isAbove || $now < (1 + $share) * $then || $now - $then < 3 * $recent->step()) {
            return [];
        }

        return [new Alert("rise {$recent->parameter->value}", Finding::of(
            Severity::Caution,
            'alert.rise',
            Text::of('{parameter!} rises', parameter: $recent->parameter->label()),
            Text::of(
                'The last three readings, about {now}, all stand above the eight before, about {then}.',
                now: Quantity::ppm($now),
                then: Quantity::ppm($then),
            ),
            $this->assumptions->of(Assumed::AlertRise),
        ), $before[0][0])];
    }

    /** @return list<Alert> the last two stand at or below a share of the three before, all within a short time */
    private function falls(Recent $recent): array
    {
        [$last, $before] = [$recent->last(2), $recent->before(2, 3)];
        if (count($last) < 2 || count($before) < 3 || $this->daysSince($last[1][0]) > 14) {
            return [];
        }
        $days = ($last[0][0]->getTimestamp() - $before[2][0]->getTimestamp()) / self::DAY;
        $then = Recent::middle(Recent::values($before));
        $now = max(Recent::values($last));
        $least = max(self::LEAST_FALL[$recent->parameter->value] ?? INF, 3 * $recent->step());
        $share = $this->assumptions->value(Assumed::AlertFall);
        if ($days > 8 || $now > (1 - $share) * $then || $then - $now < $least) {
            return [];
        }

        return [new Alert("fall {$recent->parameter->value}", Finding::of(
            Severity::Fault,
            'alert.fall',
            Text::of('{parameter!} falls fast', parameter: $recent->parameter->label()),
            Text::of(
                'It went from about {then} to {now} within {days}. Corals suffer from a fast fall: take out part of '
                    .'what binds or feeds it away, and read again tomorrow.',
                then: Quantity::ppm($then),
                now: Quantity::ppm($now),
                days: Quantity::base(max(1.0, round($days)), Dimension::Days),
            ),
            $this->assumptions->of(Assumed::AlertFall),
        ), $before[0][0])];
    }

    /** @return list<Alert> nitrate falls while the water is cloudy: bacteria grow in it */
    private function clouds(Recent $recent): array
    {
        [$last, $before] = [$recent->last(2), $recent->before(2, 4)];
        if ($recent->parameter !== Parameter::Nitrate || count($before) < 4 || $this->daysSince($last[0][0]) > 14) {
            return [];
        }
        if (count($last) < 2) {
            return [];
        }
        $areCloudy = $last[0][1]->cloudy && $last[1][1]->cloudy;
        $then = Recent::middle(Recent::values($before));
        $now = max(Recent::values($last));
        if (! $areCloudy || $now > 0.8 * $then || $then - $now < 2 * $recent->step()) {
            return [];
        }

        return [new Alert('cloudy', Finding::of(
            Severity::Fault,
            'alert.cloudy',
            'Nitrate falls in cloudy water',
            Text::of(
                'It went from about {then} to {now} while the water was cloudy: bacteria bloom. Stop organic carbon, '
                    .'keep the surface and the skimmer moving, and watch how the fish breathe.',
                then: Quantity::ppm($then),
                now: Quantity::ppm($now),
            ),
        ), $before[0][0])];
    }

    /** @return list<Alert> */
    private function zeroAndZero(): array
    {
        $from = null;
        foreach (Parameter::nutrients() as $parameter) {
            $last = Recent::of($this->journal, $parameter)->last(2);
            $areNought = array_filter(
                $last,
                static fn (array $one): bool => $one[1]->value <= (self::NOUGHT[$parameter->value] ?? 0.0)
                    || $one[1]->belowLimit && $one[1]->value <= $parameter->resolution() * 3,
            );
            if (count($areNought) < 2 || $this->daysSince($last[1][0]) > 21) {
                return [];
            }
            $from = $from === null ? $last[0][0] : min($from, $last[0][0]);
        }

        return $from === null ? [] : [new Alert('zero', Finding::of(
            Severity::Fault,
            'alert.zero',
            'Nitrate and phosphate are both at nought',
            'Corals pale and slime algae come where both are missing. Feed more, or take media and carbon back, one '
                .'step at a time.',
        ), $from)];
    }

    /**
     * @param  list<Charge>  $charges  that are exhausted and still in
     * @return list<Alert>
     */
    private static function exhausted(array $charges): array
    {
        return array_map(static fn (Charge $charge): Alert => new Alert(
            "exhausted {$charge->entry}",
            Finding::of(
                Severity::Caution,
                'alert.exhausted',
                Text::of('{charge} is exhausted', charge: $charge->filling->summary()),
                'It removes almost nothing more. Renew it or take it out.',
            ),
            $charge->from,
            $charge->entry,
        ), $charges);
    }

    /** @return list<Alert> */
    private function skimmerOff(): array
    {
        $last = null;
        foreach ($this->journal as $entry) {
            $last = $entry->payload instanceof SkimmerSwitch ? $entry : $last;
        }
        $most = $this->assumptions->value(Assumed::AlertSkimmerOff);
        if (! $last?->payload instanceof SkimmerSwitch || $last->payload->on || $this->daysSince($last->at) <= $most) {
            return [];
        }

        return [new Alert('skimmer', Finding::of(
            Severity::Caution,
            'alert.skimmer',
            'The skimmer is off',
            Text::of(
                'It was switched off {days} ago. It takes out waste and brings oxygen in; log “skimmer on” if it runs.',
                days: Quantity::base(round($this->daysSince($last->at)), Dimension::Days),
            ),
            $this->assumptions->of(Assumed::AlertSkimmerOff),
        ), $last->at, $last->id)];
    }

    /** @return list<Alert> nothing was read for much longer than usual */
    private function silence(Recent $recent): array
    {
        $readings = $recent->last(9);
        if (count($readings) < 5) {
            return [];
        }
        $gaps = [];
        foreach (array_slice($readings, 1) as $i => [$at]) {
            $gaps[] = ($at->getTimestamp() - $readings[$i][0]->getTimestamp()) / self::DAY;
        }
        $since = $this->daysSince($readings[count($readings) - 1][0]);
        $most = max($this->assumptions->value(Assumed::AlertSilence), 3 * Recent::middle($gaps));
        if ($since <= $most) {
            return [];
        }

        return [new Alert("silence {$recent->parameter->value}", Finding::of(
            Severity::Remark,
            'alert.silence',
            Text::of('No {parameter} was read for {days}', ...[
                'parameter' => $recent->parameter->label(),
                'days' => Quantity::base(round($since), Dimension::Days),
            ]),
            'What the other alerts and verdicts say of it is as old.',
            $this->assumptions->of(Assumed::AlertSilence),
        ), $readings[0][0])];
    }

    private function daysSince(DateTimeImmutable $at): float
    {
        return ($this->now->getTimestamp() - $at->getTimestamp()) / self::DAY;
    }
}
