<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Pages\CourseForm;
use App\Http\Pages\ForecastView;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Forecast\Outlook;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;

/** The levers of another course, as typed. */
final class CourseRequest extends FormRequest
{
    private const LONGEST_NAME = 80;

    private const OTHERWISE = [
        'feedTimes' => 1.0,
        'waterLitres' => 0.0,
        'lightHours' => 0.0,
        'spirit' => 0.0,
        'mediaGrams' => 0.0,
        'carbonGrams' => 0.0,
        'stockAdded' => 0.0,
        'rollerTimes' => 1.0,
    ];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ValidationException */
    public function name(): string
    {
        $name = $this->input('name');
        $name = is_string($name) ? trim($name) : '';

        return $name !== '' && mb_strlen($name) <= self::LONGEST_NAME
            ? $name
            : throw ValidationException::withMessages([
                'name' => 'Call the course something of at most '.self::LONGEST_NAME.' characters.',
            ]);
    }

    /** How long ago the course begins. */
    public function weeksAgo(): int
    {
        $ago = $this->integer('ago');

        return in_array($ago, ForecastView::AGO, true) ? $ago : 0;
    }

    public function weeks(): int
    {
        return min(Outlook::MOST_WEEKS, max(1, $this->integer('weeks', 12)));
    }

    /**
     * @return array<string, float|bool|string|null> by lever; what is left empty is not done at all
     *
     * @throws ValidationException with a sentence at each lever that cannot be read
     */
    public function levers(User $keeper): array
    {
        $typed = $this->input('levers');

        return [
            ...self::read(
                array_diff_key(is_array($typed) ? $typed : [], array_flip(['medium', 'place'])),
                $keeper->units,
            ),
            'skimmerOn' => $this->boolean('levers.skimmerOn'),
            'medium' => (Medium::tryFrom($this->chosen('medium')) ?? Medium::Gfo)->value,
            'place' => (Place::tryFrom($this->chosen('place')) ?? Place::Reactor)->value,
        ];
    }

    private function chosen(string $lever): string
    {
        $chosen = $this->input("levers.{$lever}");

        return is_string($chosen) ? $chosen : '';
    }

    /**
     * @return array<string, float|bool|string|null> those that are set otherwise than they stand
     *
     * @throws ValidationException
     */
    public function turned(User $keeper, Outlook $outlook): array
    {
        $stands = CourseForm::of($outlook, $keeper->units);
        $stands = [
            ...self::read(array_diff_key($stands, array_flip(['medium', 'place'])), $keeper->units),
            'skimmerOn' => $stands['skimmerOn'],
            'medium' => $stands['medium'],
            'place' => $stands['place'],
        ];

        return array_filter(
            $this->levers($keeper),
            static fn (float|bool|string|null $value, string $lever): bool => $value !== $stands[$lever],
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, ?float> by lever
     *
     * @throws ValidationException
     */
    private static function read(array $typed, UnitSystem $units): array
    {
        $reader = Reader::typed($typed, $units);
        $levers = [];
        foreach (CourseForm::fields() as $field) {
            $levers[$field->key] = $reader->figure($field) ?? (self::OTHERWISE[$field->key] ?? null);
        }
        try {
            $reader->close();
        } catch (Refused $refused) {
            throw ValidationException::withMessages($refused->problems);
        }

        return $levers;
    }
}
