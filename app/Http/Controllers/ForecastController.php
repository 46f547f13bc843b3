<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\CourseForm;
use App\Http\Pages\CoursesView;
use App\Http\Pages\ForecastView;
use App\Http\Pages\MediaChoicesView;
use App\Http\Pages\SilencesView;
use App\Http\Pages\SystemFrame;
use App\Http\Pages\TargetView;
use App\Http\Preview;
use App\Http\Requests\CourseRequest;
use App\Journal\DoseDoor;
use App\Journal\Learning;
use App\Models\System;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\History\Guard\Doubt;
use Ithys\History\Guard\ScenarioGuard;
use Ithys\Media\Medium;
use Ithys\Nutrient\InvalidLever;
use Ithys\Path\Kind;

/** What would happen if: the present course of a tank, and another beside it. */
final class ForecastController extends Controller
{
    public function show(CourseRequest $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $now = now()->toDateTimeImmutable();
        $ago = $request->weeksAgo();
        (new Learning($system))->wanted(0);
        ['outlook' => $outlook, 'missing' => $missing] = ForecastView::outlook($system, $now, $ago);

        return Inertia::render('Forecast/Show', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'missing' => $missing,
            'now' => $now->modify("-{$ago} weeks")->getTimestamp(),
            'ago' => $ago,
            'agoChoices' => ForecastView::AGO,
            'levers' => $outlook === null ? null : CourseForm::of($outlook, $keeper->units),
            'feedGrams' => $outlook === null ? 0.0 : array_sum($outlook->present->feed),
            'choices' => CourseForm::choices(),
            'carbon' => Medium::ActivatedCarbon->label(),
            'fitted' => [
                'algae' => $outlook !== null && $outlook->going->cultures !== [],
                'sock' => $outlook?->going->has(Kind::Sock) === true,
                'roller' => $outlook?->going->has(Kind::Roller) === true,
                'stock' => $outlook?->present->herd->grams !== null,
            ],
            'silences' => $ago > 0 ? [] : SilencesView::of($system, $keeper->words(), $now),
            // What was is past advice, and past asking.
            'standing' => $outlook === null || $ago > 0 ? null : ForecastView::standing($outlook, $keeper, $now),
            'counsel' => $outlook === null || $ago > 0 ? null : ForecastView::counsel($system, $outlook, $keeper, $now),
            'courses' => CoursesView::of($system, $keeper, $now),
            'past' => ForecastView::past($system, $now),
            'target' => TargetView::of($system, $keeper->words()),
            'learning' => (new Learning($system))->toArray(),
        ]);
    }

    public function preview(CourseRequest $request, System $system): JsonResponse
    {
        $outlook = ForecastView::outlook($system, now()->toDateTimeImmutable(), $request->weeksAgo())['outlook'];
        abort_if($outlook === null, 409, 'Nothing is learned of this tank yet.');

        return Preview::of(function () use ($outlook, $request, $system): array {
            $turned = $request->turned($this->keeper($request), $outlook);
            $course = $outlook->present->with($turned);

            try {
                $other = $outlook->along($course, $request->weeks());
            } catch (InvalidLever $invalid) {
                throw ValidationException::withMessages(['spirit' => $invalid->getMessage()]);
            }

            $words = $this->keeper($request)->words();
            $present = $outlook->along($outlook->present, $request->weeks());

            return [
                'present' => ForecastView::series($present),
                'other' => ForecastView::series($other),
                'ends' => [
                    'present' => ForecastView::ends($present, $words),
                    'other' => ForecastView::ends($other, $words),
                ],
                'doubts' => $request->weeksAgo() > 0 ? [] : array_map(
                    static fn (Doubt $doubt): string => $words->say($doubt->sentence),
                    ScenarioGuard::doubts($turned, (new DoseDoor($system))->context(now()->toDateTimeImmutable())),
                ),
                'workload' => [
                    'present' => ForecastView::workload($outlook, $outlook->present, $system),
                    'other' => ForecastView::workload($outlook, $course, $system),
                ],
            ];
        });
    }

    /** What each medium would do to phosphate, in a reactor and in a bag, with the settings else. */
    public function media(CourseRequest $request, System $system): JsonResponse
    {
        $outlook = ForecastView::outlook($system, now()->toDateTimeImmutable(), $request->weeksAgo())['outlook'];
        abort_if($outlook === null, 409, 'Nothing is learned of this tank yet.');

        return Preview::of(function () use ($outlook, $request, $system): array {
            $keeper = $this->keeper($request);
            $turned = $request->turned($keeper, $outlook);
            try {
                return MediaChoicesView::of($system, $keeper, $outlook, $turned, $request->weeks());
            } catch (InvalidLever $invalid) {
                throw ValidationException::withMessages(['spirit' => $invalid->getMessage()]);
            }
        });
    }
}
