<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DomainException;
use Ithys\Journal\Reading\Parameter;

/** What nothing can be reckoned without, with a line of the log that would mend it. */
final class Missing extends DomainException
{
    private function __construct(string $message, public readonly string $mend)
    {
        parent::__construct($message);
    }

    /** @param  list<Parameter>  $lacking */
    public static function readings(array $lacking): self
    {
        $names = implode(' and ', array_map(static fn (Parameter $one): string => $one->label(), $lacking));
        $line = implode(' ', array_map(
            static fn (Parameter $one): string => $one === Parameter::Nitrate ? 'no3 8.5' : 'po4 0.06',
            $lacking,
        ));

        return new self("No reading of {$names} is logged. The ledger starts from what is in the water.", $line);
    }

    /** A moment before the first readings. */
    public static function thatFarBack(): self
    {
        return new self('The journal knows nitrate and phosphate from a later day only. Look from a nearer one.', '');
    }

    public static function food(): self
    {
        return new self(
            'Nothing is logged of what is fed. Food is where nearly all nitrogen and phosphorus come from, so nothing '
                .'can be reckoned without it.',
            'feeding plan 6 g pellet a day',
        );
    }

    public static function water(): self
    {
        return new self('The working volume of the tank is not known. Describe the tank under Path, Water.', '');
    }
}
