<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Path\Line;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;

/**
 * A path as an SVG 1.1 sheet for printing: A4 width in mm, the water running down the left, each stage with its flow
 * and findings.
 */
final class PathSheet
{
    private const WIDTH = 210.0;

    private const LEFT = 26.0;

    private const ROW = 13.0;

    private const TOP = 40.0;

    private const FONT = 'Atkinson Hyperlegible Next, Verdana, sans-serif';

    private const INK = '#14242B';

    private const WATER = '#0F4A50';

    /** @var list<string> */
    private array $marks = [];

    private float $y = self::TOP;

    private function __construct(
        private readonly Situation $here,
        private readonly Review $review,
        private readonly Words $words,
    ) {
    }

    /** @param  string  $tank  name of the tank, for the heading */
    public static function svg(Situation $here, Review $review, string $tank, Words $words): string
    {
        return (new self($here, $review, $words))->sheet($tank);
    }

    private function sheet(string $tank): string
    {
        $this->text(
            self::LEFT - 8,
            18,
            $this->here->path->name === '' ? 'Water path' : $this->here->path->name,
            6.5,
            bold: true,
        );
        $flow
            = $this->here->litresPerHour === null
                ? 'flow not given'
                : $this->words->say(Quantity::perHour($this->here->litresPerHour));
        $volume = $this->words->say(Quantity::litres($this->here->workingLitres));
        $this->text(
            self::LEFT - 8,
            25,
            "{$tank} · {$this->here->path->style->label()} · {$volume} working volume · {$flow}",
            3.6,
        );
        $start = $this->y;
        $this->text(self::LEFT + 8, $this->y + 1.2, 'Display', 4, bold: true);
        $this->y += self::ROW;
        $this->line($this->here->path->main());
        $this->text(self::LEFT + 8, $this->y + 1.2, 'back to the display', 4);
        array_unshift(
            $this->marks,
            sprintf(
                '<path d="M%.1f %.1fV%.1f" fill="none" stroke="%s" stroke-width="0.9"/>',
                self::LEFT,
                $start,
                $this->y,
                self::WATER,
            ),
        );
        $this->y += self::ROW * 1.4;
        foreach ($this->here->path->branches() as $branch) {
            $this->text(self::LEFT - 8, $this->y, $branch->title().', '.$this->ends($branch), 3.8, bold: true);
            $this->y += self::ROW * 0.8;
            $top = $this->y;
            $this->line($branch);
            $branch->items === []
            ?: array_unshift(
                $this->marks,
                sprintf(
                    '<path d="M%.1f %.1fV%.1f" fill="none" stroke="%s" stroke-width="0.6" stroke-dasharray="2 1"/>',
                    self::LEFT,
                    $top - 4,
                    $this->y - self::ROW + 4,
                    self::WATER,
                ),
            );
            $this->y += self::ROW * 0.4;
        }
        $this->findings();
        $height = $this->y + 10;

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>'
                ."\n"
                .'<svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="%1$.0fmm" height="%2$.0fmm" viewBox="0 '
                    .'0 %1$.0f %2$.0f" font-family="%3$s" fill="%4$s"><title>%5$s</title>'
                ."\n",
            self::WIDTH,
            $height,
            self::FONT,
            self::INK,
            XmlText::of($this->here->path->name),
        )
            .implode("\n", $this->marks)
            ."\n</svg>\n";
    }

    private function line(Line $line): void
    {
        foreach ($line->items as $item) {
            $this->item($item);
            $this->y += self::ROW;
        }
    }

    private function item(Item $item): void
    {
        $x = self::LEFT;
        $this->marks[] = sprintf(
            '<rect x="%.1f" y="%.1f" width="6" height="8" rx="0.8" fill="#F4F2EA" stroke="%s" stroke-width="0.5"/>',
            $x - 3,
            $this->y - 4,
            self::WATER,
        );
        $count = $item->count() > 1 ? " ×{$item->count()}" : '';
        $this->text($x + 8, $this->y, $item->title().$count, 4, bold: true);
        $flow = $this->here->course->flowAt($item);
        $this->text(
            $x + 8,
            $this->y + 4.4,
            implode(
                ' · ',
                array_filter([
                    $item->words->name !== '' ? $item->kind->label() : null,
                    $flow === null ? null : $this->words->say(Quantity::perHour($flow)),
                    $item->words->tag !== '' ? $item->words->tag : null,
                ]),
            ),
            3.2,
        );
        $own = array_values(
            array_filter($this->graveFindings(), static fn (Finding $finding): bool => $finding->at === $item->id),
        );
        foreach ($own as $i => $finding) {
            $number = array_search($finding, $this->graveFindings(), true);
            $this->text(self::WIDTH - 20 - 7 * $i, $this->y, '('.((int) $number + 1).')', 4, bold: true);
        }
    }

    private function ends(Line $line): string
    {
        $name = fn (?string $id): string => ($id === null ? null : $this->here->path->find($id)?->title())
            ?? 'nowhere yet';
        $flow
            = $line->litresPerHour === null
                ? 'flow not given'
                : $this->words->say(Quantity::perHour($line->litresPerHour));

        return $line->isTank
            ? "{$flow}, into the path before {$name($line->to)}"
            : "{$flow}, from {$name($line->from)} to {$name($line->to)}";
    }

    private function findings(): void
    {
        $grave = $this->graveFindings();
        if ($grave === []) {
            return;
        }
        $this->y += 2;
        $this->text(self::LEFT - 8, $this->y, 'Findings', 5, bold: true);
        $this->y += 7;
        foreach ($grave as $i => $finding) {
            $this->text(
                self::LEFT - 8,
                $this->y,
                '('.($i + 1).') '.$this->words->say($finding->title),
                3.8,
                bold: true,
            );
            $says = trim($this->words->say($finding->sentence).' '.$this->words->say($finding->advice->fix ?? ''));
            foreach (explode("\n", wordwrap($says, 105)) as $row) {
                $this->y += 4.6;
                $this->text(self::LEFT, $this->y, $row, 3.2);
            }
            $this->y += 6.6;
        }
    }

    /** @return list<Finding> */
    private function graveFindings(): array
    {
        return array_values(
            array_filter($this->review->findings, static fn (Finding $finding): bool => $finding->severity->isGrave()),
        );
    }

    private function text(float $x, float $y, string $text, float $size, bool $bold = false): void
    {
        $text === ''
        ?: ($this->marks[] = sprintf(
            '<text x="%.1f" y="%.1f" font-size="%.1f"%s>%s</text>',
            $x,
            $y,
            $size,
            $bold ? ' font-weight="700"' : '',
            XmlText::of($text),
        ));
    }
}
