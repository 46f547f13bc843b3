<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Nutrient\Forecast\Outlook;
use Ithys\Quantity\Decimal;
use Ithys\Quantity\InvalidQuantity;

/** The levers of another course, as typed. */
final class CourseRequest extends FormRequest
{
    /** What it is called, least and most; empty means that it is not done at all. */
    private const FIGURES = [
        'feedTimes' => ['Feeding', 0.0, 5.0, '1'],
        'sockEvery' => ['Days between sock changes', 0.5, 365.0, null],
        'waterEvery' => ['Days between water changes', 0.5, 365.0, null],
        'waterLitres' => ['A water change', 0.0, 100_000.0, '0'],
        'lightHours' => ['Hours of light', 0.0, 24.0, '0'],
        'spirit' => ['Spirit', 0.0, 500.0, '0'],
    ];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function weeks(): int
    {
        return min(Outlook::MOST_WEEKS, max(1, $this->integer('weeks', 12)));
    }

    /**
     * @return array{feedTimes: float, sockEvery: ?float, waterEvery: ?float, waterLitres: float, skimmerOn: bool,
     *   lightHours: float, spirit: float}
     *
     * @throws ValidationException
     */
    public function levers(): array
    {
        $problems = $figures = [];
        foreach (self::FIGURES as $key => [$name, $least, $most, $otherwise]) {
            $typed = $this->input("levers.{$key}");
            $typed = is_int($typed) || is_float($typed) || is_string($typed) ? trim((string) $typed) : '';
            $typed = $typed === '' ? $otherwise : $typed;
            try {
                $figures[$key] = $typed === null ? null : Decimal::parse($typed)->value;
            } catch (InvalidQuantity $invalid) {
                $problems["levers.{$key}"] = $invalid->getMessage();

                continue;
            }
            if ($figures[$key] !== null && ($figures[$key] < $least || $figures[$key] > $most)) {
                $problems["levers.{$key}"] = sprintf('%s must be from %g to %g.', $name, $least, $most);
            }
        }
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }

        return [
            'feedTimes' => $figures['feedTimes'] ?? 1.0,
            'sockEvery' => $figures['sockEvery'] ?? null,
            'waterEvery' => $figures['waterEvery'] ?? null,
            'waterLitres' => $figures['waterLitres'] ?? 0.0,
            'skimmerOn' => $this->boolean('levers.skimmerOn'),
            'lightHours' => $figures['lightHours'] ?? 0.0,
            'spirit' => $figures['spirit'] ?? 0.0,
        ];
    }
}
