<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The display falls at least by the water that stands over the edge of its overflow. */
final class OverflowHead extends PinnedRule
{
    protected function pin(): string
    {
        return '#overflow';
    }

    protected function findings(Situation $here): iterable
    {
        $head = $here->plumbing->overflow()?->headMm($here->litresPerHour);
        $fall = $here->section->drainDown->display->fallMm;
        if ($head === null || $fall === null || $head <= $fall + 0.5) {
            return;
        }
        yield Finding::of(
            Severity::Caution,
            'fall-below-head',
            'The display falls further than you say',
            Text::of(
                'While running it stands {head} over the edge of its overflow; when the pump stops at least that runs '
                    .'down. You say {fall}.',
                head: Quantity::mm($head),
                fall: Quantity::mm($fall),
            ),
        )->because(
            'Water over the edge runs off whatever the return outlets do.',
            Text::of('Enter a fall of {head}, or more where an outlet lies deeper.', head: Quantity::mm(ceil($head))),
        );
    }
}
