<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/**
 * Every default of the core, once, as one tank has them: those it overlays with its own value, the rest as they are.
 */
final readonly class Assumptions
{
    private const CATALOGUES = [
        Catalogue\Water::class,
        Catalogue\Effect::class,
        Catalogue\Media::class,
        Catalogue\Path::class,
        Catalogue\Equipment::class,
        Catalogue\Styles::class,
        Catalogue\Flow::class,
        Catalogue\Panels::class,
        Catalogue\Sump::class,
        Catalogue\Workshop::class,
        Catalogue\Openings::class,
    ];

    /** @param  array<string, Assumption>  $all  by key */
    private function __construct(private array $all)
    {
    }

    /** As they are for a tank that says nothing of its own. */
    public static function standard(): self
    {
        /** @var ?self $standard an unchanging catalogue, made once */
        static $standard = null;

        return $standard ??= self::catalogued();
    }

    /**
     * The same with what one tank has instead.
     *
     * @param  array<string, Overlay>  $overlays  by key; those out of range or of an unknown key are a fault of who
     *   stored them
     *
     * @throws UnknownAssumption
     */
    public function with(array $overlays): self
    {
        $all = $this->all;
        foreach ($overlays as $key => $overlay) {
            $all[$key] = $this->of($key)->overlaid($overlay);
        }

        return new self($all);
    }

    /** @throws UnknownAssumption */
    public function of(Assumed|string $key): Assumption
    {
        $key = $key instanceof Assumed ? $key->value : $key;

        return $this->all[$key] ?? throw UnknownAssumption::called($key);
    }

    /**
     * Its value in the base unit of its dimension.
     *
     * @throws UnknownAssumption
     */
    public function value(Assumed|string $key): float
    {
        return $this->of($key)->value;
    }

    /** @return list<Assumption> in the order of their catalogues */
    public function all(): array
    {
        return array_values($this->all);
    }

    private static function catalogued(): self
    {
        $all = [];
        foreach (self::CATALOGUES as $catalogue) {
            foreach ($catalogue::all() as $assumption) {
                $all[$assumption->key] = $assumption;
            }
        }

        return new self($all);
    }
}
