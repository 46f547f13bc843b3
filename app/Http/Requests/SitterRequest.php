<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** Who keeps an eye on a tank, from which day to which, and what they are told. */
final class SitterRequest extends FormRequest
{
    private const MOST_DAYS = 60;

    private const LONGEST = ['name' => 80, 'food' => 300, 'call' => 200, 'notes' => 1000];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return array{name: string, food: string, call: string, notes: string, first_day: string, last_day: string}
     *
     * @throws ValidationException with a sentence at each field
     */
    public function stay(DateTimeZone $zone): array
    {
        $text = fn (string $field): string => is_string($this->input($field)) ? trim($this->input($field)) : '';
        $problems = [];
        foreach (self::LONGEST as $field => $most) {
            if (mb_strlen($text($field)) > $most) {
                $problems[$field] = "Write at most {$most} characters.";
            }
        }
        if ($text('name') === '') {
            $problems['name'] = 'Say who will look after the tank.';
        }
        if ($text('call') === '') {
            $problems['call'] = 'Say whom to call, and where.';
        }
        $today = now($zone)->format('Y-m-d');
        [$from, $to] = [$text('from'), $text('to')];
        foreach (['from' => $from, 'to' => $to] as $field => $day) {
            $read = DateTimeImmutable::createFromFormat('!Y-m-d', $day, new DateTimeZone('UTC'));
            if (! $read instanceof DateTimeImmutable || $read->format('Y-m-d') !== $day) {
                $problems[$field] = 'Write the day as year, month and day, such as 2026-12-24.';
            }
        }
        if (! isset($problems['from']) && ! isset($problems['to'])) {
            $days = (int) (new DateTimeImmutable($from))->diff(new DateTimeImmutable($to))->format('%r%a');
            $problems += match (true) {
                $to < $today => ['to' => 'These days are over: choose days from today on.'],
                $days < 0 => ['to' => 'The last day must not come before the first.'],
                $days > self::MOST_DAYS => ['to' => 'A stay is at most '.self::MOST_DAYS.' days.'],
                default => [],
            };
        }

        return $problems === [] ? [
            ...array_map($text, array_combine(array_keys(self::LONGEST), array_keys(self::LONGEST))),
            'first_day' => $from,
            'last_day' => $to,
        ] : throw ValidationException::withMessages($problems);
    }
}
