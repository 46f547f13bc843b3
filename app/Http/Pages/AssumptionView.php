<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Words;

/** A default in the reader’s words and units, with what this tank has instead. */
final class AssumptionView
{
    /** @return array<string, mixed> */
    public static function of(Assumption $assumption, Words $words): array
    {
        return [
            'key' => $assumption->key,
            'label' => $words->say($assumption->label),
            'value' => $words->say($assumption->quantity()),
            'kind' => $assumption->kind->value,
            'source' => $words->say($assumption->source),
            'reason' => $assumption->overlay?->reason,
        ];
    }
}
