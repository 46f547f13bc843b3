<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Ithys\Nutrient\Parameters;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Trial\Judgement;
use Ithys\Trial\Outcome;
use Ithys\Trial\Pair;
use Ithys\Trial\TrialRead;
use Ithys\Trial\TrialReading;

/** A trial in jars or boxes: its plan, its sheet, and what it shows. */
final class TrialView
{
    /** Days that what was judged is kept. */
    private const KEPT = 7;

    /** Whether who reads must not see which unit has which arm: from its start until it is judged, or given up. */
    public static function isHidden(Trial $trial, Judgement $judged, DateTimeImmutable $now): bool
    {
        $plan = $trial->planned();

        return $plan->setup->isBlind && $trial->started !== null && $judged->withheld !== null && $plan->mayTell()
            && ! ($trial->ended !== null && ($trial->day($now) ?? 0) < $trial->lastDay());
    }

    /** @return array<string, mixed> */
    public static function of(Trial $trial, User $keeper, DateTimeImmutable $now): array
    {
        // Judged once for all looks at it.
        $key = "trial page {$trial->id} {$trial->stamp} {$trial->system->stamp} {$trial->day($now)} "
            .$keeper->units->value;

        return [
            ...self::shell($trial, $keeper, $now),
            ...Cache::remember(
                $key,
                now()->addDays(self::KEPT),
                static fn (): array => self::judged($trial, $keeper, $now),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function judged(Trial $trial, User $keeper, DateTimeImmutable $now): array
    {
        $plan = $trial->planned();
        $words = $keeper->words();
        $judged = $trial->judged($now);
        $day = $trial->day($now);
        $isHidden = self::isHidden($trial, $judged, $now);
        $sheet = $trial->sheet();
        $placed = $trial->placed();
        $figures = Parameters::of($trial->system->assumptions());
        $changes = $trial->feedChanges();

        return [
            'reads' => array_map(static fn (TrialRead $one, int $n): array => [
                'parameter' => $one->parameter->value,
                'label' => ucfirst($one->parameter->label()),
                'unit' => $keeper->units->unitOf($one->parameter->dimension())->value,
                'kit' => $one->kit,
                'step' => $one->scatter->step,
                'scatter' => $one->scatter->units,
                'fed' => array_map(
                    static fn (int $at): ?float => $plan->fed($one->parameter, $at, $figures, $changes),
                    $plan->setup->days(),
                ),
                ...self::outcome($judged->outcomes[$n] ?? null),
            ], $plan->reads, array_keys($plan->reads)),
            'arms' => $plan->arms,
            'control' => $plan->control,
            'feed' => $plan->feed->what,
            'nitrogen' => self::rounded($plan->feed->nitrogen($figures)),
            'stop' => $plan->stop,
            'setup' => $plan->setup->toArray(),
            // The plan stays as it is, whatever is read.
            'power' => Cache::remember(
                'trial power '.md5((string) json_encode($trial->plan))." {$keeper->units->value}",
                now()->addDays(self::KEPT),
                static fn (): array => TrialsView::power($plan, $words),
            ),
            'next' => $trial->nextDay(),
            'days' => $plan->setup->days(),
            'isBlind' => $isHidden,
            'units' => array_map(static fn (string $unit, int $arm): array => [
                'unit' => $unit,
                'arm' => $isHidden ? null : $arm,
                'sheet' => array_map(static fn (TrialRead $read): array => [
                    'cells' => (object) array_map(
                        static fn (TrialReading $one): string => $one->text(),
                        $sheet->of($read->parameter, $unit),
                    ),
                    'course' => self::course($sheet->of($read->parameter, $unit)),
                ], $plan->reads),
            ], array_keys($placed), array_values($placed)),
            'headline' => $trial->started === null ? '' : $words->say($judged->withheld ?? Text::join(
                ' ',
                array_map(static fn (Outcome $one): Text => $one->verdict(), $judged->outcomes),
            )),
            'details' => array_map(
                static fn (Text $one): string => $words->say($one),
                array_merge(...array_map(static fn (Outcome $one): array => $one->details(), $judged->outcomes)),
            ),
            'isJudged' => $judged->withheld === null && $trial->started !== null,
            'left' => $judged->left,
            'learned' => $trial->started === null ? [] : array_map(
                static fn (Text $one): string => $words->say($one),
                $trial->lessonsOf()->all($trial->changes(), $day ?? 0),
            ),
        ];
    }

    /** @return array<string, mixed> what trials of all forms have */
    public static function shell(Trial $trial, User $keeper, DateTimeImmutable $now): array
    {
        return [
            'id' => $trial->id,
            'state' => TrialsView::state($trial),
            'question' => $trial->question(),
            'day' => $trial->day($now),
            'lastDay' => $trial->lastDay(),
            'amendments' => $trial->amendments,
            'lessons' => $trial->lessons,
            'started' => $trial->started,
            'ended' => $trial->ended,
            'photos' => PhotosView::ofTrial($trial, $now->setTimezone($keeper->zone())),
            'mayLog' => $keeper->can('journal', $trial->system),
            'mayPlan' => $keeper->can('design', $trial->system),
        ];
    }

    /**
     * @param  array<int, TrialReading>  $readings  by day
     * @return list<array{day: int, level: ?float, isCloudy: bool}>
     */
    private static function course(array $readings): array
    {
        ksort($readings);

        return array_map(static fn (int $day, TrialReading $one): array => [
            'day' => $day,
            'level' => $one->level(),
            'isCloudy' => $one->isCloudy,
        ], array_keys($readings), array_values($readings));
    }

    /** @return array{end: list<array<string, mixed>>, mean: list<array<string, mixed>>, anova: ?float} */
    private static function outcome(?Outcome $of): array
    {
        return [
            'end' => array_map(self::pair(...), $of === null ? [] : $of->end),
            'mean' => array_map(self::pair(...), $of === null ? [] : $of->mean),
            'anova' => $of?->anova === null ? null : round($of->anova, 3),
        ];
    }

    private static function rounded(?float $figure): ?float
    {
        return $figure === null ? null : Quantity::significant($figure, 2);
    }

    /** @return array<string, mixed> */
    private static function pair(Pair $one): array
    {
        return [
            'arm' => $one->arm,
            'than' => $one->than,
            'difference' => self::rounded($one->difference),
            'low' => self::rounded($one->interval[0] ?? null),
            'high' => self::rounded($one->interval[1] ?? null),
            'p' => round($one->p, 3),
            'exchange' => $one->exchange === null ? null : round($one->exchange, 3),
            'isClear' => $one->isClear,
        ];
    }
}
