<?php

declare(strict_types=1);

namespace Ithys\Care\Stock;

use Ithys\Care\ChoreSpec;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\Entry;
use Ithys\Quantity\Text;

/** Socks that are clean, in use and dirty: from how many there are, the holders, and changes since the last wash. */
final readonly class Washing
{
    private function __construct(
        public int $inUse,
        public int $dirty,
        /** Never below zero. */
        public int $clean,
        /** More were changed than there are. */
        public bool $isOver,
    ) {
    }

    /**
     * @param  list<array{list<Entry>, int}>  $tanks  the entries of each tank that shares them, and its holders
     * @return ?self null where it is not known how many there are, or no wash or change is logged
     */
    public static function of(array $tanks, ?float $owned): ?self
    {
        $acts = [];
        foreach ($tanks as [$entries, $holders]) {
            foreach ($entries as $entry) {
                $chore = ChoreSpec::of($entry->payload);
                if ($chore === Chore::Wash || $chore === Chore::Sock) {
                    $acts[] = [$entry->at, $chore === Chore::Sock ? $holders : null];
                }
            }
        }
        if ($owned === null || $acts === []) {
            return null;
        }
        usort($acts, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $dirty = 0;
        foreach ($acts as [, $changed]) {
            // A wash takes all that are dirty, of every tank.
            $dirty = $changed === null ? 0 : $dirty + $changed;
        }
        $inUse = min((int) $owned, (int) array_sum(array_column($tanks, 1)));
        $clean = (int) $owned - $inUse - $dirty;

        return new self($inUse, min($dirty, (int) $owned - $inUse), max(0, $clean), $clean < 0);
    }

    public function says(): Text
    {
        return $this->isOver
            ? Text::of(
                'More socks were changed than you own: count them again, or log “socks washed”. {inUse} in use.',
                inUse: $this->inUse,
            )
            : Text::of(
                '{clean} clean, {inUse} in use, {dirty} to wash.',
                clean: $this->clean,
                inUse: $this->inUse,
                dirty: $this->dirty,
            );
    }
}
