<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\InvalidEntry;

/** "yesterday", "3 days ago 20:15", "2026-03-04", "2026-10-25 02:30+01:00". */
final class WhenRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $word = $tokens->peek()->word ?? '';
        if (in_array($word, ['today', 'yesterday'], true)) {
            $tokens->position++;
            $draft->setDate($context->now->modify($word)->format('Y-m-d'));

            return true;
        }
        if (preg_match('~^(\d{1,2}):(\d{2})([+-](?:0\d|1[0-4]):[0-5]\d)?$~', $word, $time) === 1) {
            $tokens->position++;
            [$hour, $minute] = [(int) $time[1], (int) $time[2]];
            if ($hour > 23 || $minute > 59) {
                throw InvalidEntry::noSuchTime($word);
            }
            $draft->setTime($hour, $minute, $time[3] ?? '');

            return true;
        }
        if (preg_match('~^(\d{4})-(\d{1,2})-(\d{1,2})$~', $word, $date) === 1) {
            $tokens->position++;
            if (! checkdate((int) $date[2], (int) $date[3], (int) $date[1])) {
                throw InvalidEntry::noSuchDate($word);
            }
            $draft->setDate(sprintf('%s-%02d-%02d', $date[1], $date[2], $date[3]));

            return true;
        }
        if (preg_match('~^\d{1,2}[./]\d{1,2}[./]\d{2,4}$~', $word) === 1) {
            $tokens->position++;
            throw InvalidEntry::ambiguousDate($word);
        }

        return $this->readAgo($tokens, $draft, $context);
    }

    public function words(): array
    {
        return ['today', 'yesterday'];
    }

    private function readAgo(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $count = $tokens->peek()->text ?? '';
        $unit = rtrim($tokens->peek(1)->word ?? '', 's');
        if (
            ! ctype_digit($count)
            || strlen($count) > 4
            || ! in_array($unit, ['day', 'week', 'hour'], true)
            || $tokens->peek(2)?->word !== 'ago'
        ) {
            return false;
        }
        $tokens->position += 3;
        $then = $context->now->modify("-{$count} {$unit}");
        $draft->setDate($then->format('Y-m-d'));
        if ($unit === 'hour') {
            $draft->setTime((int) $then->format('H'), (int) $then->format('i'), $then->format('P'));
        }

        return true;
    }
}
