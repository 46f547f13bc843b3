<?php

declare(strict_types=1);

namespace Ithys\Path\Sizing;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Media\Medium;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Review\Situation;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What the path takes: how many of each by flow, media to buy, light, air, room, sockets and power. */
final readonly class Sizing
{
    /** @param  list<Need>  $needs */
    private function __construct(
        public array $needs,
        public int $pumps,
        /** Sockets of the equipment on the path. */
        public int $sockets,
        /** At least so many more for flow pumps, light and gadgets. */
        public int $spareSockets,
        public float $watts,
        public float $kilowattHoursAYear,
        public float $costAYear,
    ) {
    }

    public static function of(Situation $here, ?float $pricePerKilowattHour = null): self
    {
        $items = $here->path->items();
        $needs = array_values(
            array_filter([
                ...array_map(
                    static fn (Item $item): ?Need => self::unitsByFlow($item, $here),
                    $here->path->itemsOf(Kind::Sock, Kind::Roller),
                ),
                self::biological($here),
                self::skimmer($here),
                self::light($here),
                self::media($here),
                self::clearance($here),
            ]),
        );
        $power = new Power($here);
        $hours = array_sum(array_map($power->kilowattHoursAYear(...), $items));

        return new self(
            $needs,
            array_sum(array_map(static fn (Item $item): int => self::pumps($item, $here), $items)),
            array_sum(array_map($power->sockets(...), $items)),
            (int) $here->assumptions->value(Assumed::SpareSockets),
            array_sum(array_map($power->watts(...), $items)),
            $hours,
            $hours * ($pricePerKilowattHour ?? $here->assumptions->value(Assumed::PowerPrice)),
        );
    }

    /** A return or feed pump is one; skimmer, chiller and an algae reactor beside the line have one of their own. */
    private static function pumps(Item $item, Situation $here): int
    {
        $own = in_array($item->kind, [Kind::Skimmer, Kind::Chiller], true)
            || ($item->kind === Kind::AlgaeReactor && ! $here->path->isFedByReturn($item));

        return $item->kind->drives() || $own ? $item->count() : 0;
    }

    private static function unitsByFlow(Item $item, Situation $here): ?Need
    {
        $flow = $here->course->flowAt($item);
        $usual = $item->kind->usualLimit($item->choice(Choice::Hole), $here->assumptions);
        $limit = $item->figure(Figure::FlowLimit) ?? $usual?->value;
        if ($flow === null || $flow <= 0.0 || $limit === null) {
            return null;
        }
        $holes = $item->count() + (int) ($item->figure(Figure::SpareHoles) ?? 0.0);
        $perController = $here->assumptions->value(Assumed::RollersPerController);
        $plan = UnitsByFlow::of($flow, $limit, $holes, $perController);
        $extras = array_filter([
            $plan->caps > 0
                ? Text::of('{caps} cap{s}', caps: $plan->caps, s: $plan->caps > 1 ? 's' : '')
                : null,
            $plan->lacking > 0
                ? Text::of(
                    '{holes} more hole{s}',
                    holes: $plan->lacking,
                    s: $plan->lacking > 1 ? 's' : '',
                )
                : null,
            $item->kind === Kind::Roller
                ? Text::of(
                    '{controllers} controller{s}',
                    controllers: $plan->controllers,
                    s: $plan->controllers > 1 ? 's' : '',
                )
                : null,
        ]);

        return new Need(
            'units-by-flow',
            $item->title(),
            Text::join(', ', [$plan->units, ...$extras]),
            Text::of(
                '{flow} over {limit} each is {units}, by flow and not by the {holes} hole{s}.{shared}',
                flow: Quantity::perHour($flow),
                limit: Quantity::perHour($limit),
                units: $plan->units,
                holes: $holes,
                s: $holes > 1 ? 's' : '',
                shared: $item->kind === Kind::Roller && $plan->units > 1
                    ? Text::of(' {rollers} rollers share one controller.', rollers: Quantity::number($perController))
                    : '',
            ),
            $item->figure(Figure::FlowLimit) === null ? $usual : null,
            $item->id,
        );
    }

    private static function biological(Situation $here): Need
    {
        $each = $here->assumptions->of(Assumed::GravelPerLitre);
        $whole = $here->workingLitres * $each->value;
        $rock = 1000 * $here->tank->ground->rockKg;
        $share = $here->assumptions->of(Assumed::RockAsMedia);
        $need = max(0.0, $whole - $rock * $share->value);
        $times = $here->assumptions->value(Assumed::BiologicalSpare);

        return new Need(
            'biological',
            'Biological media',
            $need <= 0.0
                ? Text::wrap('none beside the rock')
                : Text::of(
                    '{all}: {times} times {need}',
                    all: Quantity::grams($times * $need),
                    times: Quantity::number($times),
                    need: Quantity::grams($need),
                ),
            Text::of(
                '{working} at {each} needs {needed}; {rock} Buy {times} times what is left, so that one part can be '
                    .'renewed every {renewal} while the others work.',
                working: Quantity::litres($here->workingLitres),
                each: Quantity::base($each->value, Dimension::MassDose),
                needed: Quantity::grams($whole),
                rock: $rock > 0.0
                    ? Text::of(
                        '{rock} of rock count as {counts} of it.',
                        rock: Quantity::grams($rock),
                        counts: Quantity::grams($rock * $share->value),
                    )
                    : 'no rock is described, which would count towards it.',
                times: Quantity::number($times),
                renewal: Quantity::base($here->assumptions->value(Assumed::BiologicalRenewal), Dimension::Months),
            ),
            $each,
            $here->path->itemsOf(Kind::Biological)[0]->id ?? null,
        );
    }

    private static function skimmer(Situation $here): ?Need
    {
        $skimmer = $here->path->itemsOf(Kind::Skimmer)[0] ?? null;
        if ($skimmer === null) {
            return null;
        }
        $now = $here->workingLitres * $here->path->stockNow->weight($here->assumptions)->value;
        $planned = $here->workingLitres * $here->path->stockPlanned->weight($here->assumptions)->value;
        $air = $here->assumptions->of(Assumed::SkimmerAir);
        $drawn = $skimmer->figure(Figure::Air);

        return new Need(
            'skimmer',
            'Skimmer',
            $now === $planned
                ? Text::of('rated for {wanted}', wanted: Quantity::litres($planned))
                : Text::of(
                    'rated from at most {least} to at least {most}',
                    least: Quantity::litres(min($now, $planned)),
                    most: Quantity::litres(max($now, $planned)),
                ),
            Text::of(
                '{stockNow} stock now and {stockPlanned} planned. That asks for about {air} of air.{here}',
                stockNow: ucfirst($here->path->stockNow->value),
                stockPlanned: $here->path->stockPlanned->value,
                air: Quantity::perHour($planned * $air->value),
                here: $drawn === null
                    ? ''
                    : Text::of(' This one draws {drawn}.', drawn: Quantity::perHour($drawn * $skimmer->count())),
            ),
            $air,
            $skimmer->id,
        );
    }

    private static function light(Situation $here): ?Need
    {
        $algae = Situation::first($here->path->items(), static fn (Item $item): bool => $item->kind->isAlgae());
        if ($algae === null) {
            return null;
        }
        $light = $here->assumptions->of(Assumed::RefugiumLight);
        $wanted = $here->workingLitres * $light->value;

        return new Need(
            'light',
            'Algae light',
            Text::of('{wanted} or more, 12 h a day to start', wanted: Quantity::base($wanted, Dimension::Power)),
            Text::of(
                '2 x 9 W on {start} is a small start; {working} asks for {wanted}, {algae} has {watts}. '
                    .'Throttle by hours: 12, then 8, then 2, then alternate days.',
                working: Quantity::litres($here->workingLitres),
                wanted: Quantity::base($wanted, Dimension::Power),
                algae: $algae->title(),
                watts: Quantity::base((new Power($here))->watts($algae), Dimension::Power),
                start: Quantity::litres(150),
            ),
            $light,
            $algae->id,
        );
    }

    /** Room for the media that are on the path; those that nobody chose need none. */
    private static function media(Situation $here): ?Need
    {
        $wanted = [];
        foreach ([
            [Medium::ActivatedCarbon, Assumed::CarbonVolume],
            [Medium::Alumina, Assumed::AluminaVolume],
        ] as [$medium, $assumed]) {
            if (array_filter($here->path->items(), static fn (Item $item): bool => $item->holds($medium)) !== []) {
                $wanted[] = [$medium, $here->assumptions->of($assumed)];
            }
        }
        if ($wanted === []) {
            return null;
        }
        $litres = static fn (Assumption $each): float => $here->workingLitres * $each->value / 1000;
        $room = array_sum(
            array_map(
                static fn (Item $item): float => $item->kind->holdsMedia()
                    ? $item->count() * ($item->figure(Figure::Capacity) ?? 0.0)
                    : 0.0,
                $here->path->items(),
            ),
        );

        return new Need(
            'media-volume',
            'Room for media',
            Quantity::litres(array_sum(array_map(static fn (array $one): float => $litres($one[1]), $wanted))),
            Text::of(
                '{media} for {working}.{here}',
                media: Text::join(' and ', array_map(
                    static fn (array $one): Text => Text::of(
                        '{medium} {volume}',
                        medium: $one[0]->label(),
                        volume: Quantity::litres($litres($one[1])),
                    ),
                    $wanted,
                )),
                working: Quantity::litres($here->workingLitres),
                here: $room > 0.0 ? Text::of(' The containers here hold {room}.', room: Quantity::litres($room)) : '',
            ),
            $wanted[0][1],
        );
    }

    private static function clearance(Situation $here): Need
    {
        $clear = $here->assumptions->of(Assumed::RearClearance);

        return new Need(
            'clearance',
            'Free behind the tank',
            Text::of('{clear} or more', clear: Quantity::length($clear->value)),
            'For pipes, cords with their drip loops, and a hand. Not to be won back once the tank is full.',
            $clear,
        );
    }
}
