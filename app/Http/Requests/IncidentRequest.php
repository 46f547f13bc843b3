<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Journal\FirstHour\Check;
use Ithys\Journal\FirstHour\FirstHour;
use Ithys\Journal\Incident\Incident;
use Ithys\Journal\Incident\IncidentRule;
use Ithys\Journal\InvalidEntry;
use Ithys\Quantity\Decimal;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\UnitSystem;

/** Something that went wrong, or what was seen in the first hour after a start. */
final class IncidentRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** When it was, in the words of a line of the log; empty for now. */
    public function moment(): string
    {
        return $this->text('when');
    }

    /** @throws ValidationException with a sentence at each field */
    public function incident(UnitSystem $units): Incident
    {
        $what = $this->text('what');
        $problems = in_array($what, IncidentRule::names(), true) ? [] : ['what' => 'Choose what went wrong.'];
        $figures = [];
        foreach (['hours', 'litres', 'minutes'] as $field) {
            $typed = $this->text($field);
            try {
                $figures[$field] = $typed === '' ? null : Decimal::parse($typed)->value;
            } catch (InvalidQuantity) {
                $problems[$field] = 'Write a figure, or leave it empty.';
            }
        }
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }
        $litres = $figures['litres'] ?? null;
        try {
            return Incident::of(
                $what,
                $figures['hours'] ?? null,
                $this->text('cause') ?: null,
                $this->text('did') ?: null,
                $litres === null ? null : $litres * $units->unitOf(Dimension::Volume)->factor(),
                $figures['minutes'] ?? null,
            );
        } catch (InvalidEntry $invalid) {
            throw ValidationException::withMessages(['what' => $invalid->getMessage()]);
        }
    }

    /** @throws ValidationException */
    public function firstHour(): FirstHour
    {
        $seen = [];
        foreach (Check::cases() as $check) {
            $said = $this->text($check->value);
            $seen += in_array($said, ['ok', 'bad'], true) ? [$check->value => $said === 'ok'] : [];
        }
        try {
            return FirstHour::of($seen, $this->text('valve') ?: null);
        } catch (InvalidEntry $invalid) {
            throw ValidationException::withMessages(['valve' => $seen === [] && $this->text('valve') === ''
                ? 'Say what you saw, or write the valve setting.'
                : $invalid->getMessage()]);
        }
    }

    private function text(string $field): string
    {
        $typed = $this->input($field);

        return is_string($typed) ? trim($typed) : '';
    }
}
