<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Effect\ChangeEffect;
use Ithys\Effect\Question;
use Ithys\Journal\Caution;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge;
use Ithys\Water\Nutrient;

/** A picked change with its judgement for both nutrients, the one it is meant to move first. */
final class VerdictView
{
    public const WINDOWS = [28, 42, 84];

    public const WANTED = [0.1, 0.2, 0.5];

    /** @return array<string, mixed> */
    public static function of(
        System $system,
        User $keeper,
        Entry $change,
        int $windowDays,
        float $wantedShare,
        DateTimeImmutable $now,
    ): array {
        $journal = (new Journal($system))->around($change->at, ChangeEffect::lookBackDays($windowDays));
        $tankChanges = $system->changedOn();
        $litres = $system->workingLitresAt($change->at);
        $judgements = array_map(
            static fn (Nutrient $nutrient): array => ChangeEffect::judge(
                new Question(
                    $change,
                    $nutrient,
                    $litres,
                    $now,
                    $keeper->units,
                    $windowDays,
                    $wantedShare,
                    $tankChanges,
                ),
                $journal,
            )->toArray(),
            self::order($change),
        );

        return [
            'id' => $change->id,
            't' => $change->at->getTimestamp(),
            'text' => $change->payload->summary($keeper->units),
            'caution' => Caution::before($change->payload),
            'litres' => $litres,
            'windowDays' => $windowDays,
            'wantedShare' => $wantedShare,
            'judgements' => $judgements,
        ];
    }

    /** @return list<Nutrient> */
    private static function order(Entry $change): array
    {
        $binds = $change->payload instanceof MediaCharge && $change->payload->medium->bindsPhosphate();

        return $binds ? [Nutrient::Phosphate, Nutrient::Nitrate] : [Nutrient::Nitrate, Nutrient::Phosphate];
    }
}
