<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

/** What lies across a chamber. */
enum TrayKind: string
{
    case Tray = 'tray';
    case EggCrate = 'egg-crate';

    public function label(): string
    {
        return $this === self::Tray ? 'Tray' : 'Egg-crate shelf';
    }

    public function says(): string
    {
        return $this === self::Tray
            ? 'A sheet across a chamber with holes for socks or rollers.'
            : 'A shelf of light-diffuser grid that water passes through.';
    }
}
