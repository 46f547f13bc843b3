<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Panel\PanelLoad;
use Ithys\Severity;

/** The bottom full to the rim, where it is held at its edges only. */
final class Bottom extends PanelRule
{
    public function judge(Situation $here): iterable
    {
        foreach ($this->findings($here) as $finding) {
            yield $finding->at('#size');
        }
    }

    /** @return iterable<Finding> */
    private function findings(Situation $here): iterable
    {
        $vessel = $here->section->vessel;
        if (! $vessel->bottomOnEdges) {
            yield Finding::of(
                Severity::Good,
                'panel-bottom',
                'The bottom lies flat',
                'Carried on its whole area it hardly bends; no plate theory is asked for.',
            )->because(
                'That holds on a flat, stiff base only. '.self::NO_CERTIFICATE,
                'Level the base, and lay a mat under a sump without a rim.',
            );

            return;
        }
        $load = PanelLoad::lying(
            $vessel->lengthMm,
            $vessel->widthMm,
            $vessel->heightMm,
            $vessel->bottomMm ?? $vessel->wallMm,
            $vessel->material,
            $here->assumptions,
            $here->density,
        );
        yield $this->strength(
            'panel-bottom',
            'The bottom',
            $load,
            'held at its four edges',
            'full to the rim',
            $here,
        );
    }
}
