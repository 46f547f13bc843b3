<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\DoseDoor;
use App\Models\System;
use App\Models\User;
use Ithys\Forecast\MediaChoice;
use Ithys\Forecast\Outlook;
use Ithys\History\Guard\Doubt;
use Ithys\History\Guard\ScenarioGuard;
use Ithys\Media\Medium;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Quantity;

/** Media against phosphate beside each other, each in a reactor and in a bag. */
final class MediaChoicesView
{
    /**
     * @param  array<string, float|bool|string|null>  $levers  what is set differently, in base units
     * @return array<string, mixed>
     *
     * @throws InvalidLever
     */
    public static function of(System $system, User $keeper, Outlook $outlook, array $levers, int $weeks): array
    {
        $words = $keeper->words();
        $assumptions = $system->assumptions();
        $typed = (float) ($levers['mediaGrams'] ?? 0.0);
        $without = $outlook->present->with(array_diff_key($levers, ['mediaGrams' => true]));
        $none = $outlook->along($without, $weeks)['po4'];
        $here = (new DoseDoor($system))->context(now()->toDateTimeImmutable());
        $rows = [];
        $choices = MediaChoice::all($outlook, $levers, $assumptions, $typed > 0.0 ? $typed : null, $weeks);
        foreach ($choices as $choice) {
            $medium = $choice->fresh->medium;
            $set = [
                'medium' => $medium->value,
                'mediaGrams' => $choice->fresh->grams,
                'place' => $choice->fresh->place->value,
            ];
            $rows[$medium->value] ??= [
                'medium' => $medium->value,
                'label' => $medium->label(),
                'amount' => $words->say(Quantity::grams($choice->fresh->grams)),
                'cost' => round($choice->cost, 1),
                'places' => [],
            ];
            $rows[$medium->value]['places'][] = [
                'place' => $choice->fresh->place->value,
                'says' => $words->say($choice->end->says()),
                'levers' => CourseForm::typed($set, $keeper->units),
                'doubt' => array_map(
                    static fn (Doubt $doubt): string => $words->say($doubt->sentence),
                    ScenarioGuard::doubts($set, $here),
                )[0] ?? null,
            ];
        }

        return [
            'parameter' => 'po4',
            'none' => $words->say($none[count($none) - 1]->says()),
            'typed' => $typed > 0.0,
            'rows' => array_values($rows),
            'unknown' => array_values(array_map(
                static fn (Medium $one): string => $one->label(),
                array_filter(
                    Medium::cases(),
                    static fn (Medium $one): bool => $one->mayBind()
                        && ! in_array($one, MediaChoice::media($assumptions), true),
                ),
            )),
        ];
    }
}
