<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Severity;

/** Teeth are cut into acrylic and not into glass. */
final class CombOfAcrylic implements Rule
{
    public function judge(Situation $here): iterable
    {
        $vessel = $here->section->vessel;
        foreach ($here->section->front === null ? $here->section->inside->baffles : [] as $baffle) {
            if ($baffle->material($vessel->material) !== $vessel->material) {
                yield Finding::of(
                    Severity::Remark,
                    'comb-acrylic',
                    'This comb is cut of acrylic',
                    'The sump is of glass; the cut sheet takes acrylic of the same thickness for the comb.',
                )
                    ->at($baffle->id)
                    ->because(
                        'Nobody cuts teeth into glass by hand.',
                        'Silicone holds less well on acrylic: leave it a comb that lifts out, in a channel of two '
                            .'strips.',
                    );
            }
        }
    }
}
