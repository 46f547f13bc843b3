<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\Equipment\Equipment;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Media\OzoneController;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Ozone that is switched on: only while a probe reads what water can have. */
final class OzoneIsWatched implements GuardRule
{
    private const DAYS = 2.0;

    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof Equipment || ! $dose->on || mb_strtolower($dose->device) !== 'ozone') {
            return [];
        }
        $orp = $here->level(Parameter::Redox, self::DAYS)?->value;

        return match (true) {
            $orp === null => [Doubt::ask('ozone-unwatched', Text::of(
                'No ORP was read in the last two days. Ozone without a probe is not run: nothing would end it. Read '
                    .'ORP first, such as “orp 380”.',
            ))],
            ! OzoneController::isPlausible($orp) => [Doubt::refuse('ozone-probe', Text::of(
                'The ORP probe reads {orp} mV, which no reef water has. Clean or replace it before ozone runs.',
                orp: Quantity::number($orp, 0),
            ))],
            $orp >= OzoneController::OFF_AT => [Doubt::refuse('ozone-high', Text::of(
                'ORP is at {orp} mV already. Ozone is switched off at {off} mV.',
                orp: Quantity::number($orp, 0),
                off: Quantity::number(OzoneController::OFF_AT, 0),
            ))],
            default => [],
        };
    }
}
