<?php

declare(strict_types=1);

namespace Ithys\Journal\Care;

/** What is looked after. */
enum Part: string
{
    case Roller = 'roller';
    case Pad = 'pad';
    case Floss = 'floss';
    case Sponge = 'sponge';
    case PreFilter = 'pre-filter';
    case SkimmerCup = 'skimmer cup';
    case Sock = 'sock';
    case Glass = 'glass';
    case Sand = 'sand';
    case Sump = 'sump';
    case Pump = 'pump';
    case Reservoir = 'reservoir';
    case Overflow = 'overflow';
    case Macroalgae = 'macroalgae';

    /** @return list<list<string>> its names as a line has them */
    public function words(): array
    {
        return match ($this) {
            self::Roller => [['filter', 'roll'], ['roller'], ['roll'], ['fleece']],
            self::Pad => [['filter', 'pad'], ['pads'], ['pad']],
            self::Floss => [['filter', 'floss'], ['filter', 'wool'], ['floss'], ['wool']],
            self::Sponge => [['sponges'], ['sponge'], ['foam']],
            self::PreFilter => [['pre-filter'], ['prefilter'], ['pre', 'filter'], ['strainer']],
            self::SkimmerCup => [['skimmer', 'cup'], ['skimmer', 'neck'], ['collection', 'cup'], ['cup'], ['skimmer']],
            self::Sock => [['filter', 'sock'], ['socks'], ['sock']],
            self::Glass => [['glass']],
            self::Sand => [['sand', 'bed'], ['sandbed'], ['sand']],
            self::Sump => [['sump']],
            self::Pump => [['return', 'pump'], ['pumps'], ['pump']],
            self::Reservoir => [['top-off', 'reservoir'], ['top-off'], ['ato'], ['reservoir']],
            self::Overflow => [['overflow'], ['weir'], ['comb']],
            self::Macroalgae => [['macroalgae']],
        };
    }
}
