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
        /** Where it is pinned: the item of a path, or null for the whole. */
        public ?string $at = null,
        /** Why the rule holds. */
        public ?string $reason = null,
        /** Who holds so, where keepers disagree. */
        public ?string $school = null,
        /** What would put it right. */
        public ?string $fix = null,
    ) {
    }

    public static function of(
        Severity $severity,
        string $code,
        string $title,
        string $sentence,
        ?Assumption $basis = null,
    ): self {
        return new self($severity, $code, $title, $sentence, $basis);
    }

    /**
     * The same findings, the gravest first and else in their order.
     *
     * @param  list<self>  $findings
     * @return list<self>
     */
    public static function gravestFirst(array $findings): array
    {
        usort($findings, static fn (self $a, self $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }

    public function at(?string $at): self
    {
        return new self(
            $this->severity,
            $this->code,
            $this->title,
            $this->sentence,
            $this->basis,
            $at,
            $this->reason,
            $this->school,
            $this->fix,
        );
    }

    /** The same with its reason, what would put it right and, where keepers disagree, whose rule it is. */
    public function because(string $reason, ?string $fix = null, ?string $school = null): self
    {
        return new self(
            $this->severity,
            $this->code,
            $this->title,
            $this->sentence,
            $this->basis,
            $this->at,
            $reason,
            $school,
            $fix,
        );
    }

    /**
     * @return array{severity: string, code: string, title: string, sentence: string, basis: array<string, mixed>|null,
     *   at: ?string, reason: ?string, school: ?string, fix: ?string}
     */
    public function toArray(): array
    {
        return [
            'severity' => $this->severity->value,
            'code' => $this->code,
            'title' => $this->title,
            'sentence' => $this->sentence,
            'basis' => $this->basis?->toArray(),
            'at' => $this->at,
            'reason' => $this->reason,
            'school' => $this->school,
            'fix' => $this->fix,
        ];
    }
}
