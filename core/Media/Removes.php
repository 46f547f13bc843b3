<?php

declare(strict_types=1);

namespace Ithys\Media;

/** What a medium takes out of the water. */
enum Removes
{
    case Phosphate;
    case Organics;
    case Ammonia;
    /** Solids, or nothing that the model follows. */
    case Other;
    /** For its keeper to say. */
    case Unknown;
}
