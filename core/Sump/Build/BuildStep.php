<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;

/** One step of building a sump, with the caution that belongs to it. */
final readonly class BuildStep
{
    public function __construct(
        public string $key,
        public string $title,
        public string $says,
        public ?string $caution = null,
        public ?DateTimeImmutable $done = null,
        /** Not before this moment, where the step waits for silicone; null when it need not. */
        public ?DateTimeImmutable $notBefore = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'key' => $this->key,
            'title' => $this->title,
            'says' => $this->says,
            'caution' => $this->caution,
            'done' => $this->done?->format('Y-m-d'),
            'notBefore' => $this->notBefore?->format('Y-m-d'),
        ];
    }
}
