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
use Ithys\Learning\Ledger\Origin;
use Ithys\Learning\Unknown;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\Words;

/** Where nitrogen and phosphorus go, as the page draws it. */
final class LedgerView
{
    /** Weeks that a ledger may be of. */
    public const WEEKS = [4, 12, 26, 52];

    /** Share by which model and readings may differ on average without a word. */
    private const MISFIT = 0.15;

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
            $timeline = TankHistory::of($system, $now);
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
            'story' => array_map($words->say(...), [
                ...self::story($ledger, $element, $unexplained),
                ...$fit === null ? [] : self::misfit($fit, $element),
            ]),
        ];
    }

    /** @return list<Text> */
    private static function story(Ledger $ledger, Element $element, ?float $unexplained): array
    {
        $ion = $element->parameter()->label();
        $in = $ledger->broughtIn($element);
        $greatest = $ledger->greatest($element);
        $share = static fn (float $of): Quantity => Quantity::base($of, Dimension::Share, 0);
        $story = [Text::of(
            '{mg} mg came in a week; in this water that is {ppm} of '.$ion.'.',
            mg: Quantity::number($in, $in >= 10 ? 0 : 1),
            ppm: Quantity::ppm($ledger->ppm($in, $element)),
        )];
        if ($greatest !== null && $in > 0.0) {
            $as = $ledger->asWaterChange($greatest, $element);
            $isWater = $greatest->key === 'water';
            $story[] = Text::of(
                '{what!} took out the most of what can be steered: {share} of what came in.'
                    .($as === null || $isWater ? '' : ' A weekly water change of {as} would do as much.'),
                what: mb_strtolower($greatest->label),
                share: $share($greatest->of($element) / $in),
                as: $share($as ?? 0.0),
            );
        }
        $story[] = match (true) {
            $unexplained === null => Text::of(
                'Too few readings lie in this time to say what the ledger leaves unexplained.',
            ),
            $in > 0.0 && abs($unexplained) < 0.05 * $in => Text::of(
                'What the readings show and the ledger does not is under {share} of what came in.',
                share: $share(0.05),
            ),
            default => Text::of(
                'By the readings the water gained {ppm} a week '.($unexplained > 0 ? 'more' : 'less')
                    .' than by the ledger. Nobody knows from what.',
                ppm: Quantity::ppm(abs($ledger->ppm($unexplained, $element)), 2),
            ),
        };

        return $story;
    }

    /** @return list<Text> a bad fit, said where the figures are read */
    private static function misfit(Fit $fit, Element $element): array
    {
        $read = $model = 0.0;
        foreach ($fit->residuals as $one) {
            if ($one['parameter'] === $element->parameter()->value) {
                $read += $one['read'];
                $model += $one['model'];
            }
        }
        $off = $read > 0.0 ? $model / $read - 1 : 0.0;

        return abs($off) < self::MISFIT ? [] : [Text::of(
            'Even so fitted, the model stands {share} '.($off < 0 ? 'below' : 'above')
                .' your readings on average: take these figures with care.',
            share: Quantity::base(abs($off), Dimension::Share, 0),
        )];
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
                'isLearned' => $fit->isLearned($unknown),
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
