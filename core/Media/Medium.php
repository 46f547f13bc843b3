<?php

declare(strict_types=1);

namespace Ithys\Media;

/**
 * The media that are charged. Activated carbon is a medium; organic carbon is a dose and lives elsewhere. What is known
 * of each is its {@see Definition}.
 */
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

    public function definition(): Definition
    {
        return Definition::of($this);
    }

    public function label(): string
    {
        return $this->definition()->names->label;
    }

    /** As a narrow place names it. */
    public function shortLabel(): string
    {
        return $this->definition()->names->short ?? $this->label();
    }

    /** Its name as a line of the log has it. */
    public function word(): string
    {
        return $this->definition()->names->words[0];
    }

    /** The key of the assumption that holds a figure of it; null where it has no such figure. */
    public function key(string $figure): ?string
    {
        return $this->definition()->figures[$figure]->key ?? null;
    }

    /** Whether the model follows what it takes out of the water; another has its figures from its keeper. */
    public function isModelled(): bool
    {
        return $this->mayBind() || $this->definition()->removes === Removes::Organics;
    }

    /** Whether it binds phosphate, or may: what an unlisted one does is for its keeper to say. */
    public function mayBind(): bool
    {
        return $this->bindsPhosphate() || $this->definition()->removes === Removes::Unknown;
    }

    /** Whether it moves phosphate, or nitrate, by what it takes out; what nobody said may move both. */
    public function moves(bool $phosphate): bool
    {
        return match ($this->definition()->removes) {
            Removes::Phosphate => $phosphate,
            Removes::Ammonia => ! $phosphate,
            Removes::Unknown => true,
            Removes::Organics, Removes::Other => false,
        };
    }

    /** Whether the medium is there to bind phosphate. */
    public function bindsPhosphate(): bool
    {
        return $this->definition()->removes === Removes::Phosphate;
    }

    /** What it removes, in words. */
    public function removes(): string
    {
        return $this->mayBind() ? 'phosphate' : 'organic nitrogen';
    }
}
