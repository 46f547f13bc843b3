<?php

declare(strict_types=1);

namespace App\Exchange;

use DateTimeZone;
use Ithys\Quantity\Unit;

/** How a table is read: guessed from its first rows, then the keeper's choice. */
final readonly class ImportOptions
{
    /**
     * @param  non-empty-string  $separator
     * @param  list<ColumnRole>  $roles  one per column
     */
    public function __construct(
        public string $separator,
        public DateOrder $dateOrder,
        public bool $decimalComma,
        public Unit $unit,
        public array $roles,
        public DateTimeZone $zone,
    ) {
    }

    public function column(ColumnRole $role): ?int
    {
        $found = array_search($role, $this->roles, true);

        return $found === false ? null : $found;
    }

    /** @throws UnreadableFile when no date or no readings would be found */
    public function mustBeUsable(): self
    {
        if ($this->column(ColumnRole::Date) === null) {
            throw UnreadableFile::noDateColumn();
        }
        $wide = $this->column(ColumnRole::Nitrate) ?? $this->column(ColumnRole::Phosphate);
        $long = $this->column(ColumnRole::Parameter) !== null && $this->column(ColumnRole::Value) !== null;
        if ($wide === null && ! $long) {
            throw UnreadableFile::noReadingColumn();
        }

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'separator' => $this->separator,
            'dates' => $this->dateOrder->value,
            'decimals' => $this->decimalComma ? 'comma' : 'point',
            'unit' => $this->unit->value,
            'roles' => array_map(static fn (ColumnRole $role): string => $role->value, $this->roles),
        ];
    }
}
