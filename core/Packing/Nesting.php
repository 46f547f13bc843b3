<?php

declare(strict_types=1);

namespace Ithys\Packing;

/** Rectangles on stock sheets, cut edge to edge as a saw or a score cuts: each cut goes right across what is left. */
final readonly class Nesting
{
    /** More ways to divide a sheet than this are not gone through; rows and columns then do. */
    private const MOST_STATES = 4_000;

    /**
     * @param  list<list<Nest>>  $sheets  what lies on each sheet
     * @param  list<string>  $tooLarge  what fits on no sheet, by its mark
     */
    private function __construct(public array $sheets, public array $tooLarge)
    {
    }

    /**
     * All of these on as few sheets as found. Several orders and ways to cut are tried; it is good, not proven best.
     *
     * @param  array<string, array{float, float}>  $pieces  length and width by mark, mm
     * @param  float  $kerf  width of a cut, mm
     */
    public static function of(array $pieces, float $lengthMm, float $widthMm, float $kerf = 0.0): self
    {
        $fits = static fn (array $piece): bool => min($piece[0], $piece[1]) <= min($lengthMm, $widthMm)
            && max($piece[0], $piece[1]) <= max($lengthMm, $widthMm);
        $tooLarge = array_map(
            strval(...),
            array_keys(array_filter($pieces, static fn (array $piece): bool => ! $fits($piece))),
        );
        $pieces = array_filter($pieces, $fits);
        $best = null;
        foreach (['area', 'long', 'short'] as $order) {
            uasort($pieces, static fn (array $a, array $b): int => self::size($b, $order) <=> self::size($a, $order));
            foreach ([[true, true], [true, false], [false, true], [false, false]] as [$alongTheShort, $byTheShort]) {
                $tried = self::lay($pieces, $lengthMm, $widthMm, $kerf, $alongTheShort, $byTheShort);
                // Fewer sheets; then as much as can be on the first ones, so that the rest of the last is of use.
                if (
                    $best === null
                    || [count($tried), self::used($tried[count($tried) - 1] ?? [])] < [
                        count($best),
                        self::used($best[count($best) - 1] ?? []),
                    ]
                ) {
                    $best = $tried;
                }
            }
        }

        return new self($best, $tooLarge);
    }

    /**
     * As many of one piece as one sheet gives, the most that straight cuts can give.
     *
     * @return list<Nest>
     */
    public static function fill(
        float $pieceLength,
        float $pieceWidth,
        float $lengthMm,
        float $widthMm,
        float $kerf = 0.0,
    ): array {
        // In tenths of a millimetre, each piece with its cut, the sheet with one more at its end.
        $tenths = static fn (float $mm): int => (int) round(10 * $mm);
        $fill = new IdenticalFill($tenths($pieceLength + $kerf), $tenths($pieceWidth + $kerf), self::MOST_STATES);

        return array_map(
            static fn (array $at): Nest => new Nest(
                '',
                $at[0] / 10,
                $at[1] / 10,
                $at[2] ? $pieceWidth : $pieceLength,
                $at[2] ? $pieceLength : $pieceWidth,
                $at[2],
            ),
            $fill->on($tenths($lengthMm + $kerf), $tenths($widthMm + $kerf)),
        );
    }

    /**
     * @param  array<string, array{float, float}>  $pieces
     * @param  bool  $alongTheShort  whether the first cut goes along the shorter of what is left, or the longer
     * @param  bool  $byTheShort  whether a place is chosen by the shorter of what is left beside the piece, or the
     *   longer
     * @return list<list<Nest>>
     */
    private static function lay(
        array $pieces,
        float $lengthMm,
        float $widthMm,
        float $kerf,
        bool $alongTheShort,
        bool $byTheShort,
    ): array {
        $sheets = [];
        /** @var list<array{int, float, float, float, float}> $free sheet, place and size of what is left */
        $free = [];
        foreach ($pieces as $mark => [$length, $width]) {
            $at = self::bestFit($free, $length, $width, $byTheShort);
            if ($at === null) {
                $sheets[] = [];
                $free[] = [count($sheets) - 1, 0.0, 0.0, $lengthMm, $widthMm];
                $at = self::bestFit($free, $length, $width, $byTheShort) ?? [count($free) - 1, false];
            }
            [$i, $turned] = $at;
            [$sheet, $x, $y, $freeLength, $freeWidth] = $free[$i];
            [$along, $across] = $turned ? [$width, $length] : [$length, $width];
            $sheets[$sheet][] = new Nest((string) $mark, $x, $y, $along, $across, $turned);
            array_splice($free, $i, 1);
            $restLength = $freeLength - $along - $kerf;
            $restWidth = $freeWidth - $across - $kerf;
            $whole = ($restLength < $restWidth) === $alongTheShort;
            if ($restLength > 0.0) {
                $free[] = [$sheet, $x + $along + $kerf, $y, $restLength, $whole ? $across : $freeWidth];
            }
            if ($restWidth > 0.0) {
                $free[] = [$sheet, $x, $y + $across + $kerf, $whole ? $freeLength : $along, $restWidth];
            }
        }

        return array_values($sheets);
    }

    /**
     * @param  list<array{int, float, float, float, float}>  $free
     * @return ?array{int, bool} which free part, and whether the piece lies turned in it
     */
    private static function bestFit(array $free, float $length, float $width, bool $byTheShort): ?array
    {
        $best = null;
        $least = null;
        foreach ($free as $i => [$sheet, , , $freeLength, $freeWidth]) {
            foreach ([false, true] as $turned) {
                [$along, $across] = $turned ? [$width, $length] : [$length, $width];
                if ($along <= $freeLength + 1e-9 && $across <= $freeWidth + 1e-9) {
                    $beside = [$freeLength - $along, $freeWidth - $across];
                    $rest = [$sheet, $byTheShort ? min($beside) : max($beside)];
                    if ($least === null || $rest < $least) {
                        [$least, $best] = [$rest, [$i, $turned]];
                    }
                }
            }
        }

        return $best;
    }

    /**
     * What pieces are put in order by.
     *
     * @param  array{float, float}  $piece
     * @return list<float>
     */
    private static function size(array $piece, string $order): array
    {
        [$long, $short] = [max($piece[0], $piece[1]), min($piece[0], $piece[1])];

        return match ($order) {
            'area' => [$long * $short],
            'long' => [$long, $short],
            default => [$short, $long],
        };
    }

    /** @param  list<Nest>  $sheet */
    private static function used(array $sheet): float
    {
        return array_sum(array_map(static fn (Nest $nest): float => $nest->lengthMm * $nest->widthMm, $sheet));
    }
}
