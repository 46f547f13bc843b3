<?php

declare(strict_types=1);

namespace Ithys\History;

/** What was changed of a tank, as far as it matters to how its water goes on. */
enum Lever: string
{
    case Water = 'water';
    case Feeding = 'feeding';
    case Media = 'media';
    case Carbon = 'carbon';
    case Other = 'other';
}
