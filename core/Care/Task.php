<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Quantity\Text;

/** Something to do on a tank on a day: a chore that comes again and again, or a medium to renew. */
interface Task
{
    /** Tells it apart from the other tasks of its tank. */
    public function key(): string;

    public function label(): string;

    /** Day of {@see CalendarDay}; null where it is not known. */
    public function due(): ?int;

    public function minutes(): float;

    /** Why it is due then. */
    public function why(): Text;

    /** @return list<string> items of the path that it is of */
    public function items(): array;
}
