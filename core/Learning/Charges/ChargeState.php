<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/**
 * What a charge has removed and has left: numbers that every page tells in the same words. Ranges are likely, low and
 * high of 80 %; moments are seconds since 1970, and an end beyond what was run is null.
 */
final readonly class ChargeState
{
    /** Another once what is stored changes: it is then worked out anew. */
    public const FORM = 5;

    /**
     * @param  array{float, float, float}  $share  of what a fresh charge would remove now
     * @param  array{float, float, float}  $gross  mg that it removed: phosphate, or organic nitrogen for what adsorbs
     * @param  array{room: float, expected: float, rate: float, fresh: float}  $amounts  mg that it could hold at the
     *   level there is, and that the usual figures say it removed; mg a day that it removes now, and that a fresh one
     *   would
     * @param  ?array{?int, ?int, ?int}  $exhausted  likely, soonest and latest; null for a charge that is out
     * @param  array{exhausted: float, half: float, bypassed: float, weak: float, lost: float}  $odds  that it is
     *   exhausted, removes half as much as a fresh one, is bypassed, meets less than half of the water it should, and
     *   of the exhausted that it is for want of water
     * @param  ?array{read: float, error: float, most: float}  $outlet  mg a day by reactor readings of late, what the
     *   kit can tell, and the most that the level of the tank allows
     * @param  list<array{int, float}>  $course  moment and share, from when it went in
     */
    public function __construct(
        public array $share,
        public array $gross,
        public array $amounts,
        public ?array $exhausted,
        public array $odds,
        public ?array $outlet,
        public array $course,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'share' => $this->share,
            'gross' => $this->gross,
            'amounts' => $this->amounts,
            'exhausted' => $this->exhausted,
            'odds' => $this->odds,
            'outlet' => $this->outlet,
            'course' => $this->course,
        ];
    }

    /** @param  array<mixed>  $stored  as {@see toArray()} made it, of the same form */
    public static function from(array $stored): self
    {
        /**
         * @var array{share: array{float, float, float}, gross: array{float, float, float},
         *   amounts: array{room: float, expected: float, rate: float, fresh: float},
         *   exhausted: ?array{?int, ?int, ?int},
         *   odds: array{exhausted: float, half: float, bypassed: float, weak: float, lost: float},
         *   outlet: ?array{read: float, error: float, most: float}, course: list<array{int, float}>} $stored
         */
        return new self(
            $stored['share'],
            $stored['gross'],
            $stored['amounts'],
            $stored['exhausted'],
            $stored['odds'],
            $stored['outlet'],
            $stored['course'],
        );
    }
}
