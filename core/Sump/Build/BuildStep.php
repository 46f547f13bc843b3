<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use Ithys\Quantity\Text;

/** One step of building a sump, with the caution that belongs to it. */
final readonly class BuildStep
{
    public function __construct(
        public string $key,
        public Text $title,
        public Text $says,
        public ?string $caution = null,
        public ?DateTimeImmutable $done = null,
        /** Not before this moment, where the step waits for silicone; null when it need not. */
        public ?DateTimeImmutable $notBefore = null,
    ) {
    }
}
