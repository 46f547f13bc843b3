<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What has to be read with care in a judgement: what else changed, and what the readings lack. */
final class ReadWithCare
{
    /** Days without a reading around a change that are worth a word. */
    private const LONG_GAP = 14.0;

    /** Times what is assumed from which a tank counts as lively, and up to which as calm. */
    private const LIVELY = 1.6;

    private const CALM = 0.9;

    /**
     * @param  list<Confounder>  $confounders
     * @return list<Finding>
     */
    public static function of(
        Question $question,
        Evidence $evidence,
        ?RelaxedStick $stick,
        array $confounders,
    ): array {
        return [
            ...self::setAside($evidence, $stick),
            ...self::gap($evidence),
            ...self::others($question, $evidence, $confounders),
            ...self::wander($question, $stick),
        ];
    }

    /** @return list<Finding> readings that lie too far off the others to be counted */
    private static function setAside(Evidence $evidence, ?RelaxedStick $stick): array
    {
        return array_map(
            static fn (int $i): Finding => Finding::of(
                Severity::Caution,
                'outlier',
                'A reading set aside',
                Text::of(
                    '{level}, {when} the change, lies too far off the others: look whether it was misread.',
                    level: Quantity::ppm($evidence->observations[$i]->mgPerLitre),
                    when: Confounder::when($evidence->observations[$i]->day),
                ),
            ),
            $stick->outliers ?? [],
        );
    }

    /** @return list<Finding> how lively the tank is by itself, beside what is assumed of tanks */
    private static function wander(Question $question, ?RelaxedStick $stick): array
    {
        $assumption = $question->assumptions->of(Assumed::TankWander);
        if ($stick?->wander === null) {
            return [];
        }
        $times = $stick->wander / $assumption->value;
        // Three strengths are tried; between them the readings seldom tell.
        $how = match (true) {
            $times > self::LIVELY => 'more than',
            $times < self::CALM => 'less than',
            default => 'about as much as',
        };

        return [
            Finding::of(
                Severity::Remark,
                'wander',
                'By itself',
                Text::of(
                    "What this tank takes in wanders {$how} the {usual} of the level a day that is assumed: by about "
                        .'{own}. The interval takes that in.',
                    usual: Quantity::base($assumption->value, Dimension::Share),
                    own: Quantity::base($stick->wander, Dimension::Share),
                ),
                $assumption,
            ),
        ];
    }

    /** @return list<Finding> where nobody looked around the change */
    private static function gap(Evidence $evidence): array
    {
        $days = array_map(static fn (Observation $one): float => $one->day, $evidence->observations);
        $before = array_filter($days, static fn (float $day): bool => $day <= 0.0);
        $since = array_filter($days, static fn (float $day): bool => $day > 0.0);
        if ($before === [] || $since === []) {
            return [];
        }
        $from = max($before);
        $to = min($since);

        return $to - $from <= max(self::LONG_GAP, 3 * $evidence->spacing())
            ? []
            : [
                Finding::of(
                    Severity::Caution,
                    'gap',
                    'Nobody looked around the change',
                    Text::of(
                        'No reading from {before} days before to {since} days after it: what went on then is not seen.',
                        before: (int) round(-$from),
                        since: (int) round($to),
                    ),
                ),
            ];
    }

    /**
     * @param  list<Confounder>  $confounders
     * @return list<Finding>
     */
    private static function others(Question $question, Evidence $evidence, array $confounders): array
    {
        $findings = array_map(
            static fn (Confounder $c): Finding => Finding::of(
                Severity::Caution,
                'confounder',
                'Also changed',
                $c->sentence,
            ),
            $confounders,
        );
        if (array_filter($confounders, static fn (Confounder $c): bool => $c->wears && $c->day < 0.0) !== []) {
            $findings[] = Finding::of(
                Severity::Caution,
                'wearing-medium',
                'Medium wearing out',
                'A phosphate medium put in before still wears out in this time and bends the phosphate curve.',
                $question->assumptions->of(Assumed::MediaWear),
            );
        }
        $cloudy = count(array_filter($evidence->observations, static fn (Observation $o): bool => $o->cloudy));
        $below = count(array_filter($evidence->observations, static fn (Observation $o): bool => $o->belowLimit));
        $readings = static fn (int $n): string => $n === 1 ? 'One reading' : "{$n} readings";
        if ($cloudy > 0) {
            $findings[] = Finding::of(
                Severity::Caution,
                'cloudy',
                'Cloudy water',
                $readings($cloudy)
                    .' in cloudy water: bacteria hold nutrients then, so a fall may be biomass, not export.',
            );
        }
        if ($below > 0) {
            $findings[] = Finding::of(
                Severity::Remark,
                'below-limit',
                'Below the kit',
                $readings($below).' below the limit of the kit, counted as half of it.',
                $question->assumptions->of(Assumed::BelowLimit),
            );
        }
        if ($evidence->unnamed() > 0) {
            $findings[] = Finding::of(
                Severity::Caution,
                'method-unnamed',
                'Kit not named',
                $readings($evidence->unnamed()).' without the kit it was read by, taken for one by the usual kit.',
            );
        }
        if ($evidence->otherMethod > 0) {
            $findings[] = Finding::of(
                Severity::Caution,
                'method-changed',
                'Method changed',
                $readings($evidence->otherMethod).' by another method left out; a new kit starts a new series.',
            );
        }
        if ($evidence->beyondCharge > 0) {
            $findings[] = Finding::of(
                Severity::Remark,
                'beyond-charge',
                'Window shortened',
                $readings($evidence->beyondCharge).' on the far side of another phosphate charge left out.',
                $question->assumptions->of(Assumed::MediaWear),
            );
        }
        if ($evidence->settling > 0) {
            $findings[] = Finding::of(
                Severity::Remark,
                'settling',
                'Settling',
                $readings($evidence->settling).' left out while the change settled.',
                $question->settling($question->change->kind()),
            );
        }
        if ($evidence->dilutions !== []) {
            $n = count($evidence->dilutions);
            $unsaid = count(array_filter(
                $evidence->dilutions,
                static fn (Dilution $dilution): bool => $dilution->source === null,
            ));
            $findings[] = Finding::of(
                Severity::Remark,
                'water-changes',
                'Water changes',
                ($n === 1 ? 'One water change' : "{$n} water changes").' in the window counted in.'
                    .($unsaid === 0 ? '' : ' What was in the new water was not said'
                        .($unsaid < $n ? " of {$unsaid} of them." : '.')),
                $unsaid === 0 ? null : $question->assumptions->of(Assumed::SourceWater),
            );
        }

        return $findings;
    }
}
