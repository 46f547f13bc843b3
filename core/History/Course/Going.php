<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use Ithys\Path\Kind;

/** What is fitted to a tank as it goes on, on which a course acts. */
final readonly class Going
{
    /**
     * @param  array<string, Kind>  $stages  what is fitted, by stage
     * @param  list<string>  $cultures
     */
    public function __construct(
        public array $stages,
        public array $cultures,
        /** Of algae weighed wet. */
        public float $dryShare,
        /** Days that waste stays on the fleece of a roller. */
        public float $rollerStay,
        /** Of the flow, that a roller gets. */
        public float $rollerShare,
        /** mm of fleece that a roller winds on a day; null where not known. */
        public ?float $fleecePace,
    ) {
    }

    /** @return list<string> */
    public function stagesOf(Kind $kind): array
    {
        return array_map(strval(...), array_keys($this->stages, $kind, true));
    }

    public function has(Kind $kind): bool
    {
        return in_array($kind, $this->stages, true);
    }
}
