<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\History\Guard\OtherDoses;

/** Zeolite, biological media and lanthanum, as the page shows them. */
final class OtherDosesView
{
    /** @return list<array<string, mixed>> one part each: title, sentences, caution, a line to log, a charge to dose */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $doses = new OtherDoses(
            $system->setupAt($now),
            (new Journal($system))->pooled($now->modify('-'.OtherDoses::DAYS.' days'), $now),
            $system->assumptions(),
            $keeper->zone(),
            $now,
        );

        return array_map(static fn (array $part): array => [
            ...$part,
            'says' => array_map($words->say(...), $part['says']),
            'dose' => $part['dose'] === null ? null : http_build_query($part['dose']),
        ], $doses->parts($system->target_school?->bands($system->assumptions())[1]->high));
    }
}
