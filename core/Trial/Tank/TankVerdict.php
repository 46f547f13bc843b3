<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Effect\Judgement;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Quantity\Text;

/** What a trial in a tank shows. */
final readonly class TankVerdict
{
    public const WEEK = 7.0;

    /** @param  list<Text>  $remarks  what to read it with */
    private function __construct(
        public Text $says,
        /** Of what comes in with the change against without it, ppm a week; null where there is no verdict. */
        public ?Interval $perWeek,
        public array $remarks,
    ) {
    }

    /** @param  list<Text>  $remarks */
    public static function withheld(Text $why, array $remarks = []): self
    {
        return new self($why, null, $remarks);
    }

    /** The verdict on a change as the journal gives it. */
    public static function ofChange(Judgement $judged): self
    {
        $perDay = self::perDay($judged);

        return new self($judged->answer->says, $perDay?->times(self::WEEK), []);
    }

    /** mg/L a day; null where no answer may rest on it. */
    public static function perDay(Judgement $one): ?Interval
    {
        return $one->answer->likely === null ? null : $one->rates?->difference->times(1 / $one->question->litres);
    }

    /** @param  list<Text>  $remarks */
    public static function of(Text $says, Interval $perWeek, array $remarks): self
    {
        return new self($says, $perWeek, $remarks);
    }
}
