<?php

declare(strict_types=1);

namespace Ithys\Path;

/** What the catalogue knows of one kind of equipment. */
final readonly class Spec
{
    /**
     * @param  int  $sockets  sockets one takes (common practice)
     * @param  list<Figure>  $figures  beside those every item has
     * @param  list<Choice>  $choices
     * @param  list<Flag>  $flags
     */
    public function __construct(
        public string $label,
        public Group $group,
        public string $says,
        public int $sockets = 0,
        public array $figures = [],
        public array $choices = [],
        public array $flags = [],
    ) {
    }
}
