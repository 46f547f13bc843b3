<?php

declare(strict_types=1);

namespace Ithys\Journal\KitChange;

use Ithys\Journal\Kind;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** Another test kit. */
final class KitChangeKind implements Kind
{
    public const KEY = 'kit';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return KitChange::fromData($from);
    }

    public function phrases(): array
    {
        return [new KitChangeRule];
    }

    /** They stand among the notes. */
    public function lanes(): array
    {
        return [];
    }

    /** It moves what is read, not the water. */
    public function lever(): ?Lever
    {
        return null;
    }
}
