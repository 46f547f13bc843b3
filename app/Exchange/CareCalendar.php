<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Journal\TankRounds;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Ithys\Care\CalendarDay;
use Sabre\VObject\Component\VCalendar;

/**
 * What is due in the weeks ahead as a calendar of whole days (RFC 5545): titles alone, nothing of the journal.
 *
 * Days are dates without a time, so that no change of the clock moves them. The titles are those of Care.
 */
final class CareCalendar
{
    private const DAYS = 56;

    /** @param  string  $person  whose tasks; empty for everybody's */
    public static function of(
        User $user,
        DateTimeImmutable $now,
        ?int $alarmHour,
        string $person = '',
    ): string {
        $calendar = new VCalendar(['PRODID' => '-//Ithys//Care//EN', 'NAME' => 'Ithys', 'X-WR-CALNAME' => 'Ithys']);
        foreach ($user->systems()->orderBy('systems.id')->get() as $system) {
            /** @var System $system */
            $today = TankRounds::today($system, $now);
            $doers = $system->carePlan()->doers;
            foreach (TankRounds::of($system, $now)->ahead($today, self::DAYS) as $n => $chores) {
                $day = CalendarDay::midnight($today + $n);
                foreach ($chores as $one) {
                    // What somebody else does is on their calendar; what nobody has taken is on everybody's.
                    if ($person !== '' && ($doers[$one->key()] ?? $person) !== $person) {
                        continue;
                    }
                    $key = str_replace(' ', '-', $one->key());
                    $event = $calendar->createComponent('VEVENT', [
                        'UID' => "{$key}-{$system->id}-{$day->format('Ymd')}@ithys",
                        'DTSTAMP' => $now->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z'),
                        'SUMMARY' => "{$one->label()}, {$system->name}",
                        'TRANSP' => 'TRANSPARENT',
                    ]);
                    $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
                    $event->add('DTEND', $day->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
                    $calendar->add($event);
                    if ($alarmHour !== null) {
                        $event->add('VALARM', [
                            'ACTION' => 'DISPLAY',
                            'DESCRIPTION' => $one->label(),
                            'TRIGGER' => "PT{$alarmHour}H",
                        ]);
                    }
                }
            }
        }

        return $calendar->serialize();
    }
}
