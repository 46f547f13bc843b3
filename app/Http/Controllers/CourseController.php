<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\ForeseeView;
use App\Http\Requests\CourseRequest;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Ithys\Nutrient\InvalidLever;

/** Keeps courses with what was foreseen of them, and makes one of them the plan. */
final class CourseController extends Controller
{
    private const WEEKS = 12;

    public function store(CourseRequest $request, System $system): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $now = now()->toDateTimeImmutable();
        $outlook = ForeseeView::outlook($system, $now)['outlook'];
        $name = $request->name();
        if ($outlook === null) {
            throw ValidationException::withMessages(['name' => 'Nothing is learned of this tank yet.']);
        }
        $levers = $request->levers($keeper);
        try {
            $course = $outlook->present->with($request->turned($keeper, $outlook));
            $foreseen = ForeseeView::series($outlook, $course, self::WEEKS);
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
