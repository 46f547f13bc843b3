<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\TankCharges;
use App\Journal\TankHistory;
use App\Journal\TankRoutines;
use App\Journal\TankVerdicts;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Effect\Judgement;
use Ithys\Forecast\Expected;
use Ithys\History\Timeline\Missing;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Reading\Parameter;

/** A picked change with its judgement for each parameter, the one it is meant to move first. */
final class VerdictView
{
    public const WINDOWS = [28, 42, 84];

    public const WANTED = [0.2, 0.5, 1.0];

    /** Days since it settled over which a change can be asked about; beside all of the time. */
    public const SPANS = [10, 21, 42, 84];

    /** @return list<float> shares that can be chosen as worth knowing, with the tank's own */
    public static function wanted(System $system): array
    {
        $shares = array_unique([...self::WANTED, $system->assumptions()->value(Assumed::WantedShare)]);
        sort($shares);

        return $shares;
    }

    /** @return array<string, mixed> */
    public static function of(
        System $system,
        User $keeper,
        Entry $change,
        int $windowDays,
        float $wantedShare,
        DateTimeImmutable $now,
        ?int $spanDays = null,
    ): array {
        $words = $keeper->words();
        $verdicts = new TankVerdicts($system, $now, $windowDays, $wantedShare);
        $judgements = array_map(
            static fn (Judgement $judgement): array => self::judgement($judgement, $keeper),
            $verdicts->on($change, self::order($change), $spanDays),
        );

        return [
            'id' => $change->id,
            't' => $change->at->getTimestamp(),
            'text' => $words->say(TankRoutines::changes($system, $now)->says($change)),
            'caution' => $change->payload->caution(),
            'litres' => $system->workingLitresAt($change->at),
            'windowDays' => $windowDays,
            'wantedShare' => $wantedShare,
            'spanDays' => $spanDays,
            'judgements' => $judgements,
            'expected' => self::expected($system, $change, $windowDays, $now),
            'why' => WhyView::address(
                $system,
                $keeper,
                self::order($change)[0],
                $change->at->modify("-{$windowDays} days"),
                $change->at,
                $change->at,
                min($now, $change->at->modify("+{$windowDays} days")),
            ),
            'account' => $change->payload instanceof MediaCharge && $change->id !== null
                ? ChargeAccountView::of(TankCharges::of($system, $now)->account($change->id), $words)
                : null,
        ];
    }

    /**
     * What the model of this tank expected of a change: by how much more or less came in on average over the time
     * since, mg of the ion a day, by parameter. Null where nothing was learned of the tank yet.
     *
     * @return ?array<string, float>
     */
    private static function expected(System $system, Entry $change, int $windowDays, DateTimeImmutable $now): ?array
    {
        $learned = (new FitShelf($system))->learned();
        if ($learned === null || $change->id === null) {
            return null;
        }
        try {
            return Expected::of(
                TankHistory::of($system, $now, null, $learned->story()),
                TankHistory::of($system, $now, $change->id, $learned->story()),
                $learned->fit(),
                $change->at,
                $windowDays,
            );
        } catch (Missing) {
            return null;
        }
    }

    /** @return array<string, mixed> */
    private static function judgement(Judgement $judgement, User $keeper): array
    {
        $words = $keeper->words();
        $litres = $judgement->question->litres;

        return [
            'parameter' => $judgement->parameter()->value,
            'label' => $judgement->parameter()->label(),
            'verdict' => $judgement->verdict->value,
            'sentence' => $words->say($judgement->answer->says),
            'before' => $judgement->rates?->before->toArray($litres),
            'after' => $judgement->rates?->after->toArray($litres),
            'difference' => $judgement->rates?->difference->toArray($litres),
            'ofInput' => $judgement->answer->ofInput->value,
            'jump' => $judgement->rates?->jump?->toArray($litres),
            'unlogged' => self::unlogged($judgement, $keeper),
            'odds' => $words->say($judgement->answer->likely?->says() ?? ''),
            'secondOpinion' => $judgement->rates?->secondOpinion,
            'readingsBefore' => $judgement->readings->before,
            'readingsAfter' => $judgement->readings->after,
            'moreReadings' => $judgement->readings->more,
            'wantedPerDay' => $judgement->wantedPerDay,
            'line' => $judgement->line,
            'findings' => FindingView::all($judgement->findings, $words),
        ];
    }

    /**
     * A step that nobody logged, with the lines that log what it can have been.
     *
     * @return ?array{t: int, water: ?string, kit: string}
     */
    private static function unlogged(Judgement $judgement, User $keeper): ?array
    {
        $step = $judgement->answer->unlogged;
        if ($step === null) {
            return null;
        }
        // A line of the log is read by the clock of its writer.
        $at = $judgement->question->change->at
            ->modify(sprintf('%+d seconds', (int) round(86_400 * $step[0]->day)))
            ->setTimezone($keeper->zone());
        $percent = $judgement->waterChangeThatExplains($step[1], $at);
        $day = $at->format('Y-m-d H:i');

        return [
            't' => $at->getTimestamp(),
            'water' => $percent === null ? null : "{$day} water change {$percent} %",
            'kit' => "{$day} new kit {$judgement->parameter()->value}",
        ];
    }

    /** @return list<Parameter> */
    private static function order(Entry $change): array
    {
        $binds = $change->payload instanceof MediaCharge && $change->payload->medium->bindsPhosphate();

        return $binds ? [Parameter::Phosphate, Parameter::Nitrate] : [Parameter::Nitrate, Parameter::Phosphate];
    }
}
