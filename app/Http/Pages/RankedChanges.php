<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Journal\Kept;
use App\Journal\TankRoutines;
use App\Journal\TankVerdicts;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Effect\Judgement;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Words;

/** The changes of a time with what each did, best known first; what cannot be told stands below, unranked. */
final class RankedChanges
{
    /** Changes that are judged at once, the newest of the time. */
    public const MOST = 60;

    /** @return array{changes: list<array<string, mixed>>, total: int} */
    public static function of(
        System $system,
        User $keeper,
        string $range,
        int $windowDays,
        float $wantedShare,
        DateTimeImmutable $now,
    ): array {
        return Kept::of(
            $system,
            "ranked {$range} {$windowDays} {$wantedShare} {$keeper->units->value}",
            $now,
            static fn (DateTimeImmutable $hour): array => self::anew(
                $system,
                $keeper->words(),
                $range,
                $windowDays,
                $wantedShare,
                $hour->modify('+1 hour'),
            ),
        );
    }

    /** @return array{changes: list<array<string, mixed>>, total: int} */
    private static function anew(
        System $system,
        Words $words,
        string $range,
        int $windowDays,
        float $wantedShare,
        DateTimeImmutable $now,
    ): array {
        $entries = (new Journal($system))->pooled(...TideSheet::span($system, $range, $now));
        $asked = TankRoutines::changes($system, $now);
        $changes = array_values(array_filter($entries, $asked->has(...)));
        $verdicts = new TankVerdicts($system, $now, $windowDays, $wantedShare);
        $ranked = [];
        foreach (array_slice($changes, -self::MOST) as $change) {
            $judgements = $verdicts->on($change, Parameter::nutrients(), null, $entries);
            $known = array_filter(array_map(
                static fn (Judgement $judgement): ?float => $judgement->known(),
                $judgements,
            ), static fn (?float $known): bool => $known !== null);
            $ranked[] = [
                'id' => $change->id,
                't' => $change->at->getTimestamp(),
                'lane' => $change->payload->lane(),
                'text' => $words->say($asked->says($change)),
                'known' => $known === [] ? null : max($known),
                'answers' => array_map(static fn (Judgement $judgement): array => [
                    'parameter' => $judgement->parameter()->value,
                    'verdict' => $judgement->verdict->value,
                    'figure' => $words->say($judgement->figure()),
                ], $judgements),
            ];
        }
        $rank = static fn (array $change): array => [$change['known'] ?? -1.0, $change['t']];
        usort($ranked, static fn (array $a, array $b): int => $rank($b) <=> $rank($a));

        return ['changes' => $ranked, 'total' => count($changes)];
    }
}
