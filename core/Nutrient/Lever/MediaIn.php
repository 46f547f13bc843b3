<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Charge;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Puts a charge of a medium in. */
final readonly class MediaIn implements Lever
{
    public function __construct(
        private string $charge,
        private string $medium,
        private float $grams,
        private string $place,
        /** Charges of one vessel share its flow; null for a vessel of its own. */
        private ?string $vessel = null,
        private ?float $litresPerHour = null,
    ) {
    }

    public function turn(): int
    {
        return Turn::MEDIA_IN;
    }

    public function act(Plant $plant): void
    {
        if (isset($plant->charges[$this->charge])) {
            throw InvalidLever::thereAlready($this->charge);
        }
        $figures = $plant->parameters->row('media', $this->medium)
            ?? throw InvalidLever::unknown('medium', $this->medium);
        $contact = $plant->parameters->row('contact', $this->place)
            ?? throw InvalidLever::unknown('place', $this->place);
        $plant->charges[$this->charge] = new Charge(
            $figures,
            $this->grams,
            $this->place,
            $contact[0],
            $this->vessel ?? $this->charge,
            $this->litresPerHour,
        );
    }
}
