<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\Words;

/** A page of the journal as a table, newest first, with what is searched for. */
final readonly class JournalTableView
{
    public const ON_A_PAGE = 100;

    private const REMEMBERED = 2000;

    private const TIME = 'mon|tue|wed|thu|fri|sat|sun|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec';

    /**
     * @return array{rows: list<array<string, mixed>>, found: int, all: int, page: int, pages: int, words: string}
     */
    public static function of(
        System $system,
        User $keeper,
        string $range,
        string $words,
        int $page,
        DateTimeImmutable $now,
    ): array {
        [$from, $to] = TideSheet::span($system, $range, $now);
        $rows = (new Journal($system))->within($from, $to);
        $all = $rows->count();
        $newest = $rows->orderByDesc('occurred_at')->orderByDesc('id')
            ->select(['id', 'kind', 'occurred_at', 'payload', 'note']);
        $sought = array_values(array_filter(explode(' ', mb_strtolower($words))));
        $said = [];
        $line = static function (object $row) use ($keeper, &$said): array {
            /** @var object{id: int, kind: string, occurred_at: string, payload: string, note: ?string} $row */
            // A probe says the same thing again and again.
            $said = count($said) < self::REMEMBERED ? $said : [];
            $what = $said["{$row->kind} {$row->payload}"]
                ??= self::said(Journal::toEntry($row)->payload, $keeper->words());

            return [
                'id' => $row->id,
                't' => Journal::moment($row->occurred_at)->getTimestamp(),
                ...$what,
                'more' => implode(', ', array_filter([$what['more'], $row->note])),
            ];
        };
        if ($sought === []) {
            $page = max(1, min($page, (int) ceil($all / self::ON_A_PAGE)));

            return [
                'rows' => array_values(
                    $newest->forPage($page, self::ON_A_PAGE)->get()->map($line)->all(),
                ),
                'found' => $all,
                ...self::paged($all, $all, $page, $words),
            ];
        }
        [$found, $shown] = self::search($newest->cursor()->map($line), $sought, $keeper, $page);

        return ['rows' => $shown, 'found' => $found, ...self::paged($found, $all, $page, $words)];
    }

    /** @return array{all: int, page: int, pages: int, words: string} */
    private static function paged(int $found, int $all, int $page, string $words): array
    {
        return [
            'all' => $all,
            'page' => $page,
            'pages' => max(1, (int) ceil($found / self::ON_A_PAGE)),
            'words' => $words,
        ];
    }

    /**
     * @param  iterable<array{id: int, t: int, what: string, figure: string, more: string}>  $lines
     * @param  list<string>  $sought
     * @return array{int, list<array<string, mixed>>} how many there are, and those of the page
     */
    private static function search(iterable $lines, array $sought, User $keeper, int $page): array
    {
        $found = 0;
        $shown = [];
        $zone = $keeper->zone();
        // Days are written out only for who may seek one.
        $isOfTime = preg_match('~\d|'.self::TIME.'~', implode(' ', $sought)) === 1;
        foreach ($lines as $line) {
            $moment = $isOfTime
                ? (new DateTimeImmutable("@{$line['t']}"))->setTimezone($zone)->format('D j M Y H:i')
                : '';
            $text = mb_strtolower("{$moment} {$line['what']} {$line['figure']} {$line['more']}");
            foreach ($sought as $word) {
                if (! str_contains($text, $word)) {
                    continue 2;
                }
            }
            $shown = intdiv($found++, self::ON_A_PAGE) === $page - 1 ? [...$shown, $line] : $shown;
        }

        return [$found, $shown];
    }

    /** @return array{what: string, figure: string, more: string} */
    private static function said(Payload $payload, Words $words): array
    {
        // A no-break space is typed by nobody who searches.
        $say = static fn (Text|Quantity $text): string => str_replace("\u{00A0}", ' ', $words->say($text));

        return $payload instanceof Reading
            ? [
                'what' => ucfirst($payload->parameter->label()),
                'figure' => ($payload->belowLimit ? '<' : '').$say($payload->level()),
                'more' => implode(', ', array_filter([$payload->method, $payload->cloudy ? 'cloudy' : null])),
            ]
            : ['what' => $say($payload->summary()), 'figure' => '', 'more' => ''];
    }
}
