<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Remedy;
use Ithys\Severity;

/** What a sump means: every rule asked once, faults first. */
final readonly class SumpReview
{
    /**
     * @param  list<Finding>  $findings  all of them
     * @param  list<Finding>  $ofCuts  those about what is cut, and not about the water
     * @param  list<Finding>  $ofGlass  those about what the walls and the bottom bear
     */
    private function __construct(
        public Situation $here,
        public array $findings,
        public array $ofCuts,
        public array $ofGlass,
    ) {
    }

    public static function of(Situation $here): self
    {
        $ofCuts = self::ask([new StockSheets, new BasketFits, new Blackout, new CombOfAcrylic], $here);
        // A tank that was bought with its chambers is its maker's to reckon.
        $ofGlass = $here->section->front === null ? self::ask([new Walls, new Bottom, new BaffleStrength], $here) : [];
        $ofWater = self::ask(self::rules($here), $here);
        $tried = array_map(
            static fn (Finding $finding): Finding => self::tryOut($finding, $ofWater, $here),
            $ofWater,
        );

        return new self(
            $here,
            Finding::gravestFirst([
                ...$tried,
                ...$ofGlass,
                ...$ofCuts,
            ]),
            Finding::gravestFirst($ofCuts),
            $ofGlass,
        );
    }

    /**
     * A finding with those of its remedies that mend it and make nothing else worse.
     *
     * @param  list<Finding>  $others  all that the sump is told now
     */
    private static function tryOut(Finding $finding, array $others, Situation $here): Finding
    {
        if ($finding->remedies === []) {
            return $finding;
        }
        $mends = static function (Remedy $remedy) use ($finding, $others, $here): bool {
            $then = self::grave(self::ask(self::rules($here), $here->after($remedy)));

            return $here->section->vessel->heightMm >= $remedy->value
                && ! isset($then[self::mark($finding)])
                && array_diff_key($then, self::grave($others)) === [];
        };

        $kept = [];
        foreach ($finding->remedies as $remedy) {
            $figure = "{$remedy->part} {$remedy->field}";
            if (! isset($kept[$figure]) && $mends($remedy)) {
                $kept[$figure] = $remedy;
            }
        }

        return $finding->mendedBy(...array_values($kept));
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, Severity> faults and cautions by what and where
     */
    private static function grave(array $findings): array
    {
        $grave = [];
        foreach ($findings as $finding) {
            if ($finding->severity->isGrave()) {
                $grave[self::mark($finding)] = $finding->severity;
            }
        }

        return $grave;
    }

    private static function mark(Finding $finding): string
    {
        return "{$finding->code} {$finding->at}";
    }

    /**
     * @param  list<Rule>  $rules
     * @return list<Finding>
     */
    private static function ask(array $rules, Situation $here): array
    {
        $findings = [];
        foreach ($rules as $rule) {
            foreach ($rule->judge($here) as $finding) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    /** @return list<Rule> about the water and what stands in it, in the order in which a builder asks */
    private static function rules(Situation $here): array
    {
        $own = $here->section->front === null ? self::underTank() : self::behindDisplay();

        return [
            new BafflesStand,
            new ReturnLevel,
            new FlowUnknown,
            new PumpLifts,
            new RunningOver,
            ...$own,
            new TopOffStuck,
            new DryChamber,
            new TopUp,
            new PipesMate,
            new UnderGaps,
            new UnderTopWet,
            new WeirHeads,
            new Waterfall,
            new InItsChamber,
            new Footprint,
            new PumpUnderWater,
            new HeaterCover,
            new DeviceDepth,
            new Crowded,
            new TrayLies,
            new TrayUnderside,
            new TraysLiftOut,
            new ShelfWet,
            new OpeningsFit,
            new SockHangs,
            new RollerFits,
            new SpareHole,
            new Clogged,
            new TrayDrowned,
        ];
    }

    /** @return list<Rule> about a sump under its tank */
    private static function underTank(): array
    {
        return [
            new InCabinet,
            new PumpFeedsAll,
            new PowerCut,
            new BlockedDrain,
            new DrainCarries,
            new EmergencyCarries,
            new OverflowHead,
            new FurtherTanksDrain,
            new BubbleTrap,
        ];
    }

    /** @return list<Rule> about chambers that share the water of the display before them */
    private static function behindDisplay(): array
    {
        return [new SlotsDraw, new PowerCutBehind, new SlotsClogged, new BasketInPlace];
    }
}
