<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Timeline;

use Ithys\Media\Medium;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\MediaIn;

/** Media that are put in once, each in a reactor of its own. */
final readonly class Fresh
{
    public function __construct(public float $gfoGrams = 0.0, public float $carbonGrams = 0.0)
    {
    }

    /** @return list<Act> */
    public function acts(float $day): array
    {
        $acts = [];
        $amounts = [[Medium::Gfo, $this->gfoGrams], [Medium::ActivatedCarbon, $this->carbonGrams]];
        foreach ($amounts as [$medium, $grams]) {
            if ($grams > 0.0) {
                $acts[] = new Act($day, new MediaIn(
                    "foreseen {$medium->value}",
                    $medium->value,
                    $grams,
                    'reactor',
                ));
            }
        }

        return $acts;
    }
}
