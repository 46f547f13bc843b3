<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Media\Medium;

/** The usual caution of the trade before an action that can hurt livestock or people. */
final class Caution
{
    public static function before(Payload $payload): ?string
    {
        return match (true) {
            $payload instanceof MediaCharge => self::beforeCharge($payload->medium),
            $payload instanceof CarbonDose => 'Bacteria use up oxygen: keep the skimmer and surface moving, and stop '
                .'at cloudy water, slime, gasping fish or nutrients at zero.',
            $payload instanceof SockChange => 'Before reuse rinse a bleached sock and dechlorinate it; never mix '
                .'bleach with another cleaner.',
            default => null,
        };
    }

    private static function beforeCharge(Medium $medium): ?string
    {
        return match (true) {
            $medium->bindsPhosphate() => 'A fast drop in phosphate harms corals: start at half where the tank never '
                .'had it, and read again in a few days.',
            $medium === Medium::Zeolite => 'Use only aquarium zeolite, never industrial or cat-litter grades.',
            default => null,
        };
    }
}
