<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaCharge;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Media\Medium;

/** A fresh charge of a medium; each medium has its lane. */
final class MediaChargeKind implements Kind
{
    public const KEY = 'media';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return MediaCharge::fromData($from);
    }

    public function phrases(): array
    {
        return [new MediaRule];
    }

    public function lanes(): array
    {
        return array_map(
            static fn (Medium $medium): Lane => new Lane(
                $medium->value,
                $medium->shortLabel(),
                LaneShape::Bars,
                tone: $medium->bindsPhosphate() ? 'binder' : 'medium',
            ),
            Medium::cases(),
        );
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, settling: Assumed::MediaSettling);
    }
}
