<?php

declare(strict_types=1);

namespace Ithys\Effect\Alarm;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\History\Charge;
use Ithys\History\OffSince;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Spell\Spell;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Target\TargetBand;

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

    /** Days over which a fall is fast, and readings before it that are looked at. */
    private const FALLS = 14;

    private const LOOKED = 12;

    /** Days after which a reading says nothing of a rise now. */
    private const STALE = 42;

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
     * @param  list<TargetBand>  $targets  what its keeper wants
     * @return list<Alert> the gravest first
     */
    public static function over(
        array $journal,
        DateTimeImmutable $now,
        Assumptions $assumptions,
        array $exhausted = [],
        bool $hasSkimmer = true,
        array $targets = [],
    ): array {
        $journal = array_values(array_filter($journal, static fn (Entry $entry): bool => $entry->at <= $now));
        $watch = new self($journal, $now, $assumptions);
        $alerts = [
            ...$watch->zeroAndZero(),
            ...$watch->off($hasSkimmer),
            ...self::exhausted($exhausted),
            ...Ends::over($journal, $now, $assumptions, $targets),
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

    /** @return list<Alert> a line through three months rises, or the last three stand above all eight before them */
    private function rises(Recent $recent): array
    {
        $trend = Trend::of($recent, $this->now);
        $share = $this->assumptions->value(Assumed::AlertRise);
        $last = $recent->last(1)[0] ?? null;
        if ($trend !== null && $trend->rises && $last !== null && $this->daysSince($last[0]) <= self::STALE
            && $trend->to >= (1 + $share) * $trend->from && $trend->to - $trend->from >= 3 * $recent->step()) {
            return [$this->rise($recent->parameter, Text::of(
                'By a line through the readings of three months it went from about {then} to about {now}.',
                then: Quantity::ppm(Quantity::significant($trend->from, 2)),
                now: Quantity::ppm(Quantity::significant($trend->to, 2)),
            ), $trend->since)];
        }
        [$last, $before] = [$recent->last(3), $recent->before(3, 8)];
        if (count($last) < 3 || count($before) < 8 || $this->daysSince($last[0][0]) > self::STALE
            || $this->daysSince($before[0][0]) > 100) {
            return [];
        }
        $now = Recent::middle(Recent::values($last));
        $then = Recent::middle(Recent::values($before));
        $isAbove = min(Recent::values($last)) > max(Recent::values($before));

        return ! $isAbove || $now < (1 + $share) * $then || $now - $then < 3 * $recent->step()
            ? []
            : [$this->rise($recent->parameter, Text::of(
                'The last three readings, about {now}, are all above the eight before, about {then}.',
                now: Quantity::ppm($now),
                then: Quantity::ppm($then),
            ), $before[0][0])];
    }

    private function rise(Parameter $parameter, Text $says, DateTimeImmutable $from): Alert
    {
        return new Alert("rise {$parameter->value}", Finding::of(
            Severity::Caution,
            'alert.rise',
            Text::of('{parameter!} rises', parameter: $parameter->label()),
            $says,
            $this->assumptions->of(Assumed::AlertRise),
        ), $from);
    }

    /**
     * The last stands far below the highest of the two weeks before it; where it stands alone there, it must be half.
     *
     * @return list<Alert>
     */
    private function falls(Recent $recent): array
    {
        $last = $recent->last(1)[0] ?? null;
        $before = $last === null ? [] : array_values(array_filter(
            $recent->before(1, self::LOOKED),
            static fn (array $one): bool => $one[0] >= $last[0]->modify('-'.self::FALLS.' days'),
        ));
        if ($last === null || count($before) < 2 || $this->daysSince($last[0]) > self::FALLS) {
            return [];
        }
        $levels = Recent::sorted($before);
        // One that stands above all others may be a slip.
        $then = count($levels) > 2 ? $levels[count($levels) - 2] : $levels[count($levels) - 1];
        $now = $last[1]->value;
        $share = $this->assumptions->value(Assumed::AlertFall);
        $follows = $before[count($before) - 1][1]->value <= (1 - $share / 2) * $then;
        $least = max(self::LEAST_FALL[$recent->parameter->value] ?? INF, 3 * $recent->step());
        if ($then <= 0.0 || $then - $now < $least || $now > (1 - ($follows ? $share : max($share, 0.55))) * $then) {
            return [];
        }
        $from = array_values(array_filter($before, static fn (array $one): bool => $one[1]->value >= $then))[0][0];

        return [new Alert("fall {$recent->parameter->value}", Finding::of(
            Severity::Fault,
            'alert.fall',
            Text::of('{parameter!} falls fast', parameter: $recent->parameter->label()),
            Text::of(
                $follows
                    ? 'It went from about {then} to {now} within {days}. Corals suffer from a fast fall: take out part '
                        .'of what binds or feeds it away, and read again tomorrow.'
                    : 'It went from about {then} to {now} within {days}, by one reading. Read again today. If it is '
                        .'so, take out part of what binds or feeds it away: corals suffer from a fast fall.',
                then: Quantity::ppm($then),
                now: Quantity::ppm($now),
                days: Quantity::base(
                    max(1.0, round(($last[0]->getTimestamp() - $from->getTimestamp()) / self::DAY)),
                    Dimension::Days,
                ),
            ),
            $this->assumptions->of(Assumed::AlertFall),
        ), $from)];
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
            'Nitrate and phosphate are both at zero',
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

    /**
     * @param  bool  $hasSkimmer  false where the path has none
     * @return list<Alert> the skimmer is off for long, or a pause is over and no entry says that its device is on
     */
    private function off(bool $hasSkimmer): array
    {
        $alerts = [];
        foreach (OffSince::all($this->journal, $this->now) as $one) {
            $isSkimmer = $one->device === Spell::SKIMMER;
            $days = $this->daysSince($one->since);
            if ($one->isOverdue($this->now->modify('-1 hour')) && ($hasSkimmer || ! $isSkimmer)) {
                $alerts[] = $this->alert("pause {$one->device}", 'alert.pause', Text::of(
                    '{device!}: is it back on?',
                    device: $one->device,
                ), Text::of(
                    'The feeding pause is over, and you have not logged that it is back on. Look, then log '
                        .'“{line}”.',
                    line: $one->line(),
                ), $one);
            } elseif ($isSkimmer && $hasSkimmer && $one->until === null
                && $days > $this->assumptions->value(Assumed::AlertSkimmerOff)) {
                $alerts[] = $this->alert('skimmer', 'alert.skimmer', Text::wrap('The skimmer is off'), Text::of(
                    'It was switched off {days} ago. It takes out waste and brings oxygen in; log “skimmer on” if it '
                        .'runs.',
                    days: Quantity::base(round($days), Dimension::Days),
                ), $one);
            }
        }

        return $alerts;
    }

    private function alert(string $key, string $code, Text $title, Text $says, OffSince $off): Alert
    {
        // A pause rests on how long pauses usually are.
        $basis = $off->until === null ? Assumed::AlertSkimmerOff : 'pause-minutes';

        return new Alert(
            $key,
            Finding::of(Severity::Caution, $code, $title, $says, $this->assumptions->of($basis)),
            $off->since,
            $off->entry,
        );
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
