<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use Ithys\Assumption\Assumptions;
use Ithys\Dosing\DoseMethods;
use Ithys\History\Course\Fresh;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Quantity;

/** A medium in one place, and where it would bring phosphate: one of several that are compared. */
final readonly class MediaChoice
{
    /** Where it meets all of the water that is driven through, and where little of it. */
    public const PLACES = [Place::Reactor, Place::Bag];

    private function __construct(
        public Fresh $fresh,
        /** Phosphate at the end of the weeks. */
        public ForecastPoint $end,
        /** In the keeper's money. */
        public float $cost,
    ) {
    }

    /** @return list<Medium> whose figures say what they do */
    public static function media(Assumptions $assumptions): array
    {
        return array_values(array_filter(
            Medium::cases(),
            // Activated carbon is a setting of its own.
            static fn (Medium $one): bool => $one->isModelled() && $one !== Medium::ActivatedCarbon
                && (! $one->mayBind() || $assumptions->value((string) $one->key('most')) > 0.0),
        ));
    }

    /**
     * @param  array<string, float|bool|string|null>  $levers  what else is set differently
     * @param  ?float  $grams  of each; null for what keepers use for so much water
     * @return list<self> by medium, then by place
     *
     * @throws InvalidLever
     */
    public static function all(
        Outlook $outlook,
        array $levers,
        Assumptions $assumptions,
        ?float $grams,
        int $weeks,
    ): array {
        $methods = new DoseMethods($assumptions);
        $choices = [];
        foreach (self::media($assumptions) as $medium) {
            $usual = $methods->byVolume($medium, $outlook->litres, null)->grams;
            $amount = $grams ?? ($usual === null ? 0.0 : Quantity::significant($usual, 2));
            if ($amount <= 0.0) {
                continue;
            }
            foreach (self::PLACES as $place) {
                $fresh = new Fresh($medium, $amount, $place);
                $course = $outlook->present->with([
                    ...$levers,
                    'medium' => $medium->value,
                    'mediaGrams' => $amount,
                    'place' => $place->value,
                ]);
                $along = $outlook->along($course, $weeks)['po4'];
                $choices[] = new self(
                    $fresh,
                    $along[count($along) - 1],
                    $amount * $assumptions->value((string) $medium->key('price')),
                );
            }
        }

        return $choices;
    }
}
