<?php

declare(strict_types=1);

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Symfony\Component\Process\Process;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->user = User::query()->firstOrFail());
    $this->address = function (array $with = []): string {
        $message = $this->from('/systems/1/care')->post('/settings/calendar', $with)->assertRedirect('/systems/1/care')
            ->getSession()->get('flash')['message'];

        return (string) strstr($message, 'http');
    };
});

/** As an independent reader has it (python3-icalendar of Debian): day and title of each event, and alarms. */
function eventsOf(string $calendar): array
{
    $read = new Process(['/usr/bin/python3', '-c', <<<'PY'
        import sys, json, icalendar
        events = icalendar.Calendar.from_ical(sys.stdin.buffer.read()).walk('VEVENT')
        print(json.dumps([[e['DTSTART'].dt.isoformat(), str(e['SUMMARY']), str(e['UID']), len(e.subcomponents),
            e['DTSTAMP'].dt.tzname()] for e in events]))
        PY], input: $calendar);

    return json_decode($read->mustRun()->getOutput(), true);
}

it('gives what Care lists to a calendar, by an address that needs no sign-in', function (): void {
    $care = $this->get('/systems/1/care')->inertiaProps('care');
    $due = array_column($care['tanks'][0]['due'], 'label');
    $address = ($this->address)();
    auth()->logout();
    $answer = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
    $events = eventsOf((string) $answer->getContent());
    $today = array_filter($events, fn (array $one): bool => $one[0] === now('Europe/Lisbon')->format('Y-m-d'));
    foreach (array_diff($due, ['Renew GFO', 'Renew Activated carbon']) as $label) {
        expect(array_column($today, 1))->toContain("{$label}, Stairwell reef");
    }
    expect(array_unique(array_column($events, 2)))->toHaveCount(count($events))
        ->and(array_unique(array_column($events, 3)))->toBe([0])
        ->and(array_unique(array_column($events, 4)))->toBe(['UTC']);
});

it('keeps to the lines of RFC 5545: no longer than 75 octets, each ended by CR LF', function (): void {
    $this->user->systems()->first()->update(['name' => str_repeat('Straße am Fluss, ', 6).'; \\ 水槽']);
    $text = (string) $this->get('/care.ics')->assertOk()->getContent();
    foreach (explode("\r\n", rtrim($text, "\r\n")) as $line) {
        expect(strlen($line))->toBeLessThanOrEqual(75)->and($line)->not->toContain("\n")->not->toContain("\r");
    }
    expect(eventsOf($text)[0][1])->toContain('Straße am Fluss, Straße')->toEndWith('; \\ 水槽');
});

it('rings where that is asked for, and not once the address is revoked or replaced', function (): void {
    $first = ($this->address)(['alarm' => '8']);
    expect(array_unique(array_column(eventsOf((string) $this->get($first)->getContent()), 3)))->toBe([1]);
    $second = ($this->address)(['alarm' => 'late']);
    $this->get($first)->assertNotFound();
    $this->get($second)->assertOk();
    $this->delete('/settings/calendar');
    $this->get($second)->assertNotFound();
    $this->get('/calendar/'.str_repeat('a', 40).'.ics')->assertNotFound();
});

it('shows a person the tanks of that person alone', function (): void {
    $this->actingAs(User::factory()->create());
    expect(eventsOf((string) $this->get('/care.ics')->getContent()))->toBe([]);
});
