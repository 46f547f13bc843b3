<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;

/** One thing an experienced builder looks for in a sump. */
interface Rule
{
    /** @return iterable<Finding> pinned where the rule speaks; none where the sump is right or it does not apply */
    public function judge(Situation $here): iterable;
}
