<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\InvalidEntry;

/** "weekly from 2026-04-01 to 2026-06-01", "every 3 days from 2026-09-01 to today". */
final class RepeatRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $days = $this->interval($tokens) ?? ($tokens->peek()?->word === 'from' ? $draft->each : null);
        if ($days === null) {
            return false;
        }
        $from = $tokens->take('from', 'since') ? $this->day($tokens, $context) : null;
        $to = $from !== null && $tokens->take('to', 'until', 'till') ? $this->day($tokens, $context) : null;
        if ($from === null || $to === null) {
            throw InvalidEntry::repeatWithoutDays();
        }
        $draft->setDate($from);
        $draft->repeat = new Repeat($days, $to);

        return true;
    }

    public function words(): array
    {
        return ['weekly', 'daily', 'every'];
    }

    private function interval(Tokens $tokens): ?float
    {
        if ($tokens->take('weekly')) {
            return 7.0;
        }
        if ($tokens->take('daily')) {
            return 1.0;
        }
        $count = str_replace(',', '.', $tokens->peek(1)->text ?? '');
        $unit = rtrim($tokens->peek(2)->word ?? '', 's');
        $next = $tokens->peek(1)->word ?? '';
        if ($tokens->peek()?->word === 'every' && in_array($next, ['day', 'week'], true)) {
            $days = $next === 'week' ? 7.0 : 1.0;
            $tokens->position += 2;

            return $days;
        }
        if (
            $tokens->peek()?->word !== 'every'
            || preg_match('~^\d{1,3}(\.\d{1,2})?$~', $count) !== 1
            || ! in_array($unit, ['day', 'week'], true)
            || (float) $count <= 0.0
        ) {
            return null;
        }
        $tokens->position += 3;

        return (float) $count * ($unit === 'week' ? 7 : 1);
    }

    private function day(Tokens $tokens, Context $context): ?string
    {
        $word = $tokens->peek()->word ?? '';
        if ($word === 'today' || $word === 'yesterday') {
            $tokens->position++;

            return $context->now->modify($word)->format('Y-m-d');
        }
        if (preg_match('~^(\d{4})-(\d{1,2})-(\d{1,2})$~', $word, $date) !== 1) {
            return null;
        }
        $tokens->position++;

        return checkdate((int) $date[2], (int) $date[3], (int) $date[1])
            ? sprintf('%s-%02d-%02d', $date[1], $date[2], $date[3])
            : throw InvalidEntry::noSuchDate($word);
    }
}
