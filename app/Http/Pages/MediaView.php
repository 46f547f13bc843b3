<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Effect\Clarity;
use Ithys\History\Stay;
use Ithys\History\Timeline\Observed;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaRemoval\MediaRemoval;
use Ithys\Learning\Charges\Condition;
use Ithys\Learning\Charges\Standing;
use Ithys\Learning\Fit;
use Ithys\Learning\Unknown;
use Ithys\Media\CarbonSchool;
use Ithys\Media\Medium;
use Ithys\Nutrient\Element;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** The charges of a tank: what each takes, how much life it has left, and when to change it. */
final class MediaView
{
    private const DAYS = 731;

    private const NOTE = 'Keep a sealed packet for an emergency. To clear a medication, give the charge its end: '
        .'press L and write, for example, “%s”. Score how clear the water looks against the same mark each time, a '
        .'white bucket or the long view, 0 to 10: “clarity 8”.';

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $shelf = new FitShelf($system);
        $entries = (new Journal($system))->pooled($now->modify('-'.self::DAYS.' days'), $now);
        $lives = $shelf->lives();
        $charges = array_reverse(Stay::all($entries));
        $fit = $shelf->last();
        $isMetric = $keeper->units === UnitSystem::Metric;

        return [
            'charges' => array_map(
                static fn (Stay $one): array => self::charge(
                    $system,
                    $one,
                    $lives[$one->entry] ?? null,
                    $keeper,
                    $now,
                    Clarity::around($entries, $one->from),
                ),
                $charges,
            ),
            'schools' => self::schools($system, $charges, $now),
            'school' => $system->carbon_school->value ?? '',
            'schoolsTitle' => Medium::ActivatedCarbon->label().': what each school would say',
            'schoolsNote' => sprintf(
                self::NOTE,
                $isMetric ? 'activated carbon 60 g for 3 days' : 'activated carbon 2 oz for 3 days',
            ),
            'example' => $isMetric ? 'alumina 200 g bag' : 'alumina 1 cup bag',
            'isLearned' => $fit !== null,
            'learned' => $fit === null ? null : self::learned($fit, $keeper->words()),
            'noise' => self::noise($system, $entries, $keeper->words()),
        ];
    }

    /**
     * @param  ?array<string, mixed>  $life  as {@see FitShelf::lives()} has it
     * @return array<string, mixed>
     */
    private static function charge(
        System $system,
        Stay $one,
        ?array $life,
        User $keeper,
        DateTimeImmutable $now,
        Clarity $clarity,
    ): array {
        $words = $keeper->words();
        [$charge, $from, $to] = [$one->charge, $one->from, $one->to];
        $days = (($to ?? $now)->getTimestamp() - $from->getTimestamp()) / 86_400;
        $calendar = self::calendar($system, $charge->medium);

        return [
            'entry' => $one->entry,
            'medium' => $charge->medium->value,
            'label' => $charge->medium->label(),
            'amount' => $words->say($charge->amount()),
            'where' => $charge->itemName ?? $charge->place->value ?? '',
            'item' => $charge->item,
            'line' => $charge->line(),
            'out' => (new MediaRemoval($charge->medium))->line(),
            'from' => $from->getTimestamp(),
            'to' => $to?->getTimestamp(),
            'days' => round($days, 1),
            'meant' => $charge->days,
            'calendar' => $calendar === null ? null : [
                'days' => $calendar,
                'due' => $from->getTimestamp() + (int) round(86_400 * $calendar),
            ],
            'clarity' => $charge->medium !== Medium::ActivatedCarbon ? null : self::clarity($clarity, $words),
            'unfollowed' => match (true) {
                $charge->medium === Medium::Unlisted => 'Ithys does not know what it holds. Enter the figures of your '
                    .'medium under Settings, Assumptions.',
                $charge->medium->isModelled() => 'Ithys has not calculated this charge yet. It does so once it has '
                    .'learned from your readings.',
                default => 'Ithys does not follow this medium: trials do not agree that it removes nitrogen or '
                    .'phosphorus.',
            },
            'life' => $life === null ? null : self::life($system, $charge, $life, $days, $to !== null, $words),
        ];
    }

    /**
     * @param  array<string, mixed>  $life
     * @return array<string, mixed>
     */
    private static function life(
        System $system,
        MediaCharge $charge,
        array $life,
        float $days,
        bool $isOut,
        Words $words,
    ): array {
        /**
         * @var array{held: array{float, float, float}, takes: float, share: array{float, float, float},
         *   spent: ?array{?int, ?int, ?int}, surely: float, rockGives: float, course: list<array{int, float}>,
         *   measured: ?array{float, float, int, float}} $life
         */
        $measured = $life['measured'];
        $standing = Standing::of(
            $life['share'][0],
            $life['surely'],
            $life['takes'],
            $charge->medium->mayBind() ? $life['rockGives'] : 0.0,
            $measured === null ? null : [$measured[0], $measured[1], $measured[3]],
            $days,
            $charge->days,
        );
        $litres = $system->workingLitresAt(now());
        $ppm = static fn (float $mg): float => $charge->medium->mayBind()
            ? $mg / $litres
            : $mg * Element::Nitrogen->ion() / $litres;
        $grams = $charge->grams
            ?? 1000 * (float) $charge->litres * $system->assumptions()->value("{$charge->medium->value}-density");

        return [
            'condition' => $isOut ? 'out' : $standing->condition->value,
            'isGrave' => ! $isOut && in_array(
                $standing->condition,
                [Condition::Spent, Condition::Passing, Condition::Overdue, Condition::Unclear],
                true,
            ),
            'reasons' => $isOut ? [] : array_map($words->say(...), $standing->reasons),
            'share' => array_map(static fn (float $share): float => round(100 * $share), $life['share']),
            'held' => $life['held'],
            'heldPpm' => array_map($ppm, $life['held']),
            'takesWhat' => $charge->medium->mayBind() ? 'phosphate' : 'organic nitrogen',
            'asWhat' => $charge->medium->mayBind() ? 'phosphate' : 'nitrate',
            'loading' => $life['held'][0] / $grams,
            'takes' => $life['takes'],
            'spent' => $life['spent'] === null
                ? null
                : array_combine(['likely', 'soonest', 'latest'], $life['spent']),
            'surely' => $life['surely'],
            'course' => $life['course'],
            'measured' => $measured === null ? null : $words->say(Text::of(
                'Reactor readings: {read} mg a day, give or take {error}. Model: {model} mg a day.',
                read: Quantity::number(max(0.0, $measured[0]), 1),
                error: Quantity::number($measured[3], 1),
                model: Quantity::number($measured[1], 1),
            )),
        ];
    }

    /** What charges have taught of what phosphate media hold here. */
    private static function learned(Fit $fit, Words $words): ?string
    {
        if (! in_array(Unknown::Media, $fit->unknowns(), true)) {
            return null;
        }
        [$low, $high] = $fit->interval(Unknown::Media);

        return $words->say(Text::of(
            'Over all charges in the journal, phosphate media hold {times} times what the default says here ({low} to '
                .'{high}, 90 %); that is {known}.',
            times: Quantity::number($fit->factor(Unknown::Media), 2),
            low: Quantity::number($low, 2),
            high: Quantity::number($high, 2),
            known: $fit->isLearned(Unknown::Media) ? 'learned from your readings' : 'still mostly assumed',
        ));
    }

    /** @param  list<Entry>  $entries */
    private static function noise(System $system, array $entries, Words $words): ?string
    {
        $says = $entries === []
            ? null
            : Standing::noise(Observed::all($entries, $entries[0]->at, $system->assumptions()));

        return $says === null ? null : $words->say($says);
    }

    /** What was seen of how clear the water is. */
    private static function clarity(Clarity $clarity, Words $words): string
    {
        return $words->say($clarity->difference === null
            ? Text::of(
                'Clarity: {before} scores in the {days} days before and {since} since; three on either side would '
                    .'tell.',
                before: $clarity->before,
                since: $clarity->since,
                days: (int) Clarity::DAYS,
            )
            : Text::of(
                'Clarity since: {verdict}, by {by} points ({low} to {high}, 95 %).',
                verdict: $clarity->verdict() ?? '',
                by: Quantity::number($clarity->difference[0], 1),
                low: Quantity::number($clarity->difference[1], 1),
                high: Quantity::number($clarity->difference[2], 1),
            ));
    }

    /** Days after which a school changes it; null where none says so. */
    private static function calendar(System $system, Medium $medium): ?float
    {
        return match ($medium) {
            Medium::ActivatedCarbon => $system->carbon_school?->days()[1] ?? null,
            Medium::Unlisted => null,
            default => $system->assumptions()->value("calendar-{$medium->value}"),
        };
    }

    /**
     * @param  list<Stay>  $charges  newest first
     * @return list<array<string, mixed>>
     */
    private static function schools(System $system, array $charges, DateTimeImmutable $now): array
    {
        $last = null;
        foreach ($charges as $one) {
            $last ??= $one->charge->medium === Medium::ActivatedCarbon ? $one : null;
        }
        $age = $last === null || $last->to !== null
            ? null
            : ($now->getTimestamp() - $last->from->getTimestamp()) / 86_400;
        $assumptions = $system->assumptions();
        $each = $last === null ? null : $assumptions->value('price-activated-carbon') * ($last->charge->grams
            ?? 1000 * (float) $last->charge->litres * $assumptions->value('activated-carbon-density'));

        return array_map(static function (CarbonSchool $school) use ($age, $each): array {
            return [
                'key' => $school->value,
                'label' => $school->label(),
                'reason' => $school->reason(),
                'days' => $school->days(),
                'age' => $age === null ? null : round($age),
                'cost' => $each === null ? null : round($each * $school->timesAYear(), 1),
                'says' => $school->says($age),
            ];
        }, CarbonSchool::cases());
    }
}
