<?php

declare(strict_types=1);

namespace Ithys\Path\Sizing;

use Ithys\Assumption\Assumptions;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Review\Situation;

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
        $hours = array_sum(array_map(static fn (Item $item): float => $item->kilowattHoursAYear(), $items));

        return new self(
            $needs,
            array_sum(array_map(self::pumps(...), $items)),
            array_sum(array_map(static fn (Item $item): int => $item->sockets(), $items)),
            (int) Assumptions::spareSockets()->value,
            array_sum(array_map(static fn (Item $item): float => $item->watts(), $items)),
            $hours,
            $hours * ($pricePerKilowattHour ?? Assumptions::powerPrice()->value),
        );
    }

    /** A return or feed pump is one; skimmer, chiller and algae reactor come with one of their own. */
    private static function pumps(Item $item): int
    {
        return $item->kind->drives() || in_array($item->kind, [Kind::Skimmer, Kind::Chiller, Kind::AlgaeReactor], true)
            ? $item->count()
            : 0;
    }

    private static function unitsByFlow(Item $item, Situation $here): ?Need
    {
        $flow = $here->course->flowAt($item);
        $usual = $item->kind->usualLimit($item->choice(Choice::Hole));
        $limit = $item->figure(Figure::FlowLimit) ?? $usual?->value;
        if ($flow === null || $flow <= 0.0 || $limit === null) {
            return null;
        }
        $holes = $item->count() + (int) ($item->figure(Figure::SpareHoles) ?? 0.0);
        $plan = UnitsByFlow::of($flow, $limit, $holes);
        $extras = array_filter([
            $plan->caps > 0 ? "{$plan->caps} cap".($plan->caps > 1 ? 's' : '') : null,
            $plan->lacking > 0 ? "{$plan->lacking} more hole".($plan->lacking > 1 ? 's' : '') : null,
            $item->kind === Kind::Roller ? "{$plan->controllers} controller".($plan->controllers > 1 ? 's' : '') : null,
        ]);

        return new Need(
            'units-by-flow',
            $item->title(),
            implode(', ', [(string) $plan->units, ...$extras]),
            sprintf(
                '%s over %s each is %d, by flow and not by the %d hole%s.%s',
                $here->flow($flow),
                $here->flow($limit),
                $plan->units,
                $holes,
                $holes > 1 ? 's' : '',
                $item->kind === Kind::Roller && $plan->units > 1 ? ' Two rollers share one controller.' : '',
            ),
            $item->figure(Figure::FlowLimit) === null ? $usual : null,
            $item->id,
        );
    }

    private static function biological(Situation $here): Need
    {
        $each = Assumptions::gravelPerLitre();
        $need = $here->workingLitres * $each->value;
        $buy = $need * Assumptions::biologicalSpare()->value;

        return new Need(
            'biological',
            'Biological media',
            self::kilograms($buy).' in three thirds of '.self::kilograms($buy / 3),
            sprintf(
                '%s at %s g a litre needs %s; buy three times that, renew one third every %s months and never two '
                    .'thirds at once. Porous rock in the display counts towards it.',
                $here->volume($here->workingLitres),
                number_format($each->value, 1),
                self::kilograms($need),
                number_format(Assumptions::biologicalRenewal()->value),
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
        $now = $here->workingLitres * $here->path->stockNow->weight()->value;
        $planned = $here->workingLitres * $here->path->stockPlanned->weight()->value;
        $air = Assumptions::skimmerAir();
        $drawn = $skimmer->figure(Figure::Air);

        return new Need(
            'skimmer',
            'Skimmer',
            sprintf(
                'rated from at most %s to at least %s',
                $here->volume(min($now, $planned)),
                $here->volume(max($now, $planned)),
            ),
            sprintf(
                '%s stock now and %s planned. That asks for about %s of air.%s',
                ucfirst($here->path->stockNow->value),
                $here->path->stockPlanned->value,
                $here->flow($planned * $air->value),
                $drawn === null ? '' : sprintf(' This one draws %s.', $here->flow($drawn * $skimmer->count())),
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
        $light = Assumptions::refugiumLight();
        $wanted = $here->workingLitres * $light->value;

        return new Need(
            'light',
            'Algae light',
            sprintf('%s W or more, 12 h a day to start', number_format($wanted)),
            sprintf(
                '2 x 9 W on 150 L is a small start; %s asks for %s W, %s has %s W. Throttle by hours: 12, then 8, '
                    .'then 2, then alternate days.',
                $here->volume($here->workingLitres),
                number_format($wanted),
                $algae->title(),
                number_format($algae->watts()),
            ),
            $light,
            $algae->id,
        );
    }

    private static function media(Situation $here): Need
    {
        $carbon = Assumptions::carbonVolume();
        $alumina = Assumptions::aluminaVolume();
        $room = array_sum(
            array_map(
                static fn (Item $item): float => $item->kind->holdsMedia()
                    ? $item->count() * ($item->figure(Figure::Capacity) ?? 0.0)
                    : 0.0,
                $here->path->items(),
            ),
        );
        $wanted = ($here->workingLitres * ($carbon->value + $alumina->value)) / 1000;

        return new Need(
            'media-volume',
            'Room for media',
            $here->volume($wanted),
            sprintf(
                'Activated carbon %s and alumina %s for %s.%s',
                $here->volume(($here->workingLitres * $carbon->value) / 1000),
                $here->volume(($here->workingLitres * $alumina->value) / 1000),
                $here->volume($here->workingLitres),
                $room > 0.0 ? sprintf(' The containers here hold %s.', $here->volume($room)) : '',
            ),
            $alumina,
        );
    }

    private static function clearance(Situation $here): Need
    {
        $clear = Assumptions::rearClearance();

        return new Need(
            'clearance',
            'Free behind the tank',
            $here->length($clear->value).' or more',
            'For pipes, cords with their drip loops, and a hand. Not to be won back once the tank is full.',
            $clear,
        );
    }

    private static function kilograms(float $grams): string
    {
        return $grams >= 1000 ? number_format($grams / 1000, 1).' kg' : number_format($grams).' g';
    }
}
