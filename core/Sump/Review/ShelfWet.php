<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** A grid shelf lies under water. */
final class ShelfWet extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        $level = $here->running->levelsMm[$tray->chamber];
        if ($here->flowIsKnown && $tray->kind === TrayKind::EggCrate && $level < $tray->topMm) {
            yield Finding::of(
                Severity::Remark,
                'shelf-dry',
                'The shelf is above the water',
                Text::of(
                    'It lies at {top}; running, the water stands at {level}.',
                    top: Quantity::mm($tray->topMm),
                    level: Quantity::mm($level),
                ),
            )
                ->at($tray->id)
                ->because('Media on it stay dry; for algae or a catch it may be meant so.');
        }
    }
}
