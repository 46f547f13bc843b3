<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\CareCalendar;
use App\Models\CalendarFeed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is due, for calendars: a file, and an address that needs no sign-in and can be revoked. */
final class CalendarController extends Controller
{
    private const LAST_HOUR = 23;

    private const LONGEST_NAME = 40;

    public function file(Request $request): Response
    {
        return self::answer(CareCalendar::of($this->keeper($request), now()->toDateTimeImmutable(), null))
            ->header('Content-Disposition', 'attachment; filename="ithys-care.ics"');
    }

    /** For whoever holds the secret; a guess and a revoked one are told alike. */
    public function feed(string $secret): Response
    {
        $feed = CalendarFeed::of($secret);
        abort_if($feed === null, 404);

        return self::answer(CareCalendar::of(
            $feed->user,
            now()->toDateTimeImmutable(),
            $feed->alarm_hour,
            $feed->person,
        ));
    }

    public function store(Request $request): RedirectResponse
    {
        $hour = $request->input('alarm');
        $alarm = is_numeric($hour) && (int) $hour >= 0 && (int) $hour <= self::LAST_HOUR ? (int) $hour : null;
        $typed = $request->input('person');
        $person = is_string($typed) ? mb_substr(trim($typed), 0, self::LONGEST_NAME) : '';
        $secret = CalendarFeed::renew($this->keeper($request), $alarm, $person);

        return back()->with('flash', [
            'message' => 'Subscribe to this address; it is shown once: '.route('calendar.feed', $secret),
        ]);
    }

    public function destroy(Request $request): RedirectResponse
    {
        $person = $request->input('person');
        CalendarFeed::query()->where('user_id', $this->keeper($request)->id)
            ->where('person', is_string($person) ? $person : '')->delete();

        return back()->with('flash', ['message' => 'The calendar address no longer works.']);
    }

    private static function answer(string $calendar): Response
    {
        return response($calendar, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=900',
        ]);
    }
}
