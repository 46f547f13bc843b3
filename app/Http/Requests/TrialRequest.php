<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Trial;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Journal\InvalidEntry;
use Ithys\Quantity\UnitSystem;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;

/** The plan of a trial, a file with one, or cells of its sheet. */
final class TrialRequest extends FormRequest
{
    private const LARGEST_FILE = 100_000;

    private const LONGEST = 300;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ValidationException with a sentence at each field */
    public function plan(UnitSystem $units): TrialPlan
    {
        $file = $this->input('file');
        try {
            if (! is_string($file) || trim($file) === '') {
                return TrialPlan::typed($this->all(), $units);
            }
            $document = strlen($file) <= self::LARGEST_FILE ? json_decode($file, true, 16) : null;

            return TrialPlan::stored(is_array($document) ? $document : []);
        } catch (Refused $refused) {
            throw ValidationException::withMessages(is_string($file) && trim($file) !== ''
                ? ['file' => 'This file is no trial of Ithys: '.implode(' ', $refused->problems)]
                : $refused->problems);
        }
    }

    /**
     * All that is typed, or nothing.
     *
     * @param  int  $today  day of the trial
     * @return list<array{unit: string, day: int, cell: string}> an empty cell is taken out
     *
     * @throws ValidationException with a sentence at each cell
     */
    public function cells(Trial $trial, int $today): array
    {
        $plan = $trial->planned();
        $placed = $trial->placed();
        $typed = $this->input('cells');
        [$cells, $problems] = [[], []];
        foreach (is_array($typed) ? $typed : [] as $place => $text) {
            [$unit, $day] = [...explode(' ', (string) $place, 2), ''];
            $text = $text === null || is_scalar($text) ? trim((string) $text) : '?';
            if (! isset($placed[$unit]) || ! in_array((int) $day, $plan->setup->days(), true) || ! ctype_digit($day)) {
                $problems["cells.{$place}"] = 'This unit or day is not in the plan.';

                continue;
            }
            if ((int) $day > $today) {
                $problems["cells.{$place}"] = "Day {$day} has not come yet: today is day {$today}.";

                continue;
            }
            try {
                $cells[] = [
                    'unit' => $unit,
                    'day' => (int) $day,
                    'cell' => $text === '' ? '' : TrialReading::typed($text, $plan->parameter)->text(),
                ];
            } catch (InvalidEntry $invalid) {
                $problems["cells.{$place}"] = "{$unit}, day {$day}: {$invalid->getMessage()}";
            }
        }

        return $problems === [] ? $cells : throw ValidationException::withMessages($problems);
    }

    /** @throws ValidationException */
    public function amendment(): string
    {
        $text = $this->input('text');
        $text = is_string($text) ? trim($text) : '';

        return $text !== '' && mb_strlen($text) <= self::LONGEST
            ? $text
            : throw ValidationException::withMessages([
                'text' => 'Write what changes and why, in at most '.self::LONGEST.' characters.',
            ]);
    }
}
