<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Packing\Nest;
use Ithys\Packing\Nesting;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;

/** A cut sheet laid out on the sheets it is bought as: how many are needed, and what lies where. */
final readonly class StockPlan
{
    /** @param  list<StockUse>  $uses */
    private function __construct(public array $uses)
    {
    }

    public static function of(CutSheet $sheet, Workshop $workshop): self
    {
        /** @var array<string, non-empty-list<CutPanel>> $kinds */
        $kinds = [];
        foreach ($sheet->panels as $panel) {
            // What is of one kind but another thickness comes from another sheet; each pad has its own count.
            $kinds[
                $panel->group->value.' '.($panel->group === CutGroup::Pads ? $panel->id : $panel->thicknessMm)
            ][] = $panel;
        }
        $uses = [];
        foreach ($kinds as $panels) {
            $group = $panels[0]->group;
            $stock = $workshop->stock($group);
            if ($stock !== null) {
                $kerf = $group->isSawn() ? Assumptions::kerf()->value : 0.0;
                $uses[]
                    = $group === CutGroup::Pads
                        ? self::many($panels[0], $stock, $kerf)
                        : self::mixed($panels, $stock, $kerf);
            }
        }

        return new self($uses);
    }

    /** @return list<Finding> */
    public function findings(UnitSystem $units): array
    {
        $findings = [];
        foreach ($this->uses as $use) {
            foreach ($use->tooLarge as $panel) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'stock-small',
                    'A piece is larger than its sheet',
                    sprintf(
                        '%s is %s; the sheet %s by %s.',
                        $panel->label,
                        $panel->size($units),
                        ShopLength::format($use->stock->lengthMm, $units),
                        ShopLength::format($use->stock->widthMm, $units),
                    ),
                )
                    ->at($panel->id)
                    ->because('It cannot be cut from it in one piece.', 'Take a larger sheet, or have it cut to size.');
            }
        }

        return $findings;
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
            Nesting::fill($panel->widthMm, $panel->heightMm, $stock->lengthMm, $stock->widthMm, $kerf),
        );
        $fit = count($nests);

        return new StockUse(
            $panel->group,
            $panel->label,
            $panel->thicknessMm,
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
                $sizes["{$i} {$n}"] = [$panel->widthMm, $panel->heightMm];
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
            $panels[0]->group,
            $panels[0]->group->label(),
            $panels[0]->thicknessMm,
            $stock,
            $panels,
            $sheets,
            count($sheets),
            null,
            array_values(array_unique(array_map($panel, $nesting->tooLarge), SORT_REGULAR)),
        );
    }
}
