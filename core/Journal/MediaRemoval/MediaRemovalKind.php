<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaRemoval;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A medium taken out. */
final class MediaRemovalKind implements Kind
{
    public const KEY = 'media-out';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return MediaRemoval::fromData($from);
    }

    public function phrases(): array
    {
        return [new MediaRemovalRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Media out', LaneShape::Ticks, tone: 'medium')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, settling: Assumed::MediaSettling);
    }
}
