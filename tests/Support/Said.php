<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Assumption\Assumption;
use Ithys\Finding;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Remedy;
use Ithys\Severity;

/** A finding as a reader of one unit system has it. */
final readonly class Said
{
    private function __construct(
        public Severity $severity,
        public string $code,
        public string $title,
        public string $sentence,
        public ?Assumption $basis,
        public ?string $at,
        public ?string $reason,
        public ?string $school,
        public ?string $fix,
        /** @var list<string> figures that would mend it */
        public array $remedies,
    ) {
    }

    public static function of(Finding $finding, UnitSystem $units = UnitSystem::Metric): self
    {
        $words = new Words($units);
        $say = static fn (?Text $text): ?string => $text === null ? null : $words->say($text);

        return new self(
            $finding->severity,
            $finding->code,
            $words->say($finding->title),
            $words->say($finding->sentence),
            $finding->basis,
            $finding->at,
            $say($finding->advice?->reason),
            $say($finding->advice?->school),
            $say($finding->advice?->fix),
            array_map(static fn (Remedy $remedy): string => $words->say($remedy->does), $finding->remedies),
        );
    }

    /**
     * @param  iterable<Finding>  $findings
     * @return list<self>
     */
    public static function all(iterable $findings, UnitSystem $units = UnitSystem::Metric): array
    {
        $said = [];
        foreach ($findings as $finding) {
            $said[] = self::of($finding, $units);
        }

        return $said;
    }
}
