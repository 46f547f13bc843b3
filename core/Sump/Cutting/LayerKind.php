<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** Kinds of layers in a media basket. */
enum LayerKind: string
{
    case CoarsePad = 'coarse-pad';
    case FinePad = 'fine-pad';
    case Floss = 'floss';
    case Media = 'media';

    public function label(): string
    {
        return match ($this) {
            self::CoarsePad => 'Coarse pad',
            self::FinePad => 'Fine pad',
            self::Floss => 'Floss',
            self::Media => 'Media',
        };
    }

    /** Whether it is cut from a sheet. */
    public function isPad(): bool
    {
        return $this !== self::Media;
    }

    /** How fine it is, from 1; null for media. */
    public function grade(): ?int
    {
        return match ($this) {
            self::CoarsePad => 1,
            self::FinePad => 2,
            self::Floss => 3,
            self::Media => null,
        };
    }
}
