<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** A payload that needs no caution, stands on the lane of its kind and has a plain mark. */
trait PlainPayload
{
    public function caution(): ?string
    {
        return null;
    }

    public function lane(): string
    {
        return $this->kind()->key();
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
