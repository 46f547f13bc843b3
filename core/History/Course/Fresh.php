<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\MediaIn;

/** A medium that a course puts in once. */
final readonly class Fresh
{
    /** As the model calls it, before its medium. */
    private const NAME = 'foreseen';

    public function __construct(
        public Medium $medium,
        public float $grams,
        public Place $place = Place::Reactor,
        /** Through its vessel; null for what its place usually has. */
        public ?float $litresPerHour = null,
    ) {
    }

    /**
     * Those that the levers of a scenario put in: one medium where it is wanted, GFO in a reactor where nothing else is
     * said; and activated carbon.
     *
     * @param  array<string, float|bool|string|null>  $levers
     * @return list<self>
     */
    public static function chosen(array $levers): array
    {
        return array_values(array_filter([
            new self(
                Medium::tryFrom((string) ($levers['medium'] ?? '')) ?? Medium::Gfo,
                (float) ($levers['mediaGrams'] ?? 0.0),
                Place::tryFrom((string) ($levers['place'] ?? '')) ?? Place::Reactor,
            ),
            new self(Medium::ActivatedCarbon, (float) ($levers['carbonGrams'] ?? 0.0)),
        ], static fn (self $one): bool => $one->grams > 0.0));
    }

    /** As the model calls it. */
    public static function charge(Medium $medium): string
    {
        return self::NAME." {$medium->value}";
    }

    /** The same with another amount. */
    public function weighing(float $grams): self
    {
        return new self($this->medium, $grams, $this->place, $this->litresPerHour);
    }

    public function act(float $day): Act
    {
        return new Act($day, new MediaIn(
            self::charge($this->medium),
            $this->medium->value,
            $this->grams,
            $this->place->value,
            null,
            $this->litresPerHour,
        ));
    }
}
