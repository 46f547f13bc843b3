<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Ithys\Journal\Reading\Parameter;

/** Two times that are laid beside each other, and the nutrient that is asked about. */
final class WhyRequest extends FormRequest
{
    /** Days of each time where none is chosen. */
    private const DAYS = 28;

    private const FIELDS = ['beforeFrom', 'beforeTo', 'sinceFrom', 'sinceTo'];

    public function parameter(): Parameter
    {
        return $this->query('of') === Parameter::Nitrate->value ? Parameter::Nitrate : Parameter::Phosphate;
    }

    /** @return array<string, string> as they are typed, else the last four weeks beside the four before */
    public function asked(DateTimeZone $zone): array
    {
        $today = now($zone)->toDateTimeImmutable();
        $usual = [];
        foreach ([2 * self::DAYS, self::DAYS, self::DAYS, 0] as $n => $ago) {
            $usual[self::FIELDS[$n]] = $today->modify("-{$ago} days")->format('Y-m-d');
        }
        $asked = ['of' => $this->parameter()->value];
        foreach (self::FIELDS as $field) {
            $typed = $this->query($field);
            $asked[$field] = is_string($typed) && $typed !== '' ? mb_substr($typed, 0, 20) : $usual[$field];
        }

        return $asked;
    }

    /** What is wrong with them, in a sentence; null where nothing is. */
    public function problem(DateTimeZone $zone): ?string
    {
        $days = array_map(
            static fn (string $field): ?DateTimeImmutable => self::day($field, $zone),
            array_slice($this->asked($zone), 1),
        );
        if (in_array(null, $days, true)) {
            return 'Write each day as year, month and day, such as 2026-11-04.';
        }
        [$beforeFrom, $beforeTo, $sinceFrom, $sinceTo] = array_values($days);

        return match (true) {
            $beforeFrom >= $beforeTo, $sinceFrom > $sinceTo => 'Each time must end after it begins.',
            $beforeTo > $sinceFrom => 'The first time must be over before the second begins.',
            $sinceFrom > now() => 'The second time lies ahead: choose days that are past.',
            default => null,
        };
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable, DateTimeImmutable, DateTimeImmutable} */
    public function times(DateTimeZone $zone): array
    {
        [$beforeFrom, $beforeTo, $sinceFrom, $sinceTo] = array_map(
            static fn (string $field): DateTimeImmutable => self::day($field, $zone)
                ?? now($zone)->toDateTimeImmutable(),
            array_values(array_slice($this->asked($zone), 1)),
        );

        // The last day belongs to it.
        return [$beforeFrom, $beforeTo, $sinceFrom, $sinceTo->modify('+1 day')];
    }

    private static function day(string $typed, DateTimeZone $zone): ?DateTimeImmutable
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $typed, $zone);

        return $day instanceof DateTimeImmutable && $day->format('Y-m-d') === $typed ? $day : null;
    }
}
