<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;

/** No hole in a tray stands open. */
final class SpareHole extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        if ($tray->has(OpeningKind::Spare)) {
            yield Finding::of(
                Severity::Caution,
                'spare-open',
                'Water goes by a spare hole',
                'A hole in the tray holds nothing and is not capped.',
            )
                ->at($tray->id)
                ->because(
                    'The water takes the open hole; a roller then never sees its level rise and never moves on.',
                    'Cap it.',
                );
        }
    }
}
