<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Journal\AlreadyInJournal;
use App\Journal\Correction;
use App\Journal\DoseDoor;
use App\Models\System;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;

/** One entry of the journal: as it can be corrected, with what it was before. */
final class EntryController extends Controller
{
    private const LONGEST_NOTE = 500;

    public function show(Request $request, System $system, int $entry): JsonResponse
    {
        $line = $system->entries()->findOrFail($entry);
        $correction = new Correction($line);
        $words = $this->keeper($request)->words();
        $before = static fn (array $old): array => [
            'replaced' => $old[0],
            'by' => $old[2],
            'was' => $words->say($old[1]->payload->summary()).($old[1]->note === null ? '' : ", {$old[1]->note}"),
        ];

        return response()->json([
            ...$this->fields($request, $system, $line->toEntry()),
            'version' => $correction->version(),
            'history' => array_map(
                fn (array $old): array => [...$before($old), ...$this->fields($request, $system, $old[1])],
                $correction->history(),
            ),
        ]);
    }

    public function update(Request $request, System $system, int $entry): RedirectResponse
    {
        $line = $system->entries()->findOrFail($entry);
        try {
            $isDone = (new Correction($line))->to(
                $this->corrected($request, $system, $line->toEntry()),
                $request->integer('version'),
                $this->keeper($request),
            );
        } catch (AlreadyInJournal $already) {
            throw ValidationException::withMessages(['line' => $already->getMessage()]);
        }
        if (! $isDone) {
            throw ValidationException::withMessages([
                'line' => 'This entry was corrected in another window since you opened it. Close it and open it again.',
            ]);
        }

        return back()->with('flash', ['message' => 'Corrected.']);
    }

    /** @return array{line: string, day: string, time: string, note: string} an entry as a keeper can correct it */
    private function fields(Request $request, System $system, Entry $entry): array
    {
        $at = $entry->at->setTimezone($this->keeper($request)->zone());
        $isUnusual = $entry->payload->unusual($system->workingLitresAt($entry->at)) !== null;

        return [
            'line' => $entry->payload->line().($isUnusual ? ' sure' : ''),
            'day' => $at->format('Y-m-d'),
            'time' => $at->format('H:i'),
            'note' => $entry->note ?? '',
        ];
    }

    private function corrected(Request $request, System $system, Entry $old): Entry
    {
        $text = static fn (string $key): string => is_string($request->input($key)) ? trim($request->input($key)) : '';
        $was = $this->fields($request, $system, $old);
        $note = $text('note');
        if (mb_strlen($note) > self::LONGEST_NOTE) {
            throw ValidationException::withMessages([
                'note' => InvalidEntry::longerThan('note', self::LONGEST_NOTE, mb_strlen($note))->getMessage(),
            ]);
        }
        $isThen = [$text('day'), $text('time')] === [$was['day'], $was['time']];
        $isSame = $text('line') === $was['line'];
        // What is not touched stays as exact as it was.
        if ($isSame && $isThen) {
            return new Entry($old->at, $old->payload, note: $note === '' ? null : $note);
        }
        $keeper = $this->keeper($request);
        $understood = QuickEntry::read(
            // A note takes the rest of its line, so that when stands before it.
            "{$text('day')} {$text('time')} {$text('line')}",
            new Context(
                now($keeper->zone())->toDateTimeImmutable(),
                $keeper->units,
                $system->workingLitresAt($old->at),
                $system->assumptions(),
                $system->setupAt($old->at)->containers(),
            ),
        );
        if ($understood->problems !== [] || count($understood->entries) !== 1) {
            throw ValidationException::withMessages([
                'line' => $understood->problems[0]->sentence
                    ?? 'One entry is corrected to one entry; log what else there was by itself.',
            ]);
        }
        $new = $understood->entries[0];
        $corrected = new Entry(
            $isThen ? $old->at : $new->at,
            $isSame ? $old->payload : $new->payload,
            note: $note === '' ? $understood->because : $note,
        );
        $doubts = $understood->because === null ? (new DoseDoor($system))->doubts([$corrected], $old->id) : [];
        if ($doubts !== []) {
            throw ValidationException::withMessages([
                'line' => $keeper->words()->say($doubts[0][0]->sentence)
                    .' If it is right, add “sure because” and your reason.',
            ]);
        }

        return $corrected;
    }
}
