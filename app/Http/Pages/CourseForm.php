<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Document\Field;
use Ithys\Document\Writer;
use Ithys\Forecast\Outlook;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;

/** The levers of a course as they are typed. */
final class CourseForm
{
    /** @return array<string, Field> by key */
    public static function fields(): array
    {
        $fields = [
            Field::of('feedTimes', 'Feeding', null, 0.0, 5.0),
            Field::of('sockEvery', 'The days between sock changes', null, 0.5, 365.0),
            Field::of('waterEvery', 'The days between water changes', null, 0.5, 365.0),
            Field::of('waterLitres', 'A water change', Dimension::Volume, 0.0, 100_000.0),
            Field::of('lightHours', 'The hours of light', null, 0.0, 24.0),
            Field::of('spirit', 'Spirit, mL a day', null, 0.0, 500.0),
            Field::of('stockAdded', 'The animals added', Dimension::SmallMass, 0.0, 500_000.0),
            Field::of('rollerTimes', 'The pace of the fleece', null, 0.05, 20.0),
            Field::of('carbonGrams', 'Activated carbon', Dimension::SmallMass, 0.0, 50_000.0),
            Field::of('mediaGrams', 'The medium', Dimension::SmallMass, 0.0, 50_000.0),
        ];

        return array_combine(array_map(static fn (Field $field): string => $field->key, $fields), $fields);
    }

    /**
     * @param  array<string, float|bool|string|null>  $levers
     * @return array<string, mixed> some levers as they would be typed
     */
    public static function typed(array $levers, UnitSystem $units): array
    {
        $chosen = array_filter($levers, is_string(...));

        /** @var array<string, mixed> */
        return [...(new Writer($units))->texts(array_diff_key($levers, $chosen), self::fields()), ...$chosen];
    }

    /** @return array{media: list<array{string, string}>, places: list<array{string, string}>} what can be put in */
    public static function choices(): array
    {
        return [
            'media' => array_values(array_map(
                static fn (Medium $one): array => [$one->value, $one->shortLabel()],
                array_filter(
                    Medium::cases(),
                    static fn (Medium $one): bool => $one->isModelled() && $one !== Medium::ActivatedCarbon,
                ),
            )),
            'places' => array_map(
                static fn (Place $one): array => [$one->value, "in a {$one->value}"],
                Place::cases(),
            ),
        ];
    }

    /** @return array<string, mixed> how the present course stands */
    public static function of(Outlook $outlook, UnitSystem $units): array
    {
        $course = $outlook->present;
        $rounded = static fn (?float $days): ?float => $days === null ? null : round($days, 1);

        return [
            ...(new Writer($units))->texts([
                'feedTimes' => 1.0,
                'sockEvery' => $rounded($course->socks->every),
                'waterEvery' => $rounded($course->water->every),
                'waterLitres' => round($course->water->amount, 1),
                'lightHours' => $course->machines->lightHours ?? 0.0,
                'spirit' => round($outlook->asSpirit($course->doses), 2),
                'stockAdded' => 0.0,
                'rollerTimes' => $course->machines->rollerTimes,
                'carbonGrams' => 0.0,
                'mediaGrams' => 0.0,
            ], self::fields()),
            'skimmerOn' => $course->machines->skimmerOn,
            'medium' => Medium::Gfo->value,
            'place' => Place::Reactor->value,
        ];
    }
}
