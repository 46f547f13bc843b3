<?php

declare(strict_types=1);

namespace Ithys\Journal\Equipment;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A device switched on or off. */
final class EquipmentKind implements Kind
{
    public const KEY = 'equipment';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Equipment::fromData($from);
    }

    public function phrases(): array
    {
        return [new EquipmentRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Equipment', LaneShape::Ticks)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, isSetting: true);
    }
}
