<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** Alerts of a tank that are put off, each until a moment and for a reason. */
final readonly class AlertDelays
{
    public function __construct(private System $system)
    {
    }

    /** @return array<string, array{until: int, reason: string, by: ?string}> that still run, by the key of the alert */
    public function running(DateTimeImmutable $now): array
    {
        $delays = [];
        $rows = DB::table('alert_delays')
            ->leftJoin('users', 'users.id', '=', 'alert_delays.user_id')
            ->where('system_id', $this->system->id)
            ->where('until', '>', Journal::stamp($now))
            ->get(['alert', 'until', 'reason', 'users.name']);
        foreach ($rows as $row) {
            $delays[(string) $row->alert] = [
                'until' => Journal::moment($row->until)->getTimestamp(),
                'reason' => (string) $row->reason,
                'by' => $row->name,
            ];
        }

        return $delays;
    }

    public function put(string $alert, DateTimeImmutable $until, string $reason, User $by): void
    {
        DB::table('alert_delays')->updateOrInsert(
            ['system_id' => $this->system->id, 'alert' => $alert],
            ['user_id' => $by->id, 'until' => Journal::stamp($until), 'reason' => $reason],
        );
    }

    public function end(string $alert): void
    {
        DB::table('alert_delays')->where('system_id', $this->system->id)->where('alert', $alert)->delete();
    }
}
