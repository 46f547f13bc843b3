<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Assumption\Overlay;

/** Days from one time to the next of a chore, as its keeper chose them, with the reason. */
final class IntervalRequest extends FormRequest
{
    private const MOST = 730;

    private const LONGEST = 200;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ValidationException with a sentence at each field */
    public function overlay(): Overlay
    {
        $days = $this->input('days');
        $why = $this->input('why');
        $why = is_string($why) ? trim($why) : '';
        $typed = is_int($days) || is_string($days) ? trim((string) $days) : '';
        $problems = [];
        if (preg_match('~^\d{1,4}$~', $typed) !== 1 || (int) $typed < 1 || (int) $typed > self::MOST) {
            $problems['days'] = 'Write whole days from 1 to '.self::MOST.'.';
        }
        if ($why === '' || mb_strlen($why) > self::LONGEST) {
            $problems['why'] = 'Say why, in at most '.self::LONGEST.' characters.';
        }

        return $problems === []
            ? new Overlay((float) $typed, $why)
            : throw ValidationException::withMessages($problems);
    }
}
