<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
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

    /**
     * @param  string  $support  which edges hold it
     * @param  string  $load  with what water
     */
    protected function strength(
        string $code,
        string $what,
        PanelLoad $bears,
        string $support,
        string $load,
        Situation $here,
    ): Finding {
        $strength = $here->section->vessel->material->strength($here->assumptions);
        $figures = Text::of(
            '{what}, {support}, {load}: at the worst {stress} and {bend} of bending; the strength is {safety} times '
                .'that, {wanted} is wanted.{beyond}',
            what: $what,
            support: $support,
            load: $load,
            stress: $this->stress($bears),
            bend: Quantity::mm($bears->deflectionMm),
            safety: Quantity::number($bears->safety, 1),
            wanted: Quantity::number($here->assumptions->value(Assumed::PanelSafety), 1),
            beyond: $bears->beyondTheory ? ' It bends further than the theory holds.' : '',
        );

        return $bears->isSafe()
            ? Finding::of(Severity::Good, $code, 'Thick enough by plate theory', $figures, $strength)
                ->because(self::NO_CERTIFICATE)
            : $this->thin($code, $figures, $bears->safety, $strength, $here);
    }

    protected function thin(string $code, Text $figures, float $safety, Assumption $strength, Situation $here): Finding
    {
        $isFault = $safety < $here->assumptions->value(Assumed::PanelFault);

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

    protected function stress(PanelLoad $load): Quantity
    {
        return Quantity::base($load->stress, Dimension::Stress, $load->stress < 10.0 ? 1 : 0);
    }
}
