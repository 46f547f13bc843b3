<?php

declare(strict_types=1);

namespace Ithys\Dosing;

use Ithys\Quantity\Text;

/** One way to an amount of a medium, with what it assumes. */
final readonly class DoseMethod
{
    public function __construct(
        public string $title,
        /** Null where something is missing, which the words then say. */
        public ?float $grams,
        public Text $assumes,
        /** The assumption it rests on most; null where it rests on none. */
        public ?string $assumption = null,
        /** @var list<Text> what to do once it is in */
        public array $steps = [],
    ) {
    }
}
