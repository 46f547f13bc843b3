<?php

declare(strict_types=1);

namespace Ithys;

use Ithys\Assumption\Assumption;

/**
 * One judgement in plain words, with the rule or assumption behind it.
 *
 * Screens, exports and tests read the same finding; `$code` is stable and never shown.
 */
final readonly class Finding
{
    private function __construct(
        public Severity $severity,
        public string $code,
        public string $title,
        public string $sentence,
        public ?Assumption $basis,
    ) {
    }

    public static function of(Severity $severity, string $code, string $title, string $sentence, ?Assumption $basis = null): self
    {
        return new self($severity, $code, $title, $sentence, $basis);
    }

    /** @return array{severity: string, code: string, title: string, sentence: string, basis: array<string, mixed>|null} */
    public function toArray(): array
    {
        return [
            'severity' => $this->severity->value,
            'code' => $this->code,
            'title' => $this->title,
            'sentence' => $this->sentence,
            'basis' => $this->basis?->toArray(),
        ];
    }
}
