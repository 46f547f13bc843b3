<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;

/** What comes down in a power cut fits under the rim. */
final class PowerCut extends PinnedRule
{
    private const WHY = 'When the pump stops, every tank on the sump drains to its lowest siphon point, and its pipes '
        .'and overflow with it.';

    protected function pin(): string
    {
        return '#display';
    }

    protected function findings(Situation $here): iterable
    {
        $missing = $here->missingOfPowerCut();
        $margin = $here->assumptions->of(Assumed::RimMargin);
        $drains = Quantity::litres($here->comesDownLitres());
        $spare = [
            'freeboard' => Quantity::mm($here->marginMm()),
            'spare' => Quantity::litres($here->marginLitres()),
        ];

        yield match (true) {
            // What is missing only adds to it.
            $here->marginMm() < 0.0 => Finding::of(
                Severity::Fault,
                'power-cut-flood',
                'A power cut floods',
                Text::of(
                    $missing === []
                        ? '{drains} come down and {over} do not fit: they run over the rim.'
                        : 'At least {drains} come down and {over} do not fit: they run over the rim.',
                    drains: $drains,
                    over: Quantity::litres(
                        $here->marginLitres() < 0.0
                            ? -$here->marginLitres()
                            : -$here->marginMm() * $here->section->litresPerMm(),
                    ),
                ),
            )->because(
                self::WHY,
                'Lower the running water, raise the return outlets or drill siphon breaks, or take a larger sump.',
            )->mendedBy(...$this->lower($here)),
            $missing !== [] => Finding::of(
                Severity::Caution,
                'power-cut-unknown',
                'A power cut is not reckoned yet',
                Text::of(
                    'Not known: {missing}. Without that {drains} come down and the water stands {freeboard} under '
                        .'the rim; {spare} are left for what is not known.',
                    ...['missing' => Text::join(', ', $missing), 'drains' => $drains, ...$spare],
                ),
            )->because(
                self::WHY,
                'Give what is missing: the inner size of the display under Path, Water; pipes, fall and overflow box '
                    .'here.',
            ),
            $here->marginMm() < $margin->value => Finding::of(
                Severity::Caution,
                'power-cut-close',
                'A power cut just fits',
                Text::of('The water then stands {freeboard} under the rim, {spare} to spare.', ...$spare),
                $margin,
            )->because(
                'A wave, a slow check valve or a little too much top-up is enough.',
                Text::of('Leave at least {margin}.', margin: $margin->quantity()),
            )->mendedBy(...$this->lower($here)),
            default => Finding::of(
                Severity::Good,
                'power-cut-fits',
                'A power cut fits',
                Text::of(
                    '{drains} come down; the water then stands {freeboard} under the rim, {spare} to spare.',
                    ...['drains' => $drains, ...$spare],
                ),
            ),
        };
    }

    /** @return list<Remedy> the return run so much lower that what comes down has its room */
    private function lower(Situation $here): array
    {
        $lacks = $here->assumptions->value(Assumed::RimMargin) - $here->marginMm();
        $area = $here->section->returnChamber()->litresPerMm();
        if ($area <= 0.0) {
            return [];
        }
        $level = floor($here->section->water->returnLevelMm - $lacks * $here->section->litresPerMm() / $area);

        return $level < 1.0
            ? []
            : [
                new Remedy(
                    Text::of('Run the return chamber at {level}', level: Quantity::mm($level)),
                    '',
                    'returnLevelMm',
                    $level,
                ),
            ];
    }
}
