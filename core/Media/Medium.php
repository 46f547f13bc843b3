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
    case Biological = 'biological';
    case Polishing = 'polishing';
    case Unlisted = 'unlisted';

    public function label(): string
    {
        return match ($this) {
            self::Gfo => 'GFO',
            self::Alumina => 'Alumina phosphate remover',
            self::ActivatedCarbon => 'Activated carbon',
            self::Resin => 'Resin',
            self::Zeolite => 'Zeolite',
            self::Biological => 'Biological media',
            self::Polishing => 'Polishing sheet',
            self::Unlisted => 'Unlisted medium',
        };
    }

    /** As a narrow place names it. */
    public function shortLabel(): string
    {
        return $this === self::Alumina ? 'Alumina' : $this->label();
    }

    /** Its name as a line of the log has it. */
    public function word(): string
    {
        return match ($this) {
            self::Biological => 'bio media',
            self::Polishing => 'polishing sheet',
            self::Unlisted => 'unlisted medium',
            default => str_replace('-', ' ', $this->value),
        };
    }

    /** Whether the model follows what it takes out of the water; another has its figures from its keeper. */
    public function isModelled(): bool
    {
        return ! in_array($this, [self::Zeolite, self::Biological, self::Polishing], true);
    }

    /** Whether it binds phosphate, or may: what an unlisted one does is for its keeper to say. */
    public function mayBind(): bool
    {
        return $this->bindsPhosphate() || $this === self::Unlisted;
    }

    /** Whether the medium is there to bind phosphate. */
    public function bindsPhosphate(): bool
    {
        return $this === self::Gfo || $this === self::Alumina;
    }

    /** What it removes, in words. */
    public function removes(): string
    {
        return $this->mayBind() ? 'phosphate' : 'organic nitrogen';
    }
}
