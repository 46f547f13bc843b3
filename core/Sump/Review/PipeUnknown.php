<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** A pipe of which too little is said to reckon what it carries. */
final class PipeUnknown
{
    public static function finding(string $code, string $pipe): Finding
    {
        return Finding::of(
            Severity::Remark,
            $code,
            Text::of('What the {pipe} carries is not known', pipe: $pipe),
            'Its bore, its length and its fall are needed together.',
        )->because('A longer and narrower pipe carries less.', 'Give what is missing under Pipes.');
    }
}
