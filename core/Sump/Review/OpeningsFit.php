<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** The openings of a tray fit its sheet. */
final class OpeningsFit extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        $web = $here->assumptions->of(Assumed::TrayWeb);
        if ($tray->kind === TrayKind::Tray && $tray->places($chamber, $here->assumptions) === null) {
            yield Finding::of(
                Severity::Fault,
                'openings-too-many',
                'The openings do not fit the tray',
                Text::of(
                    'The sheet is {length} by {width}; with {web} left between and around them they need more.',
                    length: Quantity::mm($tray->lengthMm($chamber, $here->assumptions)),
                    width: Quantity::mm($tray->widthMm($chamber, $here->assumptions)),
                    web: $web->quantity(),
                ),
                $web,
            )
                ->at($tray->id)
                ->because(
                    'Too little sheet between two holes breaks.',
                    'Take an opening out, or make the chamber longer.',
                );
        }
    }
}
