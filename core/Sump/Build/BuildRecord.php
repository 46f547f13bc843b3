<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use Ithys\Sump\Baffle;
use Ithys\Sump\Inside;

/** What was done and measured while a sump was built. */
final readonly class BuildRecord
{
    public const FORMAT = 'ithys-build';

    public const SCHEMA = 1;

    /**
     * @param  bool  $retrofit  whether old baffles have to come out first
     * @param  ?float  $cureHours  what the maker of the silicone asks before water, h
     * @param  array<string, DateTimeImmutable>  $done  day by step
     * @param  list<LeakTest>  $leakTests
     * @param  array<string, Measured>  $measured  by baffle
     */
    public function __construct(
        public bool $retrofit = false,
        public ?float $cureHours = null,
        public array $done = [],
        public array $leakTests = [],
        public array $measured = [],
    ) {
    }

    /** @return array<string, mixed> the document, schema {@see BuildRecord::SCHEMA} */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            'retrofit' => $this->retrofit,
            'cureHours' => $this->cureHours,
            'done' => array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $this->done),
            'leakTests' => array_map(static fn (LeakTest $test): array => $test->toArray(), $this->leakTests),
            'measured' => array_map(static fn (Measured $measured): array => $measured->cornersMm, $this->measured),
        ];
    }

    /**
     * When water may come in, by the last baffle that was set and the cure its silicone asks; null while either is
     * open.
     */
    public function waterNotBefore(Inside $inside): ?DateTimeImmutable
    {
        $days = array_map(
            fn (Baffle $baffle): ?DateTimeImmutable => $this->done["set-{$baffle->id}"] ?? null,
            $inside->baffles,
        );
        if ($this->cureHours === null || $days === [] || in_array(null, $days, true)) {
            return null;
        }

        // The hour is not recorded: reckoned from the end of the day.
        return max($days)
            ->modify('+1 day')
            ->modify('+'.(int) ceil($this->cureHours).' hours');
    }
}
