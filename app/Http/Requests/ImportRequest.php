<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\ColumnRole;
use App\Exchange\DateOrder;
use App\Exchange\ImportOptions;
use Illuminate\Foundation\Http\FormRequest;
use Ithys\Quantity\Unit;

/** How the keeper wants an uploaded table read; what is not chosen stays as guessed. */
final class ImportRequest extends FormRequest
{
    private const SHOWS = ['all', 'accepted', 'refused', 'present'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function options(ImportOptions $guess): ImportOptions
    {
        $roles = $this->input('roles');
        $separator = $this->text('separator');
        $unit = Unit::tryFrom($this->text('unit'));

        return new ImportOptions(
            in_array($separator, [',', ';', "\t"], true) ? $separator : $guess->separator,
            DateOrder::tryFrom($this->text('dates')) ?? $guess->dateOrder,
            match ($this->text('decimals')) {
                'comma' => true,
                'point' => false,
                default => $guess->decimalComma,
            },
            in_array($unit, [Unit::PartPerMillion, Unit::PartPerBillion], true) ? $unit : $guess->unit,
            is_array($roles) && count($roles) === count($guess->roles)
                ? array_map(
                    static fn (mixed $role): ColumnRole => ColumnRole::tryFrom(is_string($role) ? $role : '')
                        ?? ColumnRole::Ignore,
                    array_values($roles),
                )
                : $guess->roles,
            $guess->zone,
        );
    }

    /** @return 'all'|'accepted'|'refused'|'present' */
    public function rowsShown(): string
    {
        $show = $this->text('show');

        return in_array($show, self::SHOWS, true) ? $show : 'all';
    }

    public function pageNumber(): int
    {
        return max(1, $this->integer('page', 1));
    }

    private function text(string $key): string
    {
        $value = $this->input($key);

        return is_string($value) ? $value : '';
    }
}
