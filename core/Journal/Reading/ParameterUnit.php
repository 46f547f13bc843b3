<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Unit;

/** A unit as instruments and files write it, with the basis it may carry: "ppm", "mg/L NO3-N", "ppb P". */
final readonly class ParameterUnit
{
    private function __construct(public Unit $unit, public ?Basis $basis)
    {
    }

    /** @throws InvalidQuantity when this is no unit of concentration */
    public static function parse(string $text): self
    {
        $words = preg_split('~[\s()]+~u', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $unit = Unit::fromWord(array_shift($words) ?? '');
        if ($unit === null || $unit->dimension() !== Dimension::Concentration) {
            throw InvalidQuantity::unknownUnit($text);
        }
        $species = implode('', $words);
        $basis = match (true) {
            $species === '' => null,
            in_array(mb_strtolower($species), ['n', 'p'], true) => Basis::Element,
            default => Parameter::fromWord($species)[1] ?? throw InvalidQuantity::unknownUnit($text),
        };

        return new self($unit, $basis);
    }
}
