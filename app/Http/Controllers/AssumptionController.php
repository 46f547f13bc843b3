<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\AssumptionsPage;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\OverlayRequest;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Assumption\UnknownAssumption;

/** Every default the core relies on, and those one tank has otherwise. */
final class AssumptionController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Settings/Assumptions', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'groups' => AssumptionsPage::groups($system->assumptions(), $keeper->units),
        ]);
    }

    public function update(OverlayRequest $request, System $system, string $key): RedirectResponse
    {
        $assumption = self::called($key);
        $overlay = $request->overlay($assumption);
        $system->overlay($key, $overlay);
        $label = $this->keeper($request)->words()->say($assumption->label);

        return $this->backTo($system, "Set for this tank: {$label}.");
    }

    public function destroy(Request $request, System $system, string $key): RedirectResponse
    {
        $assumption = self::called($key);
        $set = $system->assumptions()->of($key);
        $system->overlay($key, null);
        $words = $this->keeper($request)->words();

        return $this->backTo(
            $system,
            "Back to the default: {$words->say($assumption->label)}, {$words->say($assumption->quantity())}.",
            $set->overlay === null ? null : route('assumptions.restore', [
                $system,
                $key,
                'overlay' => AssumptionsPage::typed($set, $words->units),
            ]),
        );
    }

    private function backTo(System $system, string $message, ?string $undo = null): RedirectResponse
    {
        return redirect()
            ->route('assumptions.show', $system)
            ->with('flash', array_filter(['message' => $message, 'undo' => $undo]));
    }

    private static function called(string $key): Assumption
    {
        try {
            return Assumptions::standard()->of($key);
        } catch (UnknownAssumption) {
            abort(404);
        }
    }
}
