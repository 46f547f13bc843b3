<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

use Ithys\Assumption\Assumptions;
use Ithys\Media\Medium;

/** The figures the model runs on: the assumptions of a tank, some of which a scenario or a fit sets otherwise. */
final readonly class Parameters
{
    private const GROUP = 'Where nitrogen and phosphorus go';

    /** What a table holds: how its assumptions begin, its rows and the figures of each. */
    private const TABLES = [
        'foods' => ['food', ['pellet', 'flake', 'frozen', 'seaweed'], ['dry', 'protein', 'phosphorus']],
        'catch' => ['catch', ['felt', 'mesh', 'sponge', 'pad', 'floss', 'roller'], ['coarse', 'fine']],
        'carbon_mg_per_ml' => ['carbon', ['spirit', 'vinegar', 'blend'], ['']],
        'contact' => ['contact', ['reactor', 'canister', 'basket', 'bag', 'bag-still'], ['']],
    ];

    /** Most held mg a g, affinity L/mg, film L a day and g, pores a day; organics L a day and g, most N mg a g. */
    private const BINDING = ['most', 'affinity', 'film', 'pores', null, null];

    private const ADSORBING = [null, null, null, null, 'rate', 'most'];

    /**
     * @param  array<string, float>  $figures  by the key of a scenario, such as "held_decay"
     * @param  array<string, array<string, list<float>>>  $rows  by table and name
     */
    private function __construct(private array $figures, private array $rows)
    {
    }

    public static function of(Assumptions $assumptions): self
    {
        $figures = $rows = [];
        foreach (Assumptions::groups()[self::GROUP] as $key) {
            $figures[str_replace('-', '_', $key)] = $assumptions->value($key);
        }
        foreach (self::TABLES as $table => [$prefix, $names, $ends]) {
            foreach ($names as $name) {
                $rows[$table][$name] = array_map(
                    static fn (string $end): float => $assumptions->value(rtrim("{$prefix}-{$name}-{$end}", '-')),
                    $ends,
                );
            }
        }
        foreach (Medium::cases() as $medium) {
            if ($medium->isModelled()) {
                $rows['media'][$medium->value] = array_map(
                    static fn (?string $figure): float => $figure === null
                        ? 0.0
                        : $assumptions->value((string) $medium->key($figure)),
                    $medium->mayBind() ? self::BINDING : self::ADSORBING,
                );
            }
        }

        return new self($figures, $rows);
    }

    /** @param  array<string, float>  $figures  by the key of a scenario */
    public function with(array $figures): self
    {
        return new self([...$this->figures, ...$figures], $this->rows);
    }

    /** @param  list<float>  $row */
    public function withRow(string $table, string $name, array $row): self
    {
        $rows = $this->rows;
        $rows[$table][$name] = $row;

        return new self($this->figures, $rows);
    }

    /** One figure by the key of a scenario. */
    public function value(string $key): float
    {
        return $this->figures[$key];
    }

    /** Whether a scenario can set it. */
    public function has(string $key): bool
    {
        return isset($this->figures[$key]);
    }

    /**
     * A row of a table: foods, catch, carbon_mg_per_ml, contact or media.
     *
     * @return ?list<float> null for what the table does not hold
     */
    public function row(string $table, string $name): ?array
    {
        return $this->rows[$table][$name] ?? null;
    }

    /** @return list<string> what the tables are called */
    public static function tables(): array
    {
        return [...array_keys(self::TABLES), 'media'];
    }

    /** How many figures a row of a table has. */
    public static function width(string $table): int
    {
        return $table === 'media' ? 6 : count(self::TABLES[$table][2]);
    }
}
