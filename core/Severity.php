<?php

declare(strict_types=1);

namespace Ithys;

/** How much a finding matters: a remark, something right, a caution, or a fault. */
enum Severity: string
{
    case Remark = 'remark';
    case Good = 'good';
    case Caution = 'caution';
    case Fault = 'fault';

    /** Whether it asks for something to be done. */
    public function isGrave(): bool
    {
        return $this === self::Caution || $this === self::Fault;
    }

    /** Its place in a list, the gravest first. */
    public function rank(): int
    {
        return match ($this) {
            self::Fault => 0,
            self::Caution => 1,
            self::Remark => 2,
            self::Good => 3,
        };
    }
}
