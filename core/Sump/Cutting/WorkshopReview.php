<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Section;

/** Whether what is cut does its work: light kept in, water not led past, pieces no larger than their sheets. */
final class WorkshopReview
{
    private const CODES = [
        'stock-small',
        'light-leaks',
        'lit-chamber-gone',
        'basket-nothing',
        'basket-bypass',
        'basket-jams',
        'basket-low',
    ];

    /** Whether a finding is about what is cut, and not about the water. */
    public static function speaksIn(Finding $finding): bool
    {
        return in_array($finding->code, self::CODES, true);
    }

    /** @return list<Finding> */
    public static function findings(Section $section, Workshop $workshop, UnitSystem $units): array
    {
        $wanted = Assumptions::blackout();
        $findings = [
            ...StockPlan::of(CutSheet::of($section, $workshop), $workshop)->findings($units),
            ...$workshop->basket?->findings($units) ?? [],
        ];
        if ($workshop->litChamber !== null && ! isset($section->chambers()[$workshop->litChamber])) {
            $findings[] = Finding::of(
                Severity::Caution,
                'lit-chamber-gone',
                'The lit chamber is gone',
                sprintf(
                    'Chamber %d is to be lit; there are %d.',
                    $workshop->litChamber + 1,
                    count($section->chambers()),
                ),
            )->because('A baffle was taken out.', 'Choose another chamber.');
        }
        if ($workshop->litChamber !== null && ($workshop->blackoutMm ?? $wanted->value) < $wanted->value) {
            $findings[] = Finding::of(
                Severity::Caution,
                'light-leaks',
                'Light gets through the blackout panels',
                sprintf('They are %s thick.', ShopLength::format((float) $workshop->blackoutMm, $units)),
                $wanted,
            )->because(
                'Algae then grow in the rest of the sump too.',
                sprintf('Take %s; 2 mm lets light through.', ShopLength::format($wanted->value, $units)),
            );
        }

        return $findings;
    }
}
