<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Text;

/** A payload that needs no caution, stands on the lane of its kind and has a plain mark. */
trait PlainPayload
{
    public function caution(): ?string
    {
        return null;
    }

    public function unusual(float $workingLitres): ?Text
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
