<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Packing\Nest;
use Ithys\Packing\Nesting;

/** A cut sheet laid out on the sheets it is bought as: how many are needed, and what lies where. */
final readonly class StockPlan
{
    /** @param  list<StockUse>  $uses */
    private function __construct(public array $uses)
    {
    }

    public static function of(CutSheet $sheet, Workshop $workshop, Assumptions $assumptions): self
    {
        /** @var array<string, non-empty-list<CutPanel>> $kinds */
        $kinds = [];
        foreach ($sheet->panels as $panel) {
            // What is of another thickness or material comes from another sheet; each pad has its own count.
            $kinds[implode(' ', [
                $panel->group->value,
                $panel->group === CutGroup::Pads ? $panel->id : $panel->shape->thicknessMm,
                $panel->stuff(),
            ])][] = $panel;
        }
        $uses = [];
        foreach ($kinds as $panels) {
            $group = $panels[0]->group;
            $stock = $workshop->stock($group, $assumptions);
            if ($stock !== null) {
                $kerf = $panels[0]->isSawn() ? $assumptions->value(Assumed::Kerf) : 0.0;
                $uses[]
                    = $group === CutGroup::Pads
                        ? self::many($panels[0], $stock, $kerf)
                        : self::mixed($panels, $stock, $kerf);
            }
        }

        return new self($uses);
    }

    private static function many(CutPanel $panel, Stock $stock, float $kerf): StockUse
    {
        $nests = array_map(
            static fn (Nest $nest): Nest => new Nest(
                $panel->id,
                $nest->xMm,
                $nest->yMm,
                $nest->lengthMm,
                $nest->widthMm,
                $nest->turned,
            ),
            Nesting::fill($panel->shape->widthMm, $panel->shape->heightMm, $stock->lengthMm, $stock->widthMm, $kerf),
        );
        $fit = count($nests);

        return new StockUse(
            $panel->label,
            $stock,
            [$panel],
            $fit === 0 ? [] : [$nests],
            $fit === 0 ? 0 : (int) ceil($panel->count / $fit),
            $fit,
            $fit === 0 ? [$panel] : [],
        );
    }

    /** @param  non-empty-list<CutPanel>  $panels */
    private static function mixed(array $panels, Stock $stock, float $kerf): StockUse
    {
        $sizes = [];
        foreach ($panels as $i => $panel) {
            for ($n = 0; $n < $panel->count; $n++) {
                $sizes["{$i} {$n}"] = [$panel->shape->widthMm, $panel->shape->heightMm];
            }
        }
        $panel = static fn (string $mark): CutPanel => $panels[(int) $mark];
        $nesting = Nesting::of($sizes, $stock->lengthMm, $stock->widthMm, $kerf);
        $sheets = array_map(
            static fn (array $sheet): array => array_map(
                static fn (Nest $nest): Nest => new Nest(
                    $panel($nest->mark)->id,
                    $nest->xMm,
                    $nest->yMm,
                    $nest->lengthMm,
                    $nest->widthMm,
                    $nest->turned,
                ),
                $sheet,
            ),
            $nesting->sheets,
        );

        return new StockUse(
            "{$panels[0]->group->label()}, {$panels[0]->stuff()}",
            $stock,
            $panels,
            $sheets,
            count($sheets),
            null,
            array_values(array_unique(array_map($panel, $nesting->tooLarge), SORT_REGULAR)),
        );
    }
}
