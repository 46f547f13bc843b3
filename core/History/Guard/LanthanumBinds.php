<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\Binder\Binder;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Media\LanthanumPlan;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Lanthanum against the phosphate there is: what it can bind, with what was dosed in the week before. */
final class LanthanumBinds implements GuardRule
{
    private const WEEK = 7.0;

    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof Binder || $here->litres() <= 0.0) {
            return [];
        }
        $doubts = OtherDoses::hasFineFilter($here->setup) ? [] : [Doubt::ask('lanthanum-filter', Text::of(
            'The path has no sock or roller of 25 micron or finer. Lanthanum makes flakes that clog gills: drip it '
                .'into a fine filter only.',
        ))];
        $reading = $here->level(Parameter::Phosphate);

        return [...$doubts, ...match (true) {
            $dose->milligrams === null => [Doubt::ask('lanthanum-strength', Text::of(
                'Its strength is missing, so Ithys cannot tell how much phosphate it binds. Write, for example, '
                    .'“lanthanum 5 ml holding 10 mg”.',
            ))],
            $reading === null => [Doubt::ask('phosphate-unknown', Text::of(
                'Phosphate was not read in the last two weeks. Read it before you dose lanthanum.',
            ))],
            default => $this->against($dose->milligrams, $here->ppm($reading), $here),
        }];
    }

    /** @return list<Doubt> */
    private function against(float $milligrams, float $level, DoseContext $here): array
    {
        foreach ($here->entries as $entry) {
            $isRecent = $entry->payload instanceof Binder && $here->daysAgo($entry) <= self::WEEK;
            $milligrams += $isRecent ? $entry->payload->milligrams ?? 0.0 : 0.0;
        }
        $binds = LanthanumPlan::binds($milligrams, $here->assumptions->value('lanthanum-efficiency'));
        $fall = $binds / $here->litres();
        $limit = WeeklyFall::limit($here, $level);
        $sentence = Text::of(
            '{mg} mg of lanthanum within a week can bind {binds} mg of phosphate; the water holds {held} mg. At most '
                .'{most} mg a week keeps the fall within {limit}.',
            mg: Quantity::number($milligrams, 0),
            binds: Quantity::number($binds, 0),
            held: Quantity::number($level * $here->litres(), 0),
            most: Quantity::number($milligrams * $limit / max(1e-9, $fall), 1),
            limit: Quantity::ppm($limit),
        );

        return match (true) {
            $fall > $level => [Doubt::refuse('lanthanum-more', $sentence)],
            $fall > $limit => [Doubt::ask('lanthanum-fast', $sentence)],
            default => [],
        };
    }
}
