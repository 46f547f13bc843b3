<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\InvalidSection;

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

    /**
     * @param  array<mixed>  $document  as {@see BuildRecord::toArray()} made it
     *
     * @throws InvalidSection
     */
    public static function fromArray(array $document): self
    {
        if (($document['format'] ?? null) !== self::FORMAT || ($document['schema'] ?? null) !== self::SCHEMA) {
            throw InvalidSection::unreadable('This is not the record of a build of this version.');
        }

        // What was stored had been done by then, whatever day it is now.
        return TypedBuild::read($document, UnitSystem::Metric, new DateTimeImmutable('9999-12-31'));
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
}
