<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Panel\PanelLoad;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** A rule about a sheet under water: a check by plate theory, and said to be no certificate. */
abstract class PanelRule implements Rule
{
    protected const NO_CERTIFICATE = 'A check, not a certificate: the tank maker or a glazier decides.';

    /** @param  string  $support  which edges hold it */
    protected function strength(
        string $code,
        string $what,
        PanelLoad $load,
        string $support,
        Situation $here,
    ): Finding {
        $strength = $here->section->vessel->material->strength($here->assumptions);
        $figures = Text::of(
            '{what}, {support}: at the worst {stress} and {bend} of bending; the strength is {safety} times that, '
                .'{wanted} is wanted.{beyond}',
            what: $what,
            support: $support,
            stress: Quantity::base($load->stress, Dimension::Stress, $load->stress < 10.0 ? 1 : 0),
            bend: Quantity::mm($load->deflectionMm),
            safety: Quantity::number($load->safety, 1),
            wanted: Quantity::number($here->assumptions->value(Assumed::PanelSafety), 1),
            beyond: $load->beyondTheory ? ' It bends further than the theory holds.' : '',
        );
        if ($load->isSafe()) {
            return Finding::of(Severity::Good, $code, 'Thick enough by plate theory', $figures, $strength)
                ->because(self::NO_CERTIFICATE);
        }
        $isFault = $load->safety < $here->assumptions->value(Assumed::PanelFault);

        return Finding::of(
            $isFault ? Severity::Fault : Severity::Caution,
            $code,
            $isFault ? 'Too thin by plate theory' : 'Thin by plate theory',
            $figures,
            $strength,
        )->because(
            Text::of(
                self::NO_CERTIFICATE.' Glass breaks without warning; {floor} on the floor is the least of it.',
                floor: Quantity::litres(100),
            ),
            'Take a thicker sheet, brace the top, or ask the maker.',
        );
    }
}
