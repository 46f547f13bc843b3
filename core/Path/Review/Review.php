<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Severity;

/** What an experienced reefer would say of a path: every rule asked once, the gravest findings first. */
final readonly class Review
{
    /** @param  list<Finding>  $findings */
    private function __construct(public array $findings)
    {
    }

    public static function of(Situation $here): self
    {
        $findings = [];
        foreach (self::rules() as $rule) {
            array_push($findings, ...$rule->judge($here));
        }

        return new self(Finding::gravestFirst($findings));
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_map(static fn (Finding $finding): string => $finding->code, $this->findings);
    }

    /** The gravest severity pinned to an item; null when nothing is. */
    public function gravestAt(string $itemId): ?Severity
    {
        foreach ($this->findings as $finding) {
            if ($finding->at === $itemId) {
                return $finding->severity;
            }
        }

        return null;
    }

    /** @return list<Rule> in the order of the water */
    private static function rules(): array
    {
        return [
            new Unfinished(),
            new SurfaceSkimming(),
            new BlockedDrain(),
            new CanisterPreFilter(),
            new CoarseBeforeFine(),
            new MechanicalFirst(),
            new Bypass(),
            new FlowPathRemoved(),
            new ThreeStages(),
            new NitrateTaken(),
            new SkimFirst(),
            new SkimmerSize(),
            new LightSpill(),
            new MixedLives(),
            new CatchAfterDust(),
            new ZeoliteDose(),
            new FlowLimits(),
            new MakersClaim(),
            new AlgaeBeforeReturn(),
            new CalmBeforeReturn(),
            new AfterReturn(),
            new HeaterCover(),
            new OzoneSafety(),
            new MixedFittings(),
            new TurnoverFits(),
            new TopOffThere(),
        ];
    }
}
