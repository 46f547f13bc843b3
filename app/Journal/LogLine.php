<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use App\Models\User;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Journal\QuickEntry\Understood;
use Ithys\Media\Medium;

/** What a line says on a tank, with the same guard wherever it is written. */
final class LogLine
{
    public static function read(System $system, User $keeper, string $line): Understood
    {
        $journal = new Journal($system);
        $understood = QuickEntry::read($line, new Context(
            now($keeper->zone())->toDateTimeImmutable(),
            $keeper->units,
            $system->workingLitresAt(now()),
            $system->assumptions(),
            $system->setupAt(now())->containers(),
            $journal->kits(),
            $journal->renewedSince(now()->toDateTimeImmutable()->modify(sprintf(
                '-%d days',
                (int) $system->assumptions()->value((string) Medium::Biological->key('calendar')),
            ))),
        ));
        $doubts = (new DoseDoor($system))->doubts($understood->entries);

        return $understood->asking(
            array_map(static fn (array $each): array => [$each[0]->sentence], $doubts),
            $keeper->words(),
            $line,
        );
    }
}
