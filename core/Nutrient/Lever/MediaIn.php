<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Media\Langmuir;
use Ithys\Media\Uptake;
use Ithys\Nutrient\Charge;
use Ithys\Nutrient\Element;
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
        /** Days that it has been in before the model began. */
        private float $age = 0.0,
        /** Of the time, that it is in the water. */
        private float $share = 1.0,
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
        $charge = $plant->charges[$this->charge] = new Charge(
            $figures,
            $this->grams,
            $this->place,
            $contact[0] * $this->share,
            $this->vessel ?? $this->charge,
            $this->litresPerHour,
        );
        $this->fill($charge, $plant);
    }

    /** What it took up before the model began, by the day, at the level that it begins with. */
    private function fill(Charge $charge, Plant $plant): void
    {
        $level = $plant->level(Element::Phosphorus);
        $film = $plant->clearing($charge) * $level;
        if (! $charge->bindsPhosphate() || $film <= 0.0) {
            return;
        }
        $full = $charge->grams * (new Langmuir($charge->figures[0], $charge->figures[1]))->loading($level);
        for ($day = 0.0; $day < $this->age; $day++) {
            $pores = $charge->figures[3] * ($full - $charge->load);
            $charge->load += min(1.0, $this->age - $day) * Uptake::rate($film, $pores);
        }
        $charge->before = $charge->load;
    }
}
