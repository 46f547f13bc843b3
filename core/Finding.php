<?php

declare(strict_types=1);

namespace Ithys;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * One judgement with its figures and the rule or assumption behind it, in no unit system yet.
 *
 * Screens, exports and tests read the same finding; `$code` is stable and never shown.
 */
final readonly class Finding
{
    private function __construct(
        public Severity $severity,
        public string $code,
        public Text $title,
        public Text $sentence,
        public ?Assumption $basis,
        /** Where it is pinned: the item of a path, a part of a sump or, after a #, what of it; null for the whole. */
        public ?string $at = null,
        public ?Advice $advice = null,
        /** @var list<Remedy> figures that would mend it, each by itself */
        public array $remedies = [],
    ) {
    }

    public static function of(
        Severity $severity,
        string $code,
        Text|string $title,
        Text|string $sentence,
        ?Assumption $basis = null,
    ): self {
        return new self($severity, $code, Text::wrap($title), Text::wrap($sentence), $basis);
    }

    /**
     * The same findings, faults first, then cautions, remarks and what is right; equal ones keep their order.
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
            $this->advice,
            $this->remedies,
        );
    }

    /** The same with figures of which each would mend it. */
    public function mendedBy(Remedy ...$remedies): self
    {
        return new self(
            $this->severity,
            $this->code,
            $this->title,
            $this->sentence,
            $this->basis,
            $this->at,
            $this->advice,
            array_values($remedies),
        );
    }

    /** The same with its reason, what would mend it and, where keepers disagree, whose rule it is. */
    public function because(
        Text|string $reason,
        Text|string|null $fix = null,
        Text|string|null $school = null,
    ): self {
        return new self(
            $this->severity,
            $this->code,
            $this->title,
            $this->sentence,
            $this->basis,
            $this->at,
            new Advice(
                Text::wrap($reason),
                $fix === null ? null : Text::wrap($fix),
                $school === null ? null : Text::wrap($school),
            ),
            $this->remedies,
        );
    }

    /** @return array<string, Quantity> every figure it names; one of the sentence goes before one of the advice */
    public function quantities(): array
    {
        return $this->sentence->quantities()
            + $this->title->quantities()
            + ($this->advice?->reason->quantities() ?? [])
            + ($this->advice?->fix?->quantities() ?? [])
            + ($this->advice?->school?->quantities() ?? []);
    }
}
