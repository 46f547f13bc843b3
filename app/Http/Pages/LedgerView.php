<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Kept;
use App\Journal\TankHistory;
use App\Journal\TankRoutines;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Finding;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Fit;
use Ithys\Learning\Ledger\Ledger;
use Ithys\Learning\Ledger\LedgerLine;
use Ithys\Learning\Ledger\LedgerStory;
use Ithys\Learning\Ledger\Origin;
use Ithys\Learning\Unknown;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Words;

/** Where nitrogen and phosphorus go, as the page draws it. */
final class LedgerView
{
    /** Weeks that a ledger may be of. */
    public const WEEKS = [4, 12, 26, 52];

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, int $weeks, DateTimeImmutable $now): array
    {
        $shelf = new FitShelf($system);

        return [
            ...Kept::of(
                $system,
                "ledger {$weeks} {$shelf->mark()} {$keeper->units->value}",
                $now,
                static fn (DateTimeImmutable $hour): array => self::anew(
                    $system,
                    $keeper->words(),
                    $weeks,
                    $shelf->last(),
                    $hour->modify('+1 hour'),
                ),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function anew(
        System $system,
        Words $words,
        int $weeks,
        ?Fit $fit,
        DateTimeImmutable $now,
    ): array {
        try {
            $timeline = TankHistory::of($system, $now, null, (new FitShelf($system))->learned()?->story());
            $ledger = Ledger::of($timeline, $fit, $weeks);
        } catch (Missing $missing) {
            return ['missing' => ['sentence' => $missing->getMessage(), 'line' => $missing->mend]];
        } catch (InvalidLever $invalid) {
            return ['missing' => ['sentence' => $invalid->getMessage(), 'line' => '']];
        }

        return [
            'missing' => null,
            'weeks' => round($ledger->weeks, 1),
            'elements' => array_map(
                static fn (Element $element): array => self::element($ledger, $element, $fit, $words),
                Element::cases(),
            ),
            'remarks' => array_map(
                static fn (Finding $finding): array => FindingView::of($finding, $words),
                [...array_values(TankRoutines::silences($system, $now)), ...$timeline->remarks()],
            ),
            'learned' => $fit === null ? [] : self::learned($fit),
            'residuals' => $fit === null ? [] : self::residuals($fit, $timeline),
            'fitIsDone' => $fit?->isDone,
        ];
    }

    /** @return array<string, mixed> mg a week, with ppm a week of this tank */
    private static function element(Ledger $ledger, Element $element, ?Fit $fit, Words $words): array
    {
        $line = static fn (LedgerLine $one): array => [
            'key' => $one->key,
            'label' => $one->label,
            'mg' => $one->of($element),
            'ppm' => $ledger->ppm($one->of($element), $element),
            'origin' => $one->origin->value,
            'assumption' => $one->assumption,
            'entries' => $one->entries,
        ];
        $unexplained = $ledger->unexplained[$element === Element::Nitrogen ? 0 : 1];
        $some = static fn (array $lines): array => array_values(array_filter(
            array_map($line, $lines),
            static fn (array $one): bool => abs($one['mg']) > 1e-6,
        ));

        return [
            'key' => $element->value,
            'name' => $element === Element::Nitrogen ? 'Nitrogen' : 'Phosphorus',
            'parameter' => $element->parameter()->value,
            'in' => $some($ledger->in),
            'out' => $some($ledger->out),
            'stores' => $some($ledger->stores),
            'unexplained' => $unexplained === null ? null : [
                'key' => 'unexplained',
                'label' => 'Unexplained',
                'mg' => $unexplained,
                'ppm' => $ledger->ppm($unexplained, $element),
                'origin' => Origin::Unexplained->value,
                'assumption' => null,
                'entries' => null,
            ],
            'story' => array_map($words->say(...), LedgerStory::of($ledger, $element, $fit)),
        ];
    }

    /** @return list<array<string, mixed>> factors on the defaults */
    private static function learned(Fit $fit): array
    {
        return array_map(static function (Unknown $unknown) use ($fit): array {
            [$low, $high] = $fit->interval($unknown);

            return [
                'key' => $unknown->value,
                'label' => $unknown->label(),
                'factor' => $fit->factor($unknown),
                'low' => $low,
                'high' => $high,
                'taught' => $fit->taught($unknown)->value,
                'says' => $fit->taught($unknown)->says(),
            ];
        }, $fit->unknowns());
    }

    /** @return list<array<string, mixed>> readings beside the model, at their moments */
    private static function residuals(Fit $fit, Timeline $timeline): array
    {
        $start = $timeline->read->from->getTimestamp();

        return array_map(static fn (array $one): array => [
            't' => (int) round($start + 86_400 * $one['day']),
            'parameter' => $one['parameter'],
            'read' => $one['read'],
            'model' => $one['model'],
        ], $fit->residuals);
    }
}
