<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;

/** A rule about one thing of the whole, at which all of its findings are pinned. */
abstract class PinnedRule implements Rule
{
    final public function judge(Situation $here): iterable
    {
        foreach ($this->findings($here) as $finding) {
            yield $finding->at($this->pin());
        }
    }

    /** What of the sump it is about, after a #. */
    abstract protected function pin(): string;

    /** @return iterable<Finding> */
    abstract protected function findings(Situation $here): iterable;
}
