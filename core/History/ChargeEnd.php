<?php

declare(strict_types=1);

namespace Ithys\History;

/** Why a charge came out. */
enum ChargeEnd: string
{
    case Renewed = 'renewed';
    case TakenOut = 'taken out';
}
