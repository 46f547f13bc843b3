<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;

/** What a sump means: every rule asked once, faults first. */
final readonly class SumpReview
{
    /**
     * @param  list<Finding>  $findings  all of them
     * @param  list<Finding>  $ofCuts  those about what is cut, and not about the water
     */
    private function __construct(public Situation $here, public array $findings, public array $ofCuts)
    {
    }

    public static function of(Situation $here): self
    {
        $ofCuts = self::ask([new StockSheets, new BasketFits, new Blackout], $here);

        return new self(
            $here,
            Finding::gravestFirst([...self::ask(self::rules(), $here), ...$ofCuts]),
            Finding::gravestFirst($ofCuts),
        );
    }

    /**
     * @param  list<Rule>  $rules
     * @return list<Finding>
     */
    private static function ask(array $rules, Situation $here): array
    {
        $findings = [];
        foreach ($rules as $rule) {
            array_push($findings, ...$rule->judge($here));
        }

        return $findings;
    }

    /** @return list<Rule> in the order in which a builder asks */
    private static function rules(): array
    {
        return [
            new BafflesStand,
            new ReturnLevel,
            new RunningOver,
            new PowerCut,
            new BlockedDrain,
            new DryChamber,
            new TopUp,
            new DrainCarries,
            new EmergencyCarries,
            new OverflowHead,
            new PipesMate,
            new UnderGaps,
            new WeirHeads,
            new InItsChamber,
            new Footprint,
            new HeaterCover,
            new DeviceDepth,
            new Crowded,
            new TrayLies,
            new TrayUnderside,
            new ShelfWet,
            new OpeningsFit,
            new SockHangs,
            new RollerFits,
            new SpareHole,
            new Clogged,
            new TrayDrowned,
            new Walls,
            new Bottom,
            new BaffleStrength,
        ];
    }
}
