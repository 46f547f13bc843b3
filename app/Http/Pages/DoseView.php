<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\DoseDoor;
use App\Journal\Journal;
use App\Journal\TankCharges;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Dosing\DoseMethod;
use Ithys\Dosing\DoseMethods;
use Ithys\Dosing\Reach;
use Ithys\History\Charge;
use Ithys\History\Course\Fresh;
use Ithys\History\Guard\Answer;
use Ithys\History\Guard\DoseContext;
use Ithys\History\Guard\DoseGuard;
use Ithys\History\Guard\Doubt;
use Ithys\History\Guard\WeeklyFall;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Reading\Parameter;
use Ithys\Learning\Charges\ChargeWords;
use Ithys\Media\Medium;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\InvalidLever;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Review\Review;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\Unit;
use Ithys\Quantity\Words;
use Ithys\System\Setup;

/** A charge that is planned: the roads to its amount, and what it would do. */
final class DoseView
{
    private const DAYS = 731;

    private const WEEKS = 12;

    /** @return list<array{string, string}> parts of the path that hold media, then places without a name */
    public static function places(System $system): array
    {
        return [
            ...array_map(
                static fn (Container $one): array => [$one->item, $one->name],
                $system->setupAt(now())->containers(),
            ),
            ...array_map(
                static fn (Place $place): array => [$place->value, "A {$place->value}, not on the path"],
                Place::cases(),
            ),
        ];
    }

    /**
     * @param  array{amount: ?float, level: ?float, days: ?float}  $figures  as {@see ChargeRequest} reads them
     * @return array<string, mixed>
     *
     * @throws InvalidLever
     */
    public static function of(
        System $system,
        User $keeper,
        Medium $medium,
        Container|Place $where,
        array $figures,
        DateTimeImmutable $now,
    ): array {
        $words = $keeper->words();
        $setup = $system->setupAt($now);
        $litres = $setup->workingVolume()->litres;
        $item = $where instanceof Container ? $setup->path?->find($where->item) : null;
        $flow = $item === null ? null : $setup->situation()?->course->flowAt($item);
        // What lies loose in the path is passed by all of its flow.
        $past = $flow ?? $setup->litresPerHour()?->value;
        $place = $where instanceof Container ? $where->place : $where;
        $fresh = new Fresh($medium, $figures['amount'] ?? 0.0, $place, $place === Place::Reactor ? $flow : null);
        $outlook = ForecastView::outlook($system, $now)['outlook'];
        $roads = new DoseMethods($system->assumptions());
        $entries = (new Journal($system))->pooled($now->modify('-'.self::DAYS.' days'), $now);
        $here = (new DoseDoor($system))->context($now);

        return [
            'roads' => array_map(static fn (DoseMethod $road): array => [
                'title' => $road->title,
                'grams' => $road->grams,
                'text' => $road->grams === null ? null : $words->say(Quantity::grams($road->grams)),
                'assumes' => $words->say($road->assumes),
                'assumption' => $road->assumption,
                'steps' => array_map($words->say(...), $road->steps),
                // What the guard will have against it stands beside it at once.
                'doubt' => ($road->grams ?? 0.0) <= 0.0
                    ? null
                    : self::doubts($here, $medium, $where, (float) $road->grams, $words)[0] ?? null,
            ], [
                $roads->byVolume($medium, $litres, $past),
                $roads->byBudget(
                    $medium,
                    new Reach(
                        $system->assumptions()->value("contact-{$place->value}"),
                        24 * ($flow ?? ($place === Place::Reactor ? $litres : $past ?? Basin::TURNOVER * $litres)),
                        $litres,
                    ),
                    $here->phosphate(),
                    $figures['level'] ?? 0.05,
                    $figures['days'] ?? 60.0,
                ),
                $roads->byVessel($medium, $item?->title(), $item?->figure(Figure::Capacity)),
                self::lastTime($system, $medium, $now),
                ...self::gently($here, $medium, $fresh),
            ]),
            'amounts' => $figures['amount'] === null
                ? null
                : self::amounts($figures['amount'], $roads->density($medium), $system, $words),
            'firstUse' => self::firstUse($medium, $figures['amount'], $entries, $system, $words),
            'doubts' => $figures['amount'] === null || $figures['amount'] <= 0.0
                ? []
                : self::doubts($here, $medium, $where, $figures['amount'], $words),
            'fall' => $figures['amount'] === null || ! $medium->mayBind()
                ? null
                : self::fall($here, $fresh, $words),
            'company' => self::company($setup, $item, $words),
            'contact' => self::contact($place, $flow, $system, $words),
            'prepares' => $medium->definition()->prepares,
            'caution' => MediaCharge::grams($medium, 1.0)->caution(),
            'series' => $outlook === null ? null : [
                'present' => ForecastView::series($outlook, $outlook->present, self::WEEKS),
                'other' => ForecastView::series(
                    $outlook,
                    $fresh->grams > 0.0 && $medium->isModelled()
                        ? $outlook->present->putting($fresh)
                        : $outlook->present,
                    self::WEEKS,
                ),
            ],
        ];
    }

    private static function lastTime(System $system, Medium $medium, DateTimeImmutable $now): DoseMethod
    {
        $charges = TankCharges::of($system, $now);
        $mine = array_values(array_filter(
            $charges->all,
            static fn (Charge $one): bool => $one->medium() === $medium,
        ));
        $last = $mine[count($mine) - 1] ?? null;

        return ChargeWords::lastTime(
            $last,
            $last === null ? null : $charges->state($last),
            $system->assumptions(),
            $now,
        );
    }

    /**
     * What the review of the path says of the part it goes into.
     *
     * @return list<string>
     */
    private static function company(Setup $setup, ?Item $item, Words $words): array
    {
        $here = $setup->situation();
        if ($item === null || $here === null) {
            return [];
        }
        $says = [];
        foreach (Review::of($here)->findings as $finding) {
            if ($finding->at === $item->id && $finding->severity->isGrave()) {
                $says[] = $words->say(Text::of('{title}: {text}', title: $finding->title, text: $finding->sentence));
            }
        }

        return $says;
    }

    /** @return list<array{string, string}> the same amount in other measures */
    private static function amounts(float $grams, float $density, System $system, Words $words): array
    {
        $millilitres = $grams / $density;

        return [
            ['weighed', $words->say(Quantity::grams($grams))],
            ['poured', $words->say(Quantity::millilitres($millilitres))],
            ['cups', $words->say(Quantity::number($millilitres / (1000 * Unit::UsCup->factor()), 2))],
            ['your scoops', $words->say(Quantity::number($millilitres / $system->assumptions()->value('scoop'), 1))],
        ];
    }

    /** @param  list<Entry>  $entries */
    private static function firstUse(
        Medium $medium,
        ?float $grams,
        array $entries,
        System $system,
        Words $words,
    ): ?string {
        foreach ($entries as $entry) {
            if ($entry->payload instanceof MediaCharge && $entry->payload->medium === $medium) {
                return null;
            }
        }
        if (! $medium->bindsPhosphate() || $grams === null) {
            return null;
        }

        return $words->say(Text::of(
            'This tank never had it: begin with {share}, {grams}, and read phosphate again in three days.',
            share: Quantity::share($system->assumptions()->value('first-use-share')),
            grams: Quantity::grams($grams * $system->assumptions()->value('first-use-share')),
        ));
    }

    /** @return list<array{answer: string, sentence: string}> what the guard has against it, the gravest first */
    private static function doubts(
        DoseContext $here,
        Medium $medium,
        Container|Place $where,
        float $grams,
        Words $words,
    ): array {
        try {
            $charge = MediaCharge::grams($medium, $grams, $where);
        } catch (InvalidEntry $invalid) {
            return [['answer' => Answer::Refuse->value, 'sentence' => $words->say($invalid->says)]];
        }

        return array_map(static fn (Doubt $doubt): array => [
            'answer' => $doubt->answer->value,
            'sentence' => $words->say($doubt->sentence),
        ], DoseGuard::doubts($charge, $here));
    }

    /**
     * The most that lets phosphate fall no faster than it may; none where that is not known.
     *
     * @return list<DoseMethod>
     *
     * @throws InvalidLever
     */
    private static function gently(DoseContext $here, Medium $medium, Fresh $fresh): array
    {
        $level = $medium->bindsPhosphate() ? $here->phosphate() : null;
        if ($level === null) {
            return [];
        }

        return [new DoseMethod('By a gentle fall', floor(WeeklyFall::gentle($here, $fresh, $level)), Text::of(
            'The most that lowers phosphate by no more than {limit} in a week.',
            limit: Quantity::ppm(WeeklyFall::limit($here, $level)),
        ), 'fall-share')];
    }

    /**
     * How far phosphate falls in the first week; null where it was not read of late.
     *
     * @throws InvalidLever
     */
    private static function fall(DoseContext $here, Fresh $fresh, Words $words): ?string
    {
        $reading = $here->level(Parameter::Phosphate);
        if ($reading === null || $fresh->grams <= 0.0) {
            return null;
        }
        $level = $here->ppm($reading);

        return $words->say(Text::of(
            'The charge would lower phosphate by about {fall} in the first week, without the water change. The limit '
                .'at {level} is {limit} a week.',
            fall: Quantity::ppm(WeeklyFall::of($here, $fresh, $level)),
            level: Quantity::ppm($level),
            limit: Quantity::ppm(WeeklyFall::limit($here, $level)),
        ));
    }

    private static function contact(Place $place, ?float $flow, System $system, Words $words): string
    {
        $share = $system->assumptions()->value("contact-{$place->value}");

        return $words->say(match (true) {
            $place === Place::Reactor && $flow === null => Text::of(
                'The path does not say how much water the reactor gets: the model takes one volume of the tank an '
                    .'hour. A reactor without flow does nothing.',
            ),
            $place === Place::Reactor => Text::of('The reactor gets {flow}.', flow: Quantity::perHour($flow)),
            default => Text::of(
                'There it meets {share} of the water that a reactor would give it, our estimate.',
                share: Quantity::share($share),
            ),
        });
    }
}
