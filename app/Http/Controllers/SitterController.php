<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\SitterView;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\SitterRequest;
use App\Journal\Journal;
use App\Journal\LogLine;
use App\Journal\TankRounds;
use App\Journal\TankRoutines;
use App\Models\Sitter;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Care\ChoreSpec;
use Ithys\Care\SitterSheet;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\Entry;
use Ithys\Journal\RoutineWord\Repeated;

/** Sheets for whoever keeps an eye on a tank, who ticks without an account until the stay is over. */
final class SitterController extends Controller
{
    private const SECRET = 40;

    public function index(Request $request, System $system): Response
    {
        $now = now()->toDateTimeImmutable();
        $fed = TankRoutines::of($system, $now)->at(Repeated::Feeding, $now)?->perDay;

        return Inertia::render('Care/Sitters', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'stays' => SitterView::all($system, $now),
            'food' => $fed === null || $fed <= 0.0
                ? ''
                : sprintf('%s g a day, measured out in the day boxes.', round($fed, 1)),
        ]);
    }

    public function store(SitterRequest $request, System $system): RedirectResponse
    {
        $secret = Str::random(self::SECRET);
        $sitter = new Sitter([
            ...$request->stay($system->zone()),
            'user_id' => $this->keeper($request)->id,
            'token_hash' => Sitter::hash($secret),
        ]);
        $sitter->system_id = $system->id;
        $sitter->save();

        return redirect()->route('sitters.index', $system)->with('flash', [
            'message' => 'Give this address to '.$sitter->name.'; it is shown once: '.route('sitter.sheet', $secret),
        ]);
    }

    public function destroy(System $system, int $sitter): RedirectResponse
    {
        Sitter::query()->where('system_id', $system->id)->whereKey($sitter)->delete();

        return redirect()->route('sitters.index', $system)->with('flash', ['message' => 'The sheet no longer opens.']);
    }

    /** For whoever holds the address, until the last day is over. */
    public function sheet(string $secret): Response
    {
        $now = now()->toDateTimeImmutable();
        $sitter = Sitter::of($secret, $now) ?? abort(404);

        return Inertia::render('Care/Sheet', ['secret' => $secret, 'sheet' => SitterView::of($sitter, $now)]);
    }

    /** What the sitter did enters the journal, with their name beside it. */
    public function done(string $secret, Chore $chore): RedirectResponse
    {
        $now = now()->toDateTimeImmutable();
        $sitter = Sitter::of($secret, $now) ?? abort(404);
        $today = TankRounds::today($sitter->system, $now);
        $round = TankRounds::of($sitter->system, $now)->find($chore);
        abort_if(
            ! in_array($chore, SitterSheet::chores(), true) || $round === null || $today < $sitter->firstDay(),
            404,
        );
        if (! $round->isDone($today)) {
            $read = LogLine::read($sitter->system, $sitter->user, ChoreSpec::line($chore)[0]);
            (new Journal($sitter->system))->record(array_map(
                static fn (Entry $one): Entry => new Entry($one->at, $one->payload, null, "Done by {$sitter->name}"),
                $read->entries,
            ), $sitter->user);
        }

        return redirect()->route('sitter.sheet', $secret);
    }
}
