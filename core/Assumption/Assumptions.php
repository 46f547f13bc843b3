<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/**
 * Every default of the core, once, as one tank has them: those it overlays with its own value, the rest as they are.
 */
final readonly class Assumptions
{
    private const CATALOGUES = [
        'Tank and water' => Catalogue\Water::class,
        'Verdicts' => Catalogue\Effect::class,
        'Targets' => Catalogue\Targets::class,
        'Alerts' => Catalogue\Bands::class,
        'Media' => Catalogue\Media::class,
        'Where nitrogen and phosphorus go' => Catalogue\Nutrients::class,
        'Path' => Catalogue\Path::class,
        'Equipment' => Catalogue\Equipment::class,
        'Ways to filter' => Catalogue\Styles::class,
        'Pipes, gaps and valves' => Catalogue\Flow::class,
        'Glass and acrylic' => Catalogue\Panels::class,
        'Sump' => Catalogue\Sump::class,
        'Workshop' => Catalogue\Workshop::class,
        'Care and costs' => Catalogue\Rounds::class,
        'Routines and silence' => Catalogue\Routines::class,
        'Openings of a tray' => Catalogue\Openings::class,
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

    /** Null for a key that is not in the catalogue. */
    public function find(string $key): ?Assumption
    {
        return $this->all[$key] ?? null;
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

    /** @return array<string, list<string>> keys by what they are about, as a list of them reads */
    public static function groups(): array
    {
        return array_map(
            static fn (string $catalogue): array => array_map(
                static fn (Assumption $one): string => $one->key,
                $catalogue::all(),
            ),
            self::CATALOGUES,
        );
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
