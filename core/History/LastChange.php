<?php

declare(strict_types=1);

namespace Ithys\History;

use DateTimeImmutable;
use Ithys\Journal\Binder\Binder;
use Ithys\Journal\Entry;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\RoutineWord\Repeated;

/** The last thing that was changed of a tank before a moment, and how long ago. */
final readonly class LastChange
{
    private function __construct(public Lever $lever, public float $daysAgo)
    {
    }

    public static function made(Lever $lever, float $daysAgo): self
    {
        return new self($lever, $daysAgo);
    }

    /**
     * @param  list<Entry>  $entries
     * @param  list<Charge>  $charges
     * @param  list<DateTimeImmutable>  $setups  moments from which another tank or path stood
     * @param  DateTimeImmutable  $begin  of what is known
     */
    public static function before(
        DateTimeImmutable $now,
        DateTimeImmutable $begin,
        array $entries,
        Routines $routines,
        array $charges,
        array $setups,
    ): ?self {
        $all = array_map(static fn (DateTimeImmutable $at): array => [Lever::Other, $at], $setups);
        foreach ($charges as $charge) {
            $all[] = [Lever::Media, $charge->from];
            if ($charge->to !== null) {
                $all[] = [Lever::Media, $charge->to];
            }
        }
        foreach ($entries as $entry) {
            $payload = $entry->payload;
            $of = Repeated::of($entry);
            $isOfDisplay = $payload instanceof Photoperiod && $payload->isOfDisplay;
            if ($payload instanceof Binder) {
                $all[] = [Lever::Media, $entry->at];
            } elseif ($entry->kind()->lever()?->isSetting === true && ! $isOfDisplay) {
                $all[] = [$of === null ? Lever::Other : self::of($of), $entry->at];
            }
        }
        foreach (Repeated::cases() as $of) {
            foreach ($routines->find($of)?->changes() ?? [] as $change) {
                $at = $change->what === Change::SILENCE ? null : $routines->entryFrom($of, $change->until)?->at;
                if ($at !== null) {
                    $all[] = [self::of($of), $at];
                }
            }
        }
        $last = null;
        foreach ($all as [$lever, $at]) {
            $ago = ($now->getTimestamp() - $at->getTimestamp()) / 86_400;
            // What was there on the first day changed nothing.
            if ($ago >= 0.0 && $at > $begin->modify('+1 day') && ($last === null || $ago < $last->daysAgo)) {
                $last = new self($lever, $ago);
            }
        }

        return $last;
    }

    private static function of(Repeated $of): Lever
    {
        return match (true) {
            $of === Repeated::Feeding => Lever::Feeding,
            $of === Repeated::Water => Lever::Water,
            $of->source() !== null => Lever::Carbon,
            default => Lever::Other,
        };
    }
}
