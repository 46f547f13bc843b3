<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\Binder\Binder;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\DosePlan\DosePlan;
use Ithys\Journal\Equipment\Equipment;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaRemoval\MediaRemoval;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Supplement\Supplement;

/**
 * Whether a dose or a reading is fine, to be asked about, or refused: the one answer that every door asks for, from the
 * log line to the forecast.
 */
final class DoseGuard
{
    /** @return list<Doubt> the gravest first */
    public static function doubts(Payload $dose, DoseContext $here): array
    {
        if ($dose instanceof DosePlan) {
            // A pump's day is a dose.
            $dose = CarbonDose::of($dose->source, $dose->usualMillilitres());
        }

        return ! self::isAbout($dose) ? [] : Doubt::inOrder(array_merge(...array_map(
            static fn (GuardRule $rule): array => $rule->doubts($dose, $here),
            self::rules(),
        )));
    }

    /** Whether there is anything to ask of such an entry. */
    public static function isAbout(Payload $payload): bool
    {
        return $payload instanceof MediaCharge || $payload instanceof MediaRemoval || $payload instanceof Binder
            // Dosing that stopped is no dose.
            || $payload instanceof CarbonDose && $payload->millilitres > 0.0
            || $payload instanceof DosePlan && $payload->millilitres > 0.0
            || $payload instanceof Supplement || $payload instanceof Outlet || $payload instanceof Equipment
            || $payload instanceof Reading;
    }

    /** @return list<GuardRule> */
    private static function rules(): array
    {
        return [
            new MediumFits, new WhichVessel, new PhosphateFalls, new MediumAmount, new CarbonStep, new CarbonConditions,
            new LanthanumBinds, new OzoneIsWatched, new NoFiltrationDose, new OutletReads, new ReadingSlip,
        ];
    }
}
