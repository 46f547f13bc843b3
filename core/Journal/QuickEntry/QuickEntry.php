<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\LocalMoment;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ParameterUnit;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Table\Column;
use Ithys\Journal\Table\Layout;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Words;

/**
 * The one-line log: reads "no3 8.5 po4 0.06 cloudy yesterday 20:15" into journal entries.
 *
 * Every word is either understood, and said back as a chip, or pointed at; none is dropped.
 */
final class QuickEntry
{
    /** What is repeated is written out entry by entry, so many at the most: a year of every other day. */
    private const MOST_TIMES = 200;

    /** @var list<Chip> */
    private array $chips = [];

    /** Words that join others and say nothing by themselves. */
    private const JOINING = [
        'the', 'a', 'of', 'my', 'i', 'we', 'did', 'then', 'also', 'about', 'around', 'tested',
        'measured', '-', '–', '·', '@',
    ];

    /** @var list<Problem> */
    private array $problems = [];

    /** @var list<Problem> what is saved only when the keeper is sure */
    private array $asked = [];

    /** @var list<array{int, int}> where words stand that were not understood */
    private array $unknown = [];

    /** @var array<int, array{int, int}> where each payload stands */
    private array $spans = [];

    private Draft $draft;

    private Words $words;

    private function __construct(private readonly string $line, private readonly Context $context)
    {
        $this->draft = new Draft;
        $this->words = new Words($context->units);
    }

    public static function read(string $line, Context $context): Understood
    {
        return (new self($line, $context))->understand();
    }

    /** @return list<Rule> in the order they are tried */
    private static function rules(): array
    {
        return [
            new RepeatRule,
            new WhenRule,
            new KitRule,
            ...array_merge(
                ...array_values(array_map(static fn (Kind $kind): array => $kind->phrases(), Kinds::all())),
            ),
        ];
    }

    private function understand(): Understood
    {
        if (mb_strlen($this->line) > 500) {
            return new Understood(
                [],
                [],
                [
                    new Problem(
                        'A line of more than 500 characters is too long for one log.',
                        500,
                        mb_strlen($this->line),
                    ),
                ],
                [],
            );
        }
        $tokens = Tokens::of($this->line, $this->context->units->gallon());
        $whenSpan = null;
        while ($tokens->peek() !== null) {
            $start = $tokens->position;
            $from = $tokens->peek()->start;
            $known = count($this->draft->payloads);
            $when = [$this->draft->date, $this->draft->time, $this->draft->repeat];
            try {
                $understood = $this->tryRules($tokens);
            } catch (InvalidEntry|InvalidQuantity $invalid) {
                $tokens->position = max($tokens->position, $start + 1);
                $this->object($invalid, $from, $this->endBefore($tokens));

                continue;
            }
            $to = $this->endBefore($tokens);
            if (! $understood) {
                continue;
            }
            foreach (array_slice($this->draft->payloads, $known, null, true) as $i => [$payload]) {
                $this->spans[$i] = [$from, $to];
                $this->askIfUnusual($payload, $from, $to);
            }
            $isWhen = $when !== [$this->draft->date, $this->draft->time, $this->draft->repeat];
            $whenSpan = $isWhen ? [$whenSpan[0] ?? $from, $to] : $whenSpan;
        }

        return $this->conclude($whenSpan);
    }

    private function tryRules(Tokens $tokens): bool
    {
        if ($tokens->take('and', '+', '&')) {
            return true;
        }
        if ($tokens->take('sure')) {
            if ($tokens->take('because', 'since', 'as')) {
                $this->draft->because = $tokens->rest();
            }

            return $this->draft->sure = true;
        }
        foreach (self::rules() as $rule) {
            if ($rule->read($tokens, $this->draft, $this->context)) {
                return true;
            }
        }
        if ($this->tryTurned($tokens)) {
            return true;
        }
        $token = $tokens->peek();
        $last = $this->unknown === [] ? null : $this->unknown[count($this->unknown) - 1];
        $isMore = $last !== null && $token !== null && trim(
            mb_substr($this->line, $last[1], $token->start - $last[1]),
            ' ,;',
        ) === '';
        if (! $isMore && $tokens->take(...self::JOINING)) {
            return true;
        }
        $tokens->position++;
        // A figure behind a word that is not known belongs to it: one complaint, not two.
        $isFigure = is_numeric($tokens->peek()->text ?? '') && ! $this->beginsMoment($tokens);
        if ($token !== null && ! is_numeric($token->text) && $isFigure) {
            $tokens->position++;
        }
        if ($token === null) {
            return false;
        }
        $to = $this->endBefore($tokens);
        if ($isMore) {
            // What stands together is one thing that was not understood.
            [$from] = array_pop($this->unknown);
            array_pop($this->problems);
            $words = mb_substr($this->line, $from, $to - $from);
            $this->problems[] = new Problem("“{$words}” was not understood here.", $from, $to);
        } else {
            $from = $token->start;
            $this->problems[] = new Problem($this->unknownWord($token), $from, $to);
        }
        $this->unknown[] = [$from, $to];

        return false;
    }

    /** Whether a figure here says when: "32 days ago", "4 mar". */
    private function beginsMoment(Tokens $tokens): bool
    {
        $start = $tokens->position;
        try {
            return (new WhenRule)->read($tokens, new Draft, $this->context);
        } catch (InvalidEntry) {
            return true;
        } finally {
            $tokens->position = $start;
        }
    }

    /** Whether the words here are an entry with its amount in front: "20 l water change", "2 frozen". */
    private function tryTurned(Tokens $tokens): bool
    {
        $amount = $tokens->amountWords();
        if ($amount === 0) {
            return false;
        }
        $from = $tokens->position;
        $tokens->position += $amount;
        $between = $tokens->take('of', 'a', 'the') ? 1 : 0;
        $tokens->position = $from;
        $isPaired = $this->isPaired($tokens);
        for ($words = 3; $words > 0; $words--) {
            $turned = $tokens->turned($amount, $between + $words);
            $turned->position += $between;
            // A figure among or behind the words is theirs: in "5 no3 8" nobody knows what the 5 is.
            $figures = $words === 1 && $isPaired ? [] : array_filter(
                [...range(0, $words - 1), $words + $amount],
                static fn (int $at): bool => preg_match('~^[<\~]?[\d.,]+$~', $turned->peek($at)->text ?? '') === 1,
            );
            if ($turned->peek($words - 1) === null || $figures !== []) {
                continue;
            }
            foreach (self::rules() as $rule) {
                if ($rule instanceof WhenRule || $rule instanceof RepeatRule || $rule instanceof KitRule) {
                    continue;
                }
                $draft = clone $this->draft;
                $at = $turned->position;
                try {
                    $isRead = $rule->read($turned, $draft, $this->context);
                } catch (InvalidEntry|InvalidQuantity $invalid) {
                    if ($turned->position < $from + $between + $words + $amount) {
                        $turned->position = $at;

                        continue;
                    }
                    $tokens->position = $turned->position;
                    throw $invalid;
                }
                if ($isRead && $turned->position >= $from + $between + $words + $amount) {
                    $this->draft = $draft;
                    $tokens->position = $turned->position;

                    return true;
                }
                $turned->position = $at;
            }
        }

        return false;
    }

    /** Whether each figure from here on stands before its name: "8.5 no3 0.06 po4". */
    private function isPaired(Tokens $tokens): bool
    {
        $from = $tokens->position;
        try {
            for ($pairs = 0; ($amount = $tokens->amountWords()) > 0; $pairs++) {
                $tokens->position += $amount;
                if (Parameter::fromWord($tokens->peek()->word ?? '') === null) {
                    return false;
                }
                $tokens->position++;
                while ($tokens->take('and', '+', '&')) {
                    continue;
                }
            }

            return $pairs > 1;
        } finally {
            $tokens->position = $from;
        }
    }

    private function object(InvalidEntry|InvalidQuantity $invalid, int $from, int $to): void
    {
        $isEntry = $invalid instanceof InvalidEntry;
        $this->problems[] = new Problem(
            $isEntry ? $this->words->say($invalid->says) : $invalid->getMessage(),
            $from,
            $to,
            array_map(
                fn (string $words): string => $this->with($words, $from, $to),
                $isEntry ? $invalid->instead : $this->gallons(mb_substr($this->line, $from, $to - $from)),
            ),
        );
    }

    /** @return list<string> the words with either gallon, where they have one that is not told apart */
    private function gallons(string $words): array
    {
        $with = static fn (string $gallon): string => (string) preg_replace(
            '~\b(?:gal|gals|gallons?)\b~i',
            $gallon,
            $words,
            1,
        );

        return $with('') === $words || preg_match('~\b(?:us|imp|uk|imperial)\b~i', $words) === 1
            ? []
            : [$with('US gal'), $with('imp gal')];
    }

    /** What is far from what tanks have or are given is asked about, unless the keeper says that it is so. */
    private function askIfUnusual(Payload $payload, int $from, int $to): void
    {
        $says = $payload->unusual($this->context->workingLitres);
        if ($says === null) {
            return;
        }
        $written = mb_substr($this->line, $from, $to - $from);
        $instead = [];
        if ($payload instanceof Reading && preg_match('~[\d.,]$~', $written) === 1) {
            foreach ((Column::of(0, $payload->parameter->value))->units() as $unit) {
                $base = ParameterUnit::parse($unit, $payload->parameter)->base($payload->value);
                if (Layout::isUsual($payload->parameter, $base)) {
                    $instead[] = $this->with("{$written} {$unit}", $from, $to);
                }
            }
        }
        // Behind what is meant: at the end it would be part of a note.
        $instead[] = $this->with("{$written} sure", $from, $to);
        $this->asked[] = new Problem($this->words->say($says), $from, $to, $instead);
    }

    /** The line with other words at a place. */
    private function with(string $words, int $from, int $to): string
    {
        return mb_substr($this->line, 0, $from).$words.mb_substr($this->line, $to);
    }

    /** @return list<string> the line with what was not understood as a note, and all of it as one */
    private function asNote(): array
    {
        $whole = 'note '.trim($this->line);
        if ($this->unknown === []) {
            return [];
        }
        if ($this->draft->payloads === []) {
            return [$whole];
        }
        $rest = $this->line;
        $words = [];
        foreach (array_reverse($this->unknown) as [$from, $to]) {
            array_unshift($words, mb_substr($this->line, $from, $to - $from));
            $rest = mb_substr($rest, 0, $from).mb_substr($rest, $to);
        }

        return [trim((string) preg_replace('~\s+~', ' ', $rest), ' ,').' note '.implode(', ', $words), $whole];
    }

    private function endBefore(Tokens $tokens): int
    {
        return $tokens->at($tokens->position - 1)?->end() ?? mb_strlen($this->line);
    }

    /** @param  array{int, int}|null  $whenSpan */
    private function conclude(?array $whenSpan): Understood
    {
        try {
            $at = $this->moment();
        } catch (InvalidEntry $invalid) {
            $this->problems[] = new Problem(
                $invalid->getMessage(),
                $whenSpan[0] ?? 0,
                $whenSpan[1] ?? mb_strlen($this->line),
            );
            $at = $this->context->now;
        }
        if ($at > $this->context->now->modify('+5 minutes')) {
            $this->problems[] = new Problem(
                InvalidEntry::notYet()->getMessage(),
                $whenSpan[0] ?? 0,
                $whenSpan[1] ?? mb_strlen($this->line),
            );
        }
        $moments = $this->moments($at, $whenSpan);
        $kit = $this->draft->kit;
        $payloads = array_map(
            static fn (array $of): Payload => $kit !== null && $of[0] instanceof Reading ? $of[0]->by($kit) : $of[0],
            $this->draft->payloads,
        );
        foreach ($payloads as $i => $payload) {
            $tone = $payload instanceof Reading ? $payload->parameter->value : $payload->kind()->key();
            [$from, $to] = $this->spans[$i] ?? [0, 0];
            $this->chips[] = new Chip($tone, $this->words->say($payload->summary()), $from, $to);
        }
        $this->problems = [...$this->problems, ...$this->draft->sure ? [] : $this->asked];
        $readings = array_filter($payloads, static fn (Payload $payload): bool => $payload instanceof Reading);
        if ($kit !== null && $readings === []) {
            $this->problems[] = new Problem(
                '“kit” goes with a reading, such as “no3 8.5 kit drops”.',
                0,
                mb_strlen($this->line),
            );
        }
        if ($this->draft->cloudy) {
            $cloudy = array_map(
                static fn ($payload) => $payload instanceof Reading ? $payload->withCloudy() : $payload,
                $payloads,
            );
            $start = mb_stripos($this->line, 'cloudy') ?: 0;
            if ($cloudy == $payloads) {
                $this->problems[] = new Problem(
                    '“cloudy” goes with a reading, such as “no3 8.5 cloudy”.',
                    $start,
                    $start + 6,
                );
            } else {
                $this->chips[] = new Chip('cloudy', 'cloudy', $start, $start + 6);
            }
            $payloads = $cloudy;
        }
        if ($payloads !== []) {
            $last = $moments[count($moments) - 1];
            $this->chips[] = new Chip(
                'when',
                count($moments) === 1
                    ? $this->written($at, 'D j M H:i')
                    : sprintf(
                        '%d times, %s to %s',
                        count($moments),
                        $this->written($at, 'j M'),
                        $this->written($last, 'j M'),
                    ),
                $whenSpan[0] ?? 0,
                $whenSpan[1] ?? 0,
            );
        } elseif ($this->problems === [] && trim($this->line) !== '') {
            $this->problems[] = new Problem(
                'Say what was read or done, such as “no3 8.5” or “sock changed”.',
                0,
                mb_strlen($this->line),
            );
        }
        $because = $this->draft->because === '' ? null : $this->draft->because;
        $entries = [];
        foreach ($moments as $moment) {
            foreach ($payloads as $payload) {
                $entries[] = new Entry($moment, $payload, note: $because);
            }
        }

        $asNote = $this->asNote();
        $isFirst = true;
        foreach ($this->problems as $i => $problem) {
            if ($isFirst && in_array([$problem->start, $problem->end], $this->unknown, true)) {
                $instead = [...$problem->instead, ...$asNote];
                $this->problems[$i] = new Problem($problem->sentence, $problem->start, $problem->end, $instead);
                $isFirst = false;
            }
        }

        return new Understood(
            $entries,
            $this->chips,
            $this->problems,
            array_values(
                array_filter(array_map(static fn (Payload $payload): ?string => $payload->caution(), $payloads)),
            ),
            $because,
        );
    }

    private function written(DateTimeImmutable $at, string $format): string
    {
        return $at->format($format).($at->format('Y') === $this->context->now->format('Y') ? '' : $at->format(' Y'));
    }

    /**
     * The moment meant and, of what is repeated, all that follow up to the last day.
     *
     * @param  array{int, int}|null  $whenSpan
     * @return non-empty-list<DateTimeImmutable>
     */
    private function moments(DateTimeImmutable $at, ?array $whenSpan): array
    {
        $repeat = $this->draft->repeat;
        if ($repeat === null) {
            return [$at];
        }
        $end = LocalMoment::day($repeat->until, $at->getTimezone())->modify('+1 day');
        $moments = [];
        for ($n = 0; $n <= self::MOST_TIMES; $n++) {
            $moment = $at->modify('+'.(int) round($n * $repeat->days * 1440).' minutes');
            // A day is a day when the clocks change too.
            $moment = fmod($n * $repeat->days, 1.0) === 0.0
                ? $at->modify('+'.(int) ($n * $repeat->days).' days')
                : $moment;
            if ($moment >= $end) {
                break;
            }
            // Of today, what is not yet noon is now, as with a single day.
            $now = $this->context->now;
            $isToday = $this->draft->time === null && $moment->format('Y-m-d') === $now->format('Y-m-d');
            $moments[] = $isToday && $moment > $now
                ? $now->setTime((int) $now->format('H'), (int) $now->format('i'))
                : $moment;
        }
        try {
            foreach ($this->draft->payloads as [$payload]) {
                if ($payload->kind()->lever() === null) {
                    throw InvalidEntry::notRepeated($this->words->say($payload->summary()));
                }
            }
            if ($moments === []) {
                throw InvalidEntry::repeatEndsFirst();
            }
            if (count($moments) > self::MOST_TIMES) {
                throw InvalidEntry::tooManyTimes(count($moments), self::MOST_TIMES);
            }
            if ($moments[count($moments) - 1] > $this->context->now->modify('+5 minutes')) {
                throw InvalidEntry::notYet();
            }
        } catch (InvalidEntry $invalid) {
            $this->problems[] = new Problem(
                $invalid->getMessage(),
                $whenSpan[0] ?? 0,
                $whenSpan[1] ?? mb_strlen($this->line),
            );

            return [$at];
        }

        return $moments;
    }

    /**
     * The moment meant: now, or a named day at its named time; a day without a time means noon, or now when noon is
     * still to come.
     *
     * @throws InvalidEntry
     */
    private function moment(): DateTimeImmutable
    {
        $now = $this->context->now;
        $minute = $now->setTime((int) $now->format('H'), (int) $now->format('i'));
        if ($this->draft->date === null && $this->draft->time === null) {
            return $minute;
        }
        $today = $now->format('Y-m-d');
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->draft->date ?? $today));
        if ($this->draft->time === null) {
            $noon = LocalMoment::plain($year, $month, $day, 12, 0, $now->getTimezone());

            return $this->draft->date === $today && $noon > $now ? $minute : $noon;
        }
        [$hour, $clockMinute, $offset] = $this->draft->time;

        return $offset === ''
            ? LocalMoment::at($year, $month, $day, $hour, $clockMinute, $now->getTimezone())
            : LocalMoment::plain($year, $month, $day, $hour, $clockMinute, new DateTimeZone($offset))->setTimezone(
                $now->getTimezone(),
            );
    }

    private function unknownWord(Token $token): string
    {
        $best = null;
        foreach (self::rules() as $rule) {
            foreach ($rule->words() as $word) {
                $distance = levenshtein($token->word, $word);
                // Short words that differ by two letters are other words.
                if (
                    $distance > 0
                    && $distance <= (mb_strlen($word) > 5 ? 2 : 1)
                    && $distance < mb_strlen($token->word) - 1
                    && ($best === null || $distance < $best[1])
                ) {
                    $best = [$word, $distance];
                }
            }
        }

        return "“{$token->text}” was not understood here.".($best === null ? '' : " Did you mean “{$best[0]}”?");
    }
}
