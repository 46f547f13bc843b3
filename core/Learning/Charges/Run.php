<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/** How one charge fared in one run of the model. */
final readonly class Run
{
    /**
     * @param  list<Look>  $looks  in order of time, from when it was put in
     * @param  ?float  $spent  the day on which it fell under the share of a fresh one; null while it did not
     */
    public function __construct(public array $looks, public ?float $spent)
    {
    }

    /** How it stood on a day; null before it was in. */
    public function on(float $day): ?Look
    {
        $look = null;
        foreach ($this->looks as $one) {
            if ($one->day > $day + 1e-9) {
                break;
            }
            $look = $one;
        }

        return $look;
    }
}
