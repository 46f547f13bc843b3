<?php

declare(strict_types=1);

namespace Ithys\Media;

/** The media a keeper charges. Activated carbon is a medium; organic carbon is a dose and lives elsewhere. */
enum Medium: string
{
    case ActivatedCarbon = 'activated-carbon';
    case Gfo = 'gfo';
    case Alumina = 'alumina';
    case Resin = 'resin';
    case Zeolite = 'zeolite';

    public function label(): string
    {
        return match ($this) {
            self::Gfo => 'GFO',
            self::Alumina => 'Alumina phosphate remover',
            self::ActivatedCarbon => 'Activated carbon',
            self::Resin => 'Resin',
            self::Zeolite => 'Zeolite',
        };
    }

    /** As a narrow place names it. */
    public function shortLabel(): string
    {
        return $this === self::Alumina ? 'Alumina' : $this->label();
    }

    /** Whether the medium is there to bind phosphate. */
    public function bindsPhosphate(): bool
    {
        return $this === self::Gfo || $this === self::Alumina;
    }
}
