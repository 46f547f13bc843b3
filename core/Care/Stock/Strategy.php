<?php

declare(strict_types=1);

namespace Ithys\Care\Stock;

use Ithys\Assumption\Assumptions;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Media\CarbonSchool;
use Ithys\Media\Langmuir;
use Ithys\Media\Medium;

/** One way to filter, with its minutes and its cost in a year on this tank. */
final readonly class Strategy
{
    private const DAYS = 365.0;

    private const MM_A_METRE = 1000.0;

    private function __construct(
        public string $name,
        public float $minutes,
        /** In the keeper's money; null where something that it needs is not known. */
        public ?float $cost,
        /** What is missing, and how to give it; empty where nothing is. */
        public string $missing = '',
    ) {
    }

    /**
     * @param  int  $holders  sock holders or other places, side by side
     * @param  ?float  $fleecePace  mm a day; null where not known
     * @return list<self>
     */
    public static function mechanical(Assumptions $assumptions, int $holders, ?float $fleecePace): array
    {
        $value = $assumptions->value(...);
        $sock = $value('price-sock') / $value('lives-sock') + $value('price-wash');
        $every = static fn (string $name, float $days, Chore $chore, float $each): self => new self(
            $name,
            self::DAYS / $days * $value("minutes-{$chore->value}"),
            self::DAYS / $days * $each,
        );
        $checks = self::DAYS / $value('care-roller') * $value('minutes-roller');

        return [
            $every('Socks twice a week', 3.5, Chore::Sock, $holders * $sock),
            $every('Socks once a week', 7.0, Chore::Sock, $holders * $sock),
            $fleecePace === null
                ? new self('Fleece roller', $checks, null, 'Log the fleece twice, such as “fleece 14 m left”.')
                : new self(
                    'Fleece roller',
                    $checks,
                    self::DAYS * $fleecePace / self::MM_A_METRE * $value('price-fleece'),
                ),
            $every('Pads, thrown away', $value('care-pad'), Chore::Pad, $holders * $value('price-pad')),
            $every(
                'Sponge, rinsed',
                $value('care-sponge'),
                Chore::Sponge,
                $value('price-sponge') / $value('lives-sponge'),
            ),
            $every(
                'Canister pre-filter, rinsed',
                $value('care-pre-filter'),
                Chore::PreFilter,
                $value('price-sponge') / $value('lives-sponge'),
            ),
        ];
    }

    /**
     * @param  float  $grams  of a charge of activated carbon
     * @return list<self> by approach
     */
    public static function carbon(Assumptions $assumptions, float $grams): array
    {
        $each = $grams * $assumptions->value((string) Medium::ActivatedCarbon->key('price'));

        return array_map(static fn (CarbonSchool $school): self => new self(
            $school->label(),
            $school->timesAYear() * $assumptions->value('minutes-media'),
            $school->timesAYear() * $each,
        ), CarbonSchool::cases());
    }

    /**
     * What a phosphate medium binds for one unit of money, at a level of the water.
     *
     * @param  float  $po4  ppm
     * @return array<string, ?float> mg of phosphate, by medium; null where its price is zero
     */
    public static function phosphate(Assumptions $assumptions, float $po4): array
    {
        $bound = [];
        foreach (Medium::cases() as $medium) {
            if (! $medium->mayBind() || ! $medium->isModelled()
                || $assumptions->value((string) $medium->key('most')) <= 0.0) {
                continue;
            }
            $price = $assumptions->value((string) $medium->key('price'));
            $isotherm = new Langmuir(
                $assumptions->value((string) $medium->key('most')),
                $assumptions->value((string) $medium->key('affinity')),
            );
            $bound[$medium->value] = $price > 0.0 ? $isotherm->loading($po4) / $price : null;
        }

        return $bound;
    }
}
