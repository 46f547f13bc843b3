<?php

declare(strict_types=1);

namespace Ithys\History;

/** Something that changed in a routine. */
final readonly class Change
{
    public const START = 'start';

    public const STOP = 'stop';

    /** It may have stopped: a question. */
    public const SILENCE = 'silence';

    public const AMOUNT = 'amount';

    public const INTERVAL = 'interval';

    /**
     * @param  float  $day  on which it changed
     * @param  string  $what  one of the above
     * @param  float  $from  an amount or days between acts
     * @param  array{float, float}  $between  the days it can have been
     * @param  float  $until  the day of the last step, where there were several
     * @param  bool  $isPerhaps  whether there are few acts before or after
     */
    public function __construct(
        public float $day,
        public string $what,
        public float $from,
        public float $to,
        public array $between,
        public float $until,
        public bool $isPerhaps = false,
    ) {
    }

    /** Whether it was reached in steps. */
    public function isRamp(): bool
    {
        return $this->until > $this->day;
    }
}
