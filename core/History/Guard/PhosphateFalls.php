<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How fast a medium would lower phosphate, and to what level. */
final class PhosphateFalls implements GuardRule
{
    /** Times the limit, and of the level, from which it is refused: our estimates. */
    private const REFUSED = 3.0;

    private const ALL = 0.9;

    /** ppm under which there is as good as none: our estimate of what kits resolve. */
    public const NONE = 0.01;

    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof MediaCharge || ! $dose->medium->bindsPhosphate()) {
            return [];
        }
        $reading = $here->level(Parameter::Phosphate);
        if ($reading === null) {
            return [Doubt::ask('phosphate-unknown', Text::of(
                'Phosphate was not read in the last two weeks, so Ithys cannot tell how fast {medium} would lower it. '
                    .'Read it first.',
                medium: $dose->medium->label(),
            ))];
        }
        $level = $here->ppm($reading);
        if ($reading->belowLimit || $level < self::NONE) {
            return [Doubt::refuse('phosphate-none', Text::of(
                'Phosphate is {level}: there is nothing for {medium} to take, and corals starve without it.',
                level: $reading->belowLimit
                    ? Text::of('below {limit}', limit: Quantity::ppm($reading->value))
                    : Text::of('at {ppm}', ppm: Quantity::ppm($level)),
                medium: $dose->medium->label(),
            ))];
        }
        $fresh = WeeklyFall::fresh($dose, $here);
        $fall = WeeklyFall::of($here, $fresh, $level);
        $limit = WeeklyFall::limit($here, $level);
        if ($fall > $limit) {
            $sentence = Text::of(
                '{grams} of {medium} would lower phosphate by {fall} in a week, {share} of the {level} there is. '
                    .'Corals suffer from a fast fall. At most {most} keeps it within {limit} a week.',
                grams: Quantity::grams($fresh->grams),
                medium: $dose->medium->label(),
                fall: Quantity::ppm($fall),
                share: Quantity::share(min(1.0, $fall / $level)),
                level: Quantity::ppm($level),
                most: Quantity::grams(WeeklyFall::gentle($here, $fresh, $level)),
                limit: Quantity::ppm($limit),
            );

            return [$fall > min(self::REFUSED * $limit, self::ALL * $level)
                ? Doubt::refuse('phosphate-fast', $sentence)
                : Doubt::ask('phosphate-fast', $sentence)];
        }
        $least = $here->targets[Parameter::Phosphate->value][0] ?? null;

        return $least === null || $level - $fall >= $least ? [] : [Doubt::ask('phosphate-target', Text::of(
            'It would lower phosphate from {level} to {then} in a week, below your target of {least}.',
            level: Quantity::ppm($level),
            then: Quantity::ppm($level - $fall),
            least: Quantity::ppm($least),
        ))];
    }
}
