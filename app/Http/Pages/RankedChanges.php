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
use Ithys\Effect\FalseDiscovery;
use Ithys\Effect\Judgement;
use Ithys\Effect\Verdict;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Words;

/** The changes of a time with what each did, the newest first, and which stand out of what chance brings. */
final class RankedChanges
{
    /** Changes that are judged at once, the newest of the time. */
    public const MOST = 60;

    /** @return array{changes: list<array<string, mixed>>, total: int, judged: int} */
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
            "ranked of form 3 {$range} {$windowDays} {$wantedShare} {$keeper->units->value}",
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

    /** @return array{changes: list<array<string, mixed>>, total: int, judged: int} */
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
        $listed = $chances = [];
        foreach (array_slice($changes, -self::MOST) as $change) {
            $judgements = $verdicts->on($change, Parameter::nutrients(), null, $entries);
            foreach ($judgements as $n => $judgement) {
                $likely = $judgement->answer->likely;
                if ($likely !== null) {
                    $chances["{$change->id} {$n}"] = $likely->chance;
                }
            }
            $listed[] = [$change, $judgements];
        }
        $marked = FalseDiscovery::marked($chances);

        return ['changes' => array_map(static fn (array $one): array => [
            'id' => $one[0]->id,
            't' => $one[0]->at->getTimestamp(),
            'lane' => $one[0]->payload->lane(),
            'text' => $words->say($asked->says($one[0])),
            'answers' => array_map(static fn (Judgement $judgement, int $n): array => [
                'parameter' => $judgement->parameter()->value,
                'verdict' => $judgement->verdict->value,
                'figure' => $words->say($judgement->figure()),
                'odds' => $words->say($judgement->answer->likely?->says() ?? ''),
                'standsOut' => $judgement->verdict !== Verdict::CannotTellYet
                    && ($marked["{$one[0]->id} {$n}"] ?? false),
            ], $one[1], array_keys($one[1])),
        ], array_reverse($listed)), 'total' => count($changes), 'judged' => count($chances)];
    }
}
