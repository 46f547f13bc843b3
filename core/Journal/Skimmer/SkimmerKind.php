<?php

declare(strict_types=1);

namespace Ithys\Journal\Skimmer;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** The skimmer, on or off. */
final class SkimmerKind implements Kind
{
    public const KEY = 'skimmer';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return SkimmerSwitch::fromData($from);
    }

    public function phrases(): array
    {
        return [new SkimmerRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Skimmer', LaneShape::Toggle)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, isSetting: true);
    }
}
