<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\ForecastView;
use App\Http\Requests\CourseRequest;
use App\Journal\DoseDoor;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Ithys\History\Guard\Answer;
use Ithys\History\Guard\ScenarioGuard;
use Ithys\Nutrient\InvalidLever;

/** Keeps courses with what was foreseen of them, and makes one of them the plan. */
final class CourseController extends Controller
{
    private const WEEKS = 12;

    public function store(CourseRequest $request, System $system): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $now = now()->toDateTimeImmutable();
        $outlook = ForecastView::outlook($system, $now)['outlook'];
        $name = $request->name();
        if ($outlook === null) {
            throw ValidationException::withMessages(['name' => 'Nothing is learned of this tank yet.']);
        }
        $levers = $request->levers($keeper);
        $turned = $request->turned($keeper, $outlook);
        foreach (ScenarioGuard::doubts($turned, (new DoseDoor($system))->context($now)) as $doubt) {
            if ($doubt->answer === Answer::Refuse) {
                throw ValidationException::withMessages(['name' => $keeper->words()->say($doubt->sentence)]);
            }
        }
        try {
            $course = $outlook->present->with($turned);
            $foreseen = ForecastView::series($outlook->along($course, self::WEEKS));
        } catch (InvalidLever $invalid) {
            throw ValidationException::withMessages(['spirit' => $invalid->getMessage()]);
        }
        $system->courses()->create([
            'user_id' => $keeper->id,
            'name' => $name,
            'levers' => $levers,
            'foreseen' => $foreseen,
            'made_at' => $now,
        ]);

        return back()->with('flash', ['message' => "Kept as “{$name}”."]);
    }

    /** There is one plan at a time. */
    public function plan(System $system, int $course): RedirectResponse
    {
        $plan = $system->courses()->findOrFail($course);
        DB::transaction(static function () use ($system, $plan): void {
            $system->courses()->update(['is_plan' => false]);
            $plan->update(['is_plan' => true]);
        });

        return back()->with('flash', ['message' => "“{$plan->name}” is the plan."]);
    }

    public function destroy(System $system, int $course): RedirectResponse
    {
        $system->courses()->findOrFail($course)->delete();

        return back()->with('flash', [
            'message' => 'Taken away.',
            'undo' => route('courses.restore', [$system, $course]),
        ]);
    }

    public function restore(System $system, int $course): RedirectResponse
    {
        $system->courses()->onlyTrashed()->findOrFail($course)->restore();

        return back()->with('flash', ['message' => 'Back again.']);
    }
}
