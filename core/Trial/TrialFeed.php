<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Journal\Feed\Food;
use Ithys\Nutrient\Food as Nutrition;
use Ithys\Nutrient\Parameters;

/** What all units are fed, alike: in words, and by its nitrogen or the weight of a food. */
final readonly class TrialFeed
{
    /** mg of nitrate that a mg of nitrogen makes (IUPAC 2013 atomic weights). */
    public const NITRATE = 4.42664;

    private const MG = 1000.0;

    private function __construct(
        public string $what,
        /** Fed to each unit, mg a day; null where it was not entered. */
        private ?float $nitrogen,
        private ?Food $food,
        /** Of that food to each unit, mg a day; null where it was not entered. */
        private ?float $foodMg,
    ) {
    }

    public static function read(Reader $reader): self
    {
        $what = $reader->text('feed', 100);
        $what !== '' || $reader->note('Say what all units are fed, such as “pellets, unblended”.', 'feed');
        $fields = self::fields();
        $food = $reader->optionalWord('food', Food::class, 'food');
        $mg = $reader->figure($fields['foodMgPerDay']);
        ($food === null) === ($mg === null) || $reader->note(
            'Enter the food and its weight, or neither.',
            $food === null ? 'food' : 'foodMgPerDay',
        );

        return new self($what, $reader->figure($fields['nitrogenMgPerDay']), $food, $mg);
    }

    /** @return array<string, Field> by key */
    public static function fields(): array
    {
        return [
            'nitrogenMgPerDay' => Field::of('nitrogenMgPerDay', 'The nitrogen fed a day', null, 0.0, 10_000.0),
            'foodMgPerDay' => Field::of('foodMgPerDay', 'The food fed a day', null, 0.0, 100_000.0),
        ];
    }

    /** @return array<string, string|float|null> */
    public function toArray(): array
    {
        return [
            'feed' => $this->what,
            'nitrogenMgPerDay' => $this->nitrogen,
            'food' => $this->food?->value,
            'foodMgPerDay' => $this->foodMg,
        ];
    }

    /** mg of nitrogen that each unit is fed a day; null where neither it nor the food was entered. */
    public function nitrogen(Parameters $parameters): ?float
    {
        return $this->nitrogen ?? ($this->food === null || $this->foodMg === null
            ? null
            : $this->foodMg / self::MG * Nutrition::of($this->food->value, $parameters)->nitrogen);
    }

    /**
     * mg of nitrogen that each unit has been fed up to a day.
     *
     * @param  list<array{int, float}>  $changes  day from which it is fed otherwise, and mg of nitrogen a day, in order
     * @return ?float null where it is not known
     */
    public function until(int $day, Parameters $parameters, array $changes): ?float
    {
        $perDay = $this->nitrogen($parameters);
        [$fed, $from] = [0.0, 0];
        foreach ([...$changes, [$day, 0.0]] as [$change, $next]) {
            $to = max($from, min($day, $change));
            if ($to > $from && $perDay === null) {
                return null;
            }
            $fed += ($to - $from) * ($perDay ?? 0.0);
            [$from, $perDay] = [$to, $next];
        }

        return $fed;
    }
}
