<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Journal\Reading\Parameter;

/** "trial stones no3 U1 12 U2 14": readings of a trial as one line of the log. */
final readonly class TrialLine
{
    /** What may follow a unit and its figure. */
    private const UNIT = '~\b(U\d{1,2})\s*[:=]?\s*'
        .'(<?\s*\d+(?:[.,]\d+)?(?:\s+cloudy)?|missing\b[:,]?(?:(?!\bU\d).)*|died)~iu';

    /**
     * @param  string  $which  words of the question or the arms; empty where it is the only one
     * @param  list<array{parameter: string, unit: string, day: string, text: string, start: int, end: int}>  $cells
     *   with the characters they were read from; an empty day is the one that is read now
     * @param  ?array{int, int}  $rest  characters that say nothing
     */
    private function __construct(public string $which, public array $cells, public ?array $rest)
    {
    }

    /** Null for a line that is none of a trial. */
    public static function read(string $line): ?self
    {
        if (preg_match('~^\s*trial\b~iu', $line, $start) !== 1) {
            return null;
        }
        preg_match_all(self::UNIT, $line, $units, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        $first = $units[0][0][1] ?? strlen($line);
        $head = trim(substr($line, strlen($start[0]), $first - strlen($start[0])));
        $day = preg_match('~\bday\s+(\d+)~iu', $head, $said) === 1 ? $said[1] : '';
        $words = preg_split('~\s+~u', trim((string) preg_replace('~\bday\s+\d+~iu', '', $head))) ?: [];
        $parameter = '';
        $last = (string) end($words);
        if ($last !== '' && Parameter::fromWord($last) !== null) {
            $parameter = $last;
            array_pop($words);
        }

        return new self(
            trim(implode(' ', $words)),
            array_map(static fn (array $one): array => [
                'parameter' => $parameter,
                'unit' => $one[1][0],
                'day' => $day,
                'text' => trim($one[2][0], " ,\t"),
                'start' => mb_strlen(substr($line, 0, $one[0][1])),
                'end' => mb_strlen(substr($line, 0, $one[0][1] + strlen(rtrim($one[0][0])))),
            ], $units),
            self::rest($line, $first, $units),
        );
    }

    /** Whether it may be of a trial with that question and these arms. */
    public function isOf(TrialPlan $plan): bool
    {
        $told = mb_strtolower($plan->question.' '.implode(' ', $plan->arms));
        foreach (preg_split('~\s+~u', mb_strtolower($this->which), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (! str_contains($told, $word)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<array<array-key, array{string, int}>>  $units
     * @return ?array{int, int} the first characters after the first unit that are no reading
     */
    private static function rest(string $line, int $first, array $units): ?array
    {
        $at = $first;
        foreach ($units as $one) {
            $between = substr($line, $at, $one[0][1] - $at);
            if (trim($between, " ,;\t") !== '') {
                break;
            }
            $at = $one[0][1] + strlen($one[0][0]);
        }
        $rest = substr($line, $at);
        $next = preg_match(self::UNIT, $rest, $found, PREG_OFFSET_CAPTURE) === 1 ? $found[0][1] : strlen($rest);
        $words = substr($rest, 0, $next);
        if (trim($words, " ,;\t") === '') {
            return null;
        }
        $lead = strlen($words) - strlen(ltrim($words, " ,;\t"));

        return [
            mb_strlen(substr($line, 0, $at + $lead)),
            mb_strlen(substr($line, 0, $at + strlen(rtrim($words)))),
        ];
    }
}
