<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\BoundedJson;
use App\Exchange\SchemaFile;
use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Care\CalendarDay;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Quantity\UnitSystem;
use Ithys\Trial\SheetTable;
use Ithys\Trial\Tank\Form;
use Ithys\Trial\Tank\TankPlan;
use Ithys\Trial\TrialFeed;
use Ithys\Trial\TrialFile;
use Ithys\Trial\TrialPlan;

/** The plan of a trial, a file with one, readings of its sheet, or what was done in it. */
final class TrialRequest extends FormRequest
{
    private const LONGEST = 300;

    /** Lines of what was learned. */
    private const MOST_LESSONS = 20;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function isFile(): bool
    {
        return is_string($this->input('file')) && trim($this->input('file')) !== '';
    }

    public function isOfTank(): bool
    {
        return $this->input('form') !== null && $this->input('form') !== Trial::UNITS;
    }

    /** @throws ValidationException with a sentence at each field */
    public function plan(UnitSystem $units): TrialPlan
    {
        return self::orSay(fn (): TrialPlan => TrialPlan::typed($this->all(), $units));
    }

    /** @throws ValidationException with a sentence at each field */
    public function tankPlan(UnitSystem $units): TankPlan
    {
        return self::orSay(fn (): TankPlan => TankPlan::typed($this->all(), $units));
    }

    /**
     * A file of a trial, or a plan alone.
     *
     * @throws ValidationException with a sentence at "file"
     */
    public function trialFile(): TrialFile|TankPlan
    {
        $text = $this->input('file');
        $text = is_string($text) ? $text : '';
        $document = BoundedJson::asArray($text);
        $document = is_array($document) ? $document : [];
        try {
            if (($document['format'] ?? null) === TankPlan::FORMAT) {
                return TankPlan::stored($document);
            }
            $faults = ($document['format'] ?? null) === TrialFile::FORMAT
                ? SchemaFile::faults(BoundedJson::asObject($text), 'trial-1')
                : [];

            return $faults === []
                ? TrialFile::read($document)
                : throw Refused::whole('file', implode(' ', $faults));
        } catch (Refused $refused) {
            throw ValidationException::withMessages([
                'file' => 'This file is no trial of Ithys: '.implode(' ', $refused->problems),
            ]);
        }
    }

    /**
     * The second of two tanks, which the keeper may change too; null for a trial in one.
     *
     * @throws ValidationException
     */
    public function other(System $system, User $keeper, TankPlan $plan): ?System
    {
        if ($plan->form !== Form::Paired) {
            return null;
        }
        $id = $this->input('other');
        // A file does not know the tanks: of two there is one choice.
        $all = $id === null ? $keeper->systems()->where('systems.id', '<>', $system->id)->get() : collect();
        $other = match (true) {
            is_numeric($id) => $keeper->systems()->find((int) $id),
            default => $all->count() === 1 ? $all->first() : null,
        };

        return $other instanceof System && ! $other->is($system) && $keeper->can('design', $other)
            ? $other
            : throw ValidationException::withMessages(['other' => 'Choose a second tank of yours.']);
    }

    /**
     * As they are typed in the sheet.
     *
     * @return list<array{parameter: string, unit: string, day: string, text: string}>
     */
    public function cells(): array
    {
        $typed = $this->input('cells');
        $cells = [];
        foreach (is_array($typed) ? $typed : [] as $place => $text) {
            [$parameter, $unit, $day] = [...explode(' ', (string) $place, 3), '', ''];
            $cells[] = [
                'parameter' => $parameter,
                'unit' => $unit,
                'day' => $day,
                'text' => $text === null || is_scalar($text) ? (string) $text : '?',
            ];
        }

        return $cells;
    }

    /**
     * @return list<array{parameter: string, unit: string, day: string, text: string}>
     *
     * @throws ValidationException with a sentence at "table"
     */
    public function table(): array
    {
        $table = $this->input('table');

        return self::orSay(static fn (): array => SheetTable::read(is_string($table) ? $table : ''));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     *
     * @throws ValidationException with what was refused
     */
    public static function orSay(callable $make): mixed
    {
        try {
            return $make();
        } catch (Refused $refused) {
            throw ValidationException::withMessages($refused->problems);
        }
    }

    /**
     * What changes and why; where the feed changes, with its nitrogen, mg a day for each unit.
     *
     * @return array{text: string, nitrogen?: float}
     *
     * @throws ValidationException
     */
    public function amendment(): array
    {
        $text = $this->input('text');
        $text = is_string($text) ? trim($text) : '';
        $nitrogen = self::orSay(function (): ?float {
            $reader = Reader::typed(['nitrogen' => $this->input('nitrogen')], UnitSystem::Metric);
            $figure = $reader->figure(TrialFeed::fields()['nitrogenMgPerDay']->called('nitrogen'));
            $reader->close();

            return $figure;
        });

        return $text !== '' && mb_strlen($text) <= self::LONGEST
            ? ['text' => $text, ...$nitrogen === null ? [] : ['nitrogen' => $nitrogen]]
            : throw ValidationException::withMessages([
                'text' => 'Write what changes and why, in at most '.self::LONGEST.' characters.',
            ]);
    }

    /**
     * Lines of what was learned.
     *
     * @return list<string>
     *
     * @throws ValidationException
     */
    public function lessons(): array
    {
        $text = $this->input('text');
        $lines = array_values(array_filter(
            array_map(trim(...), explode("\n", is_string($text) ? $text : '')),
            static fn (string $one): bool => $one !== '',
        ));
        if (count($lines) > self::MOST_LESSONS || max([0, ...array_map(mb_strlen(...), $lines)]) > self::LONGEST) {
            throw ValidationException::withMessages([
                'text' => 'Write at most '.self::MOST_LESSONS.' lines of at most '.self::LONGEST.' characters.',
            ]);
        }

        return $lines;
    }

    /**
     * The day of the trial on which something was switched, between the switches around it.
     *
     * @param  int  $planned  day of the switch
     *
     * @throws ValidationException
     */
    public function switchedOn(Trial $trial, int $planned, DateTimeImmutable $now): int
    {
        $window = $trial->lot()->window($planned, $trial->day($now) ?? -1)
            ?? throw ValidationException::withMessages(['day' => 'Nothing is switched on this day.']);
        [$least, $most] = $window;
        $typed = $this->input('day');
        $isDate = is_string($typed) && DateTimeImmutable::createFromFormat('!Y-m-d', $typed) !== false;
        $day = $isDate && $trial->started !== null ? $trial->dayOf($typed) : null;
        $written = static fn (int $of): string => CalendarDay::midnight($of + ($trial->firstDay() ?? 0))
            ->format('Y-m-d');

        return match (true) {
            $most < $least => throw ValidationException::withMessages([
                'day' => 'This switch has not come yet: the one before it comes first.',
            ]),
            $day === null || $day < $least || $day > $most => throw ValidationException::withMessages([
                'day' => "Give a day from {$written($least)} to {$written($most)}.",
            ]),
            default => $day,
        };
    }
}
