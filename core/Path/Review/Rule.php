<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;

/** One thing an experienced reviewer looks for in a path. */
interface Rule
{
    /**
     * @return iterable<Finding> pinned where the rule speaks; none where the path is right or the rule does not apply
     */
    public function judge(Situation $here): iterable;
}
