<?php

declare(strict_types=1);

namespace Ithys\History;

/** How something is known. */
enum Known: string
{
    /** The keeper said so. */
    case Stated = 'stated';

    /** The log shows it. */
    case Logged = 'logged';

    /** Nothing was logged for so long that it may have stopped. */
    case Presumed = 'presumed';

    /** Nobody said or logged enough. */
    case Unknown = 'unknown';
}
