<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;
use Ithys\Trial\Judgement;
use Ithys\Trial\Pair;
use Ithys\Trial\Sheet;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialRead;

/** The report of a trial as one drawing in SVG 1.1: its question, what it shows, and the curve of each unit. */
final readonly class TrialSvg
{
    private const WIDTH = 800.0;

    private const LEFT = 56.0;

    private const PLOT = 260.0;

    private const LINE = 18.0;

    /** Characters of a line of text. */
    private const WRAP = 105;

    /** Colour and dash of each arm, so that colour is never alone. */
    private const STROKES = [['#55606b', ''], ['#1f6f54', '6 3'], ['#1b4f8a', '2 3'], ['#20262c', '8 3 2 3']];

    private const HIDDEN = ['#20262c', ''];

    /** @param  ?array<string, int>  $placed  arm by unit; null while it is hidden */
    public function __construct(
        private TrialPlan $plan,
        private ?array $placed,
        private Sheet $sheet,
        private Judgement $judged,
        private Words $words,
    ) {
    }

    /** @param  list<string>  $units  in order */
    public function write(array $units): string
    {
        $parts = [];
        $y = 34.0;
        $parts[] = self::text(24, $y, $this->plan->question, 'font-size="20" font-weight="bold"');
        foreach (self::wrapped($this->words->say($this->judged->says())) as $line) {
            $parts[] = self::text(24, $y += self::LINE + 2, $line, 'font-size="14"');
        }
        $setup = $this->plan->setup;
        foreach (self::wrapped(sprintf(
            '%s. %d units per arm, read every %d days for %d weeks. Control: %s. Feed: %s.',
            implode(', ', $this->plan->arms),
            $setup->units,
            $setup->every,
            $setup->weeks,
            $this->plan->control,
            $this->plan->feed->what,
        )) as $line) {
            $parts[] = self::text(24, $y += self::LINE, $line, 'font-size="12" fill="#55606b"');
        }
        foreach ($this->placed === null ? [] : $this->plan->arms as $arm => $name) {
            [$colour, $dash] = self::STROKES[$arm];
            $y += self::LINE;
            $parts[] = sprintf(
                '<line x1="24" x2="64" y1="%1$.1F" y2="%1$.1F" stroke="%2$s" stroke-width="2"%3$s/>',
                $y - 4,
                $colour,
                self::dash($dash),
            );
            $parts[] = self::text(72, $y, $arm === 0 ? "{$name} (control)" : $name, 'font-size="12"');
        }
        foreach ($this->plan->reads as $n => $read) {
            array_push($parts, ...$this->plot($read, $units, $y += 26));
            $y += self::PLOT;
            foreach ($this->judged->outcomes[$n]->end ?? [] as $pair) {
                $parts[] = self::text(24, $y += self::LINE, $this->pair($pair, $read), 'font-size="12"');
            }
        }
        $y += 28;

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>'."\n"
                .'<svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="%1$.0F" height="%2$.0F" '
                .'viewBox="0 0 %1$.0F %2$.0F" font-family="sans-serif">'."\n"
                .'<title>%3$s</title>'."\n"
                .'<rect x="0" y="0" width="%1$.0F" height="%2$.0F" fill="#ffffff"/>'."\n%4\$s\n</svg>\n",
            self::WIDTH,
            $y,
            XmlText::of($this->plan->question),
            implode("\n", $parts),
        );
    }

    /**
     * @param  list<string>  $units
     * @return list<string>
     */
    private function plot(TrialRead $read, array $units, float $top): array
    {
        $courses = array_map(fn (string $unit): array => $this->sheet->course($read->parameter, $unit), $units);
        $most = max([1e-6, ...array_merge(...array_map(array_values(...), $courses))]);
        $step = self::tick($most / 4);
        $last = max(1, $this->plan->setup->lastDay());
        [$from, $to] = [$top + 18, $top + self::PLOT - 24];
        $x = static fn (float $day): float => self::LEFT + ($day / $last) * (self::WIDTH - self::LEFT - 24);
        $y = static fn (float $level): float => $to - $level / $most * ($to - $from);
        $parts = [self::text(
            24,
            $top + 6,
            sprintf(
                '%s, %s, by day',
                ucfirst($read->parameter->label()),
                $this->words->units->unitOf($read->parameter->dimension())->value,
            ),
            'font-size="12" font-weight="bold"',
        )];
        for ($n = 0; $n * $step <= $most; $n++) {
            $level = $n * $step;
            $parts[] = sprintf(
                '<line x1="%.1F" x2="%.1F" y1="%3$.1F" y2="%3$.1F" stroke="#c9ced3" stroke-width="0.6"/>',
                self::LEFT,
                self::WIDTH - 24,
                $y($level),
            );
            $parts[] = self::text(
                self::LEFT - 6,
                $y($level) + 4,
                (string) round($level, 6),
                'font-size="11" text-anchor="end"',
            );
        }
        $every = max(7.0, self::tick($last / 8));
        for ($day = 0.0; $day <= $last; $day += $every) {
            $parts[] = self::text($x($day), $to + 16, (string) $day, 'font-size="11" text-anchor="middle"');
        }
        foreach ($units as $n => $unit) {
            if ($courses[$n] === []) {
                continue;
            }
            [$colour, $dash] = $this->placed === null ? self::HIDDEN : self::STROKES[$this->placed[$unit]];
            $parts[] = sprintf(
                '<polyline fill="none" stroke="%s" stroke-width="1.6"%s points="%s"/>',
                $colour,
                self::dash($dash),
                implode(' ', array_map(
                    static fn (int $day, float $level): string => sprintf('%.1F,%.1F', $x($day), $y($level)),
                    array_keys($courses[$n]),
                    $courses[$n],
                )),
            );
        }

        return $parts;
    }

    private function pair(Pair $pair, TrialRead $read): string
    {
        $figure = static fn (float $one): string => (string) Quantity::significant($one, 2);

        return sprintf(
            '%s minus %s: %s %s%s, p %s%s',
            $pair->arm,
            $pair->than,
            $figure($pair->difference),
            $this->words->units->unitOf($read->parameter->dimension())->value,
            $pair->interval === null
                ? ''
                : " (95 %: {$figure($pair->interval[0])} to {$figure($pair->interval[1])})",
            round($pair->p, 3),
            $pair->exchange === null ? '' : '; by exchanging units '.round($pair->exchange, 3),
        );
    }

    /** 1, 2 or 5 times a power of ten, not under that. */
    private static function tick(float $least): float
    {
        $power = 10 ** floor(log10($least));
        foreach ([1.0, 2.0, 5.0] as $times) {
            if ($times * $power >= $least) {
                return $times * $power;
            }
        }

        return 10 * $power;
    }

    private static function dash(string $dash): string
    {
        return $dash === '' ? '' : " stroke-dasharray=\"{$dash}\"";
    }

    private static function text(float $x, float $y, string $words, string $as): string
    {
        return sprintf('<text x="%.1F" y="%.1F" %s>%s</text>', $x, $y, $as, XmlText::of($words));
    }

    /** @return list<string> */
    private static function wrapped(string $words): array
    {
        $lines = [''];
        foreach (preg_split('~\s+~u', trim($words)) ?: [] as $word) {
            $last = count($lines) - 1;
            if ($lines[$last] !== '' && mb_strlen("{$lines[$last]} {$word}") > self::WRAP) {
                $lines[] = $word;
            } else {
                $lines[$last] = trim("{$lines[$last]} {$word}");
            }
        }

        return $lines;
    }
}
