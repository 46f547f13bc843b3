<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Panel\PanelLoad;
use Ithys\Panel\Support;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;

/**
 * The walls and the bottom full to the rim, and each baffle with water to its top on one side and none on the other.
 */
final class Panels
{
    private const NO_CERTIFICATE = 'A check, not a certificate: the tank maker or a glazier decides.';

    /** @return list<Finding> */
    public static function findings(Section $section, UnitSystem $units): array
    {
        $support = $section->braced ? Support::FourEdges : Support::FreeTop;
        $findings = [
            self::judge(
                'panel-wall',
                'The long wall',
                PanelLoad::of($section->lengthMm, $section->heightMm, $section->wallMm, $section->material, $support),
                $support->label(),
                $section,
                $units,
            ),
            self::bottom($section, $units),
        ];
        foreach ($section->baffles as $baffle) {
            if (! $baffle->hangs()) {
                $load = PanelLoad::of(
                    $section->widthMm,
                    $baffle->topMm,
                    $baffle->thicknessMm,
                    $section->material,
                    Support::FreeTop,
                );
                if (! $load->isSafe()) {
                    $findings[] = self::judge(
                        'panel-baffle',
                        'This baffle',
                        $load,
                        Support::FreeTop->label(),
                        $section,
                        $units,
                    )->at($baffle->id);
                }
            }
        }

        return $findings;
    }

    private static function bottom(Section $section, UnitSystem $units): Finding
    {
        if (! $section->bottomOnEdges) {
            return Finding::of(
                Severity::Good,
                'panel-bottom',
                'The bottom lies flat',
                'Carried on its whole area it hardly bends; no plate theory is asked for.',
            )->because(
                'That holds on a flat, stiff base only. '.self::NO_CERTIFICATE,
                'Level the base, and lay a mat under a sump without a rim.',
            );
        }
        $load = PanelLoad::lying(
            $section->lengthMm,
            $section->widthMm,
            $section->heightMm,
            $section->bottomMm ?? $section->wallMm,
            $section->material,
        );

        return self::judge('panel-bottom', 'The bottom', $load, 'held at its four edges', $section, $units);
    }

    private static function judge(
        string $code,
        string $what,
        PanelLoad $load,
        string $support,
        Section $section,
        UnitSystem $units,
    ): Finding {
        $figures = sprintf(
            '%s, %s: at the worst %s MPa and %s of bending; the strength is %s times that, %s is wanted.%s',
            $what,
            $support,
            number_format($load->stress, 1),
            ShopLength::format($load->deflectionMm, $units),
            number_format($load->safety, 1),
            number_format(Assumptions::panelSafety()->value, 1),
            $load->beyondTheory ? ' It bends further than the theory holds.' : '',
        );

        return $load->isSafe()
            ? Finding::of(
                Severity::Good,
                $code,
                'Thick enough by plate theory',
                $figures,
                $section->material->strength(),
            )->because(self::NO_CERTIFICATE)
            : Finding::of(
                $load->safety < 1.5 ? Severity::Fault : Severity::Caution,
                $code,
                $load->safety < 1.5 ? 'Too thin by plate theory' : 'Thin by plate theory',
                $figures,
                $section->material->strength(),
            )->because(
                self::NO_CERTIFICATE.' Glass breaks without warning; 100 L on the floor is the least of it.',
                'Take a thicker sheet, brace the top, or ask the maker.',
            );
    }
}
