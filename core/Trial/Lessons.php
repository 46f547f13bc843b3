<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Statistics\Welch;

/** What went wrong in a trial, as its sheet tells it: what the next plan starts from. */
final readonly class Lessons
{
    /** Times that units scatter more than was expected, or less, from which it is told. */
    private const OTHER = 1.5;

    /** @param  array<string, int>  $placed  arm by unit */
    public function __construct(private TrialPlan $plan, private array $placed, private Sheet $sheet)
    {
    }

    /**
     * @param  int  $amendments  changes of the plan on the way
     * @param  int  $today  day of the trial
     * @return list<Text>
     */
    public function all(int $amendments, int $today): array
    {
        return [
            ...$this->missing(),
            ...$this->unread($today),
            ...$this->lost($today),
            ...array_merge(...array_map($this->scattered(...), $this->plan->reads)),
            ...$this->cloudy(),
            ...$amendments === 0 ? [] : [Text::of(
                'The plan was changed {times} on the way.',
                times: self::times($amendments),
            )],
        ];
    }

    /**
     * By how much units of an arm really differed at the end, standard deviation; null where too few tell.
     */
    public function scatter(TrialRead $read): ?float
    {
        $ends = [];
        foreach ($this->placed as $unit => $arm) {
            $end = $this->sheet->end($this->plan, $read->parameter, $unit);
            $end === null || $ends[$arm][] = $end;
        }
        $squares = $freedom = 0.0;
        foreach ($ends as $arm) {
            $squares += count($arm) < 2 ? 0.0 : (count($arm) - 1) * Welch::variance($arm);
            $freedom += count($arm) - 1;
        }

        return $freedom < 2.0 ? null : sqrt($squares / $freedom);
    }

    /** @return list<Text> */
    private function missing(): array
    {
        $reasons = array_filter(array_map(
            static fn (TrialReading $one): string => $one->missing,
            $this->sheet->all(),
        ));
        $found = [];
        foreach (array_count_values($reasons) as $reason => $count) {
            $found[] = Text::of('{n}: {reason}.', n: self::readings($count).' missing', reason: (string) $reason);
        }

        return $found;
    }

    /** @return list<Text> */
    private function unread(int $today): array
    {
        $count = 0;
        foreach ($this->plan->setup->days() as $day) {
            // What is due today can still be read.
            foreach ($day < $today ? $this->plan->reads : [] as $read) {
                foreach (array_keys($this->placed) as $unit) {
                    $count += $this->sheet->at($read->parameter, $unit, $day) === null ? 1 : 0;
                }
            }
        }

        return $count === 0 ? [] : [Text::of('{n} not taken, with no reason.', n: self::readings($count))];
    }

    /** @return list<Text> units that were not read to the end */
    private function lost(int $today): array
    {
        if ($today < $this->plan->setup->lastDay()) {
            return [];
        }
        $lost = array_filter(
            array_keys($this->placed),
            fn (string $unit): bool => array_filter($this->plan->reads, fn (TrialRead $read): bool => $this->sheet->end(
                $this->plan,
                $read->parameter,
                $unit,
            ) === null) !== [],
        );

        return $lost === [] ? [] : [Text::of(
            'Not read to the end: {units}. Plan a spare unit per arm.',
            units: implode(', ', $lost),
        )];
    }

    /** @return list<Text> */
    private function scattered(TrialRead $read): array
    {
        $seen = $this->scatter($read);
        $planned = $read->scatter->whole();
        if ($seen === null || $seen < $planned * self::OTHER && $seen > $planned / self::OTHER) {
            return [];
        }
        $size = static fn (float $one): Quantity => Quantity::base(
            Quantity::significant($one, 2),
            $read->parameter->dimension(),
        );

        return [Text::of(
            '{parameter!}: units of an arm differed by {seen}, not by {planned} as planned.',
            parameter: $read->parameter->label(),
            seen: $size($seen),
            planned: $size($read->scatter->units),
        )];
    }

    /** @return list<Text> */
    private function cloudy(): array
    {
        $count = count(array_filter($this->sheet->all(), static fn (TrialReading $one): bool => $one->isCloudy));

        return $count === 0 ? [] : [Text::of(
            '{n} in cloudy water: bacteria hold nutrients then. Wait for clear water before the last day.',
            n: self::readings($count),
        )];
    }

    private static function readings(int $count): string
    {
        return $count === 1 ? '1 reading' : "{$count} readings";
    }

    private static function times(int $count): string
    {
        return $count === 1 ? 'once' : "{$count} times";
    }
}
