<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Refused;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;

/** The one door through which readings come into the sheet of a trial: all of them, or none. */
final readonly class CellDoor
{
    /**
     * @param  array<string, int>  $placed  arm by unit
     * @param  int  $today  day of the trial
     */
    public function __construct(private TrialPlan $plan, private array $placed, private int $today)
    {
    }

    /** The planned day that is read now: the last one that has come; null before the start. */
    public function day(): ?int
    {
        $come = array_filter($this->plan->setup->days(), fn (int $day): bool => $day <= $this->today);

        return $come === [] ? null : max($come);
    }

    /**
     * @param  list<array{parameter: string, unit: string, day: string, text: string}>  $typed  an empty parameter is
     *   the first of the plan
     * @return list<array{parameter: string, unit: string, day: int, cell: string}> an empty cell is taken out
     *
     * @throws Refused with a sentence at each "cells.no3 U1 7"
     */
    public function take(array $typed): array
    {
        [$cells, $problems] = [[], []];
        foreach ($typed as $one) {
            $unit = mb_strtoupper(trim($one['unit']));
            [$parameter, $basis] = $this->parameter($one['parameter']);
            $place = trim("{$one['parameter']} {$unit} {$one['day']}");
            $text = trim($one['text']);
            // The same cell, whatever word its parameter is typed by.
            $cell = "{$parameter?->value} {$unit} {$one['day']}";
            $sentence = match (true) {
                $parameter === null => "{$place}: the plan does not read “{$one['parameter']}”.",
                ! isset($this->placed[$unit]) => "There is no unit “{$unit}” in the plan. It has "
                    .implode(', ', array_keys($this->placed)).'.',
                ! $this->isPlanned($one['day']) => "Day “{$one['day']}” is not in the plan. It is read on days "
                    .self::listed($this->plan->setup->days()).'.',
                (int) $one['day'] > $this->today => "Day {$one['day']} has not come yet: today is day {$this->today}.",
                isset($cells[$cell]) => "{$unit} stands twice on day {$one['day']}. Leave one of the two.",
                default => null,
            };
            if ($parameter === null || $sentence !== null) {
                $problems["cells.{$place}"] = (string) $sentence;

                continue;
            }
            try {
                $cells[$cell] = [
                    'parameter' => $parameter->value,
                    'unit' => $unit,
                    'day' => (int) $one['day'],
                    'cell' => $text === '' ? '' : TrialReading::typed($text, $parameter, $basis)->text(),
                ];
            } catch (InvalidEntry $invalid) {
                $problems["cells.{$place}"] = "{$unit}, day {$one['day']}: {$invalid->getMessage()}";
            }
        }

        return $problems === [] ? array_values($cells) : throw Refused::places($problems);
    }

    private function isPlanned(string $day): bool
    {
        return ctype_digit($day) && in_array((int) $day, $this->plan->setup->days(), true);
    }

    /** @return array{?Parameter, Basis} the parameter, null where the plan does not read it, and its basis */
    private function parameter(string $word): array
    {
        [$parameter, $basis] = $word === ''
            ? [$this->plan->reads[0]->parameter, Basis::Ion]
            : Parameter::fromWord($word) ?? [null, Basis::Ion];

        return [$parameter === null || $this->plan->reading($parameter) === null ? null : $parameter, $basis];
    }

    /** @param  list<int>  $days */
    private static function listed(array $days): string
    {
        return count($days) <= 6
            ? implode(', ', $days)
            : implode(', ', array_slice($days, 0, 4)).' and so on to '.$days[count($days) - 1];
    }
}
