<?php

declare(strict_types=1);

namespace Ithys\Journal\Note;

use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A remark for later. */
final class NoteKind implements Kind
{
    public const KEY = 'note';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Note::fromData($from);
    }

    public function phrases(): array
    {
        return [new NoteRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Notes', LaneShape::Ticks, tone: 'note')];
    }

    public function lever(): ?Lever
    {
        return null;
    }
}
