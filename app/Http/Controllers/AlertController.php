<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\AlertsView;
use App\Journal\AlertDelays;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Puts an alert off for a while, with a reason, and takes that back. */
final class AlertController extends Controller
{
    /** Days an alert can be put off for. */
    public const DAYS = [3, 7, 30];

    private const LONGEST_REASON = 200;

    public function store(Request $request, System $system): RedirectResponse
    {
        $text = static fn (string $key): string => is_string($request->input($key)) ? trim($request->input($key)) : '';
        $now = now()->toDateTimeImmutable();
        $keeper = $this->keeper($request);
        $alert = array_values(array_filter(
            AlertsView::of($system, $keeper, $now),
            static fn (array $one): bool => $one['key'] === $text('alert'),
        ))[0] ?? null;
        $days = $request->integer('days');
        $reason = $text('reason');
        $problems = array_filter([
            'alert' => $alert === null ? 'This alert is over.' : null,
            'days' => in_array($days, self::DAYS, true) ? null : 'An alert is put off for 3, 7 or 30 days.',
            'reason' => match (true) {
                $reason === '' => 'Say why it can wait, for the next who looks.',
                mb_strlen($reason) > self::LONGEST_REASON => 'The reason has more than '.self::LONGEST_REASON
                    .' characters. Shorten it.',
                default => null,
            },
        ]);
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }
        (new AlertDelays($system))->put($text('alert'), $now->modify("+{$days} days"), $reason, $keeper);

        return back()->with('flash', ['message' => "Put off for {$days} days."]);
    }

    public function destroy(Request $request, System $system): RedirectResponse
    {
        $alert = $request->input('alert');
        (new AlertDelays($system))->end(is_string($alert) ? $alert : '');

        return back()->with('flash', ['message' => 'The alert is back.']);
    }
}
