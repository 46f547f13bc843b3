<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Baffle;

/** Bubbles are held back before the return: by a trap of over, under, over, or by a chamber where they have time. */
final class BubbleTrap implements Rule
{
    public function judge(Situation $here): iterable
    {
        $baffles = $here->section->inside->baffles;
        if ($here->litresPerHour <= 0.0 || $baffles === []) {
            return;
        }
        $hangs = array_map(static fn (Baffle $baffle): bool => $baffle->hangs(), $baffles);
        $last = count($hangs) - 1;
        if ($hangs[$last] && count(array_filter($hangs)) > 1) {
            yield Finding::of(
                Severity::Caution,
                'trap-reversed',
                'The bubble trap stands the wrong way round',
                'The water goes under, over and under; the last baffle lets it out at the floor.',
            )
                ->at($baffles[$last]->id)
                ->because(
                    'Bubbles rise out behind a weir; after one that hangs they are drawn on to the pump.',
                    'Change them: over, under, over.',
                );

            return;
        }
        $trap = $this->trap($hangs);
        if ($trap !== null) {
            yield Finding::of(
                Severity::Good,
                'trap-there',
                'A bubble trap stands before the return',
                'The water goes over, under and over again.',
            )->at($baffles[$trap]->id);

            return;
        }
        $time = $this->seconds($here);
        $figures = Text::of(
            'Water stays {stays} seconds in the return chamber; a small bubble rises out in {rises}.',
            stays: Quantity::number($time['stays'], 0),
            rises: Quantity::number($time['rises'], 0),
        );
        $rise = $here->assumptions->of(Assumed::BubbleRise);
        yield $time['stays'] >= $here->assumptions->value(Assumed::BubbleCalm) * $time['rises']
            ? Finding::of(
                Severity::Good,
                'return-calm',
                'The return chamber is calm enough without a bubble trap',
                $figures,
                $rise,
            )
            : Finding::of(
                Severity::Caution,
                'trap-missing',
                'Nothing holds bubbles back before the return',
                $figures,
                $rise,
            )
                ->at($baffles[$last]->id)
                ->because(
                    'Bubbles that reach the pump are blown through the display.',
                    'Stand a bubble trap before the return, over, under, over, or make the return chamber larger.',
                );
    }

    /**
     * @param  list<bool>  $hangs  of each baffle whether it hangs
     * @return ?int the hanging one of the last trap; null without one
     */
    private function trap(array $hangs): ?int
    {
        for ($i = count($hangs) - 2; $i > 0; $i--) {
            if ($hangs[$i] && ! $hangs[$i - 1] && ! $hangs[$i + 1]) {
                return $i;
            }
        }

        return null;
    }

    /** @return array{stays: float, rises: float} seconds */
    private function seconds(Situation $here): array
    {
        $level = $here->section->water->returnLevelMm;
        $litres = $here->section->returnChamber()->litresPerMm() * $level;

        return [
            'stays' => $litres / ($here->litresPerHour / 3600),
            'rises' => $level / 1000 / $here->assumptions->value(Assumed::BubbleRise),
        ];
    }
}
