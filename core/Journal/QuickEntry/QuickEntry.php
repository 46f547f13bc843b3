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
use Ithys\Journal\Reading\Reading;
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

    /** @var list<Problem> */
    private array $problems = [];

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
            try {
                $understood = $this->tryRules($tokens);
            } catch (InvalidEntry|InvalidQuantity $invalid) {
                $tokens->position = max($tokens->position, $start + 1);
                $says = $invalid instanceof InvalidEntry ? $this->words->say($invalid->says) : $invalid->getMessage();
                $this->problems[] = new Problem($says, $from, $this->endBefore($tokens));

                continue;
            }
            $to = $this->endBefore($tokens);
            if (! $understood) {
                continue;
            }
            foreach (array_slice($this->draft->payloads, $known) as [$payload]) {
                $tone = $payload instanceof Reading ? $payload->parameter->value : $payload->kind()->key();
                $this->chips[] = new Chip($tone, $this->words->say($payload->summary()), $from, $to);
            }
            $isWhen
                = $known === count($this->draft->payloads)
                && $tokens->at($start)?->word !== 'cloudy'
                && $tokens->at($start)?->word !== 'and';
            $whenSpan = $isWhen ? [$whenSpan[0] ?? $from, $to] : $whenSpan;
        }

        return $this->conclude($whenSpan);
    }

    private function tryRules(Tokens $tokens): bool
    {
        if ($tokens->take('and', '+', '&')) {
            return true;
        }
        foreach (self::rules() as $rule) {
            if ($rule->read($tokens, $this->draft, $this->context)) {
                return true;
            }
        }
        $token = $tokens->peek();
        $tokens->position++;
        // A figure behind a word that is not known belongs to it: one complaint, not two.
        if ($token !== null && ! is_numeric($token->text) && is_numeric($tokens->peek()->text ?? '')) {
            $tokens->position++;
        }
        if ($token !== null) {
            $this->problems[] = new Problem($this->unknownWord($token), $token->start, $this->endBefore($tokens));
        }

        return false;
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
        $payloads = array_column($this->draft->payloads, 0);
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
        $entries = [];
        foreach ($moments as $moment) {
            foreach ($payloads as $payload) {
                $entries[] = new Entry($moment, $payload);
            }
        }

        return new Understood(
            $entries,
            $this->chips,
            $this->problems,
            array_values(
                array_filter(array_map(static fn (Payload $payload): ?string => $payload->caution(), $payloads)),
            ),
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
                if (
                    $distance <= 2
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
