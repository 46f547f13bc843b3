<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\DoseView;
use App\Http\Pages\ForecastView;
use App\Http\Pages\MediaView;
use App\Http\Pages\OrganicView;
use App\Http\Pages\OtherDosesView;
use App\Http\Pages\OzoneView;
use App\Http\Pages\SystemFrame;
use App\Http\Pages\TargetView;
use App\Http\Preview;
use App\Http\Requests\ChargeRequest;
use App\Journal\AlreadyInJournal;
use App\Journal\DoseDoor;
use App\Journal\Journal;
use App\Journal\Learning;
use App\Models\System;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\History\Guard\Answer;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Reading\Parameter;
use Ithys\Media\CarbonSchool;
use Ithys\Media\Medium;
use Ithys\Media\Ramp;
use Ithys\Nutrient\InvalidLever;

/** Media and doses: what is in, what would go in, and how it is done without harm. */
final class MediaController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        (new Learning($system))->wanted(0);

        return Inertia::render('Media/Show', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'view' => MediaView::of($system, $keeper, now()->toDateTimeImmutable()),
            'learning' => (new Learning($system))->toArray(),
        ]);
    }

    public function dose(ChargeRequest $request, System $system): Response
    {
        return Inertia::render('Media/Dose', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'media' => array_map(
                static fn (Medium $medium): array => [$medium->value, $medium->label()],
                Medium::cases(),
            ),
            'places' => DoseView::places($system),
            'binds' => Parameter::Phosphate->value,
            'wanted' => 'Wanted '.Parameter::Phosphate->label(),
            'asked' => ['medium' => $request->medium()->value, 'where' => self::mark($request->where($system))],
            ...$this->water($request, $system),
        ]);
    }

    public function preview(ChargeRequest $request, System $system): JsonResponse
    {
        return Preview::of(function () use ($request, $system): array {
            $keeper = $this->keeper($request);
            try {
                return DoseView::of(
                    $system,
                    $keeper,
                    $request->medium(),
                    $request->where($system),
                    $request->figures($keeper, $system),
                    now()->toDateTimeImmutable(),
                );
            } catch (InvalidLever $invalid) {
                throw ValidationException::withMessages(['amount' => $invalid->getMessage()]);
            }
        });
    }

    public function store(ChargeRequest $request, System $system): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $charge = $request->charge($keeper, $system);
        $entry = new Entry(now()->toDateTimeImmutable(), $charge, note: $request->note());
        $doubts = (new DoseDoor($system))->doubts([$entry])[0] ?? [];
        if ($doubts !== []) {
            $says = $keeper->words()->say($doubts[0]->sentence);
            if ($doubts[0]->answer === Answer::Refuse) {
                throw ValidationException::withMessages(['amount' => "{$says} If it went in already, log it with L."]);
            }
            if (! $request->boolean('sure') || $request->reason() === '') {
                throw ValidationException::withMessages([
                    'amount' => "{$says} If you mean it, tick so and write why.",
                ]);
            }
        }
        try {
            $batch = (new Journal($system))->record([$entry], $keeper);
        } catch (AlreadyInJournal $already) {
            throw ValidationException::withMessages(['amount' => $already->getMessage()]);
        }

        return redirect()->route('media.show', $system)->with('flash', [
            'message' => "Logged: {$keeper->words()->say($charge->summary())}.",
            'undo' => route('journal.undo', [$system, $batch]),
        ]);
    }

    public function school(Request $request, System $system): RedirectResponse
    {
        $asked = $request->input('school');
        $school = is_string($asked) ? CarbonSchool::tryFrom($asked) : null;
        if ($school === null && $asked !== '' && $asked !== null) {
            throw ValidationException::withMessages(['school' => 'Pick one of the schools, or none.']);
        }
        $system->forceFill(['carbon_school' => $school])->save();

        return back();
    }

    public function organic(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Media/Organic', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'view' => OrganicView::of($system, $keeper, self::source($request), now()->toDateTimeImmutable()),
            ...$this->water($request, $system),
        ]);
    }

    /** Begins a ramp; one that was under way ends. */
    public function begin(Request $request, System $system): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $source = self::source($request);
        $view = OrganicView::of($system, $keeper, $source, now()->toDateTimeImmutable());
        // What nobody read is no good news either.
        $against = [...$view['stops'], ...$view['holds']];
        if ($against !== []) {
            throw ValidationException::withMessages(['source' => $against[0]]);
        }
        if ($view['below'] !== null && ! $request->boolean('sure')) {
            throw ValidationException::withMessages(['source' => "{$view['below']} Tick that you mean it."]);
        }
        DB::transaction(static function () use ($system, $source, $view): void {
            $system->ramps()->whereNull('ended_at')->update(['ended_at' => now()]);
            $system->ramps()->create(['source' => $source, 'doses' => $view['doses'], 'begun_at' => now()]);
        });

        return back()->with('flash', ['message' => 'The ramp has begun. Log each dose.']);
    }

    public function end(System $system, int $ramp): RedirectResponse
    {
        $system->ramps()->whereNull('ended_at')->findOrFail($ramp)->update(['ended_at' => now()]);

        return back()->with('flash', ['message' => 'The ramp has ended. Step down over some weeks, never at once.']);
    }

    public function others(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Media/Others', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'parts' => OtherDosesView::of($system, $keeper, now()->toDateTimeImmutable()),
        ]);
    }

    public function ozone(Request $request, System $system): Response
    {
        return Inertia::render('Media/Ozone', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'settings' => OzoneView::usual($system),
        ]);
    }

    public function tryOzone(Request $request, System $system): JsonResponse
    {
        return Preview::of(static fn (): array => OzoneView::of($request->all(), $system));
    }

    /** @return array<string, mixed> what was read of the water, and where it should stand */
    private function water(Request $request, System $system): array
    {
        $now = now()->toDateTimeImmutable();

        return [
            'now' => $now->getTimestamp(),
            'past' => ForecastView::past($system, $now),
            'target' => TargetView::of($system, $this->keeper($request)->words()),
        ];
    }

    private static function mark(Container|Place $where): string
    {
        return $where instanceof Container ? $where->item : $where->value;
    }

    private static function source(Request $request): CarbonSource
    {
        $asked = $request->input('source');

        return (is_string($asked) ? CarbonSource::tryFrom($asked) : null) ?? CarbonSource::Spirit;
    }
}
