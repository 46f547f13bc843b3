<?php

declare(strict_types=1);

namespace Ithys\Media;

use DomainException;

/** Settings of ozone that would harm, with what would be right. */
final class OzoneRefused extends DomainException
{
}
