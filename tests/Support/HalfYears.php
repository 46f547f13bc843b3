<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Http\Pages\RankedChanges;
use App\Journal\Journal;
use App\Journal\TankVerdicts;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\Entry;

/** What a keeper is told, in the list of changes, of ordinary half years whose truth is known. */
final class HalfYears
{
    /** Shares of the level that pass for nothing, and that nobody may call nothing. */
    private const NOTHING = 0.02;

    private const MUCH = 0.5;

    /** Days within which a change of the list is one of the half year's. */
    private const NEAR = 10.0;

    /**
     * @param  list<int>  $seeds
     * @return array{changes: int, answered: int, answers: int, asked: int, false: list<string>} changes and those with
     *   an answer, questions and answers, and the answers that are not true
     */
    public static function told(array $seeds): array
    {
        $told = ['changes' => 0, 'answered' => 0, 'answers' => 0, 'asked' => 0, 'false' => []];
        foreach ($seeds as $seed) {
            $user = User::factory()->create();
            $system = System::factory()->ownedBy($user)->create();
            $year = new HalfYear($seed, $system->workingLitresAt(now()));
            (new Journal($system))->record(self::upToNow($year), $user);
            $ranked = RankedChanges::of($system, $user, '1y', TankVerdicts::WINDOW, 0.5, now()->toDateTimeImmutable());
            $start = now()->getTimestamp() - 86_400 * HalfYear::DAYS;
            $told['changes'] += count($year->changes);
            $answered = [];
            foreach ($ranked['changes'] as $listed) {
                $day = self::nearest($year, ($listed['t'] - $start) / 86_400);
                foreach ($listed['answers'] as $answer) {
                    $told['asked']++;
                    if ($answer['verdict'] === 'cannot tell yet') {
                        continue;
                    }
                    $told['answers']++;
                    $answered[$day ?? 'other'] = true;
                    $truth = $day === null ? 0.0 : $year->truth($answer['parameter'], $day);
                    $isTrue = match ($answer['verdict']) {
                        'lower' => $truth < -self::NOTHING,
                        'higher' => $truth > self::NOTHING,
                        default => abs($truth) < self::MUCH,
                    };
                    if (! $isTrue) {
                        $told['false'][] = sprintf(
                            '%d: %s, %s %s, truly %+.2f',
                            $seed,
                            $listed['text'],
                            $answer['parameter'],
                            $answer['verdict'],
                            $truth,
                        );
                    }
                }
            }
            $told['answered'] += count($answered);
        }

        return $told;
    }

    /** @return list<Entry> its log, as though it ended now */
    private static function upToNow(HalfYear $year): array
    {
        $shift = now()->getTimestamp() - 86_400 * HalfYear::DAYS
            - (new DateTimeImmutable(Logged::START))->getTimestamp();

        return array_map(static fn (Entry $entry): Entry => new Entry(
            $entry->at->modify("+{$shift} seconds"),
            $entry->payload,
        ), Logged::entries($year->lines));
    }

    private static function nearest(HalfYear $year, float $day): ?int
    {
        $nearest = null;
        foreach (array_keys($year->changes) as $one) {
            $isNearer = $nearest === null || abs($one - $day) < abs($nearest - $day);
            $nearest = abs($one - $day) < self::NEAR && $isNearer ? $one : $nearest;
        }

        return $nearest;
    }
}
