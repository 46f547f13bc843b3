<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Flow\UnderGap;
use Ithys\Flow\Weir;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Tray\TrayReview;

/** What the water lines of a sump mean: floods, dry heaters, depths, bubbles, and how long the top-up may fail. */
final readonly class SumpReview
{
    /**
     * @param  list<Finding>  $findings  the gravest first
     * @param  ?float  $daysToGulp  days until the return sucks air when nothing is topped up
     * @param  ?float  $reservoirDays  days the top-off reservoir lasts
     */
    private function __construct(
        public WaterLines $running,
        public WaterLines $powerCut,
        public WaterLines $emptied,
        public array $findings,
        /** Litres left to the rim after a power cut; below zero they are on the floor. */
        public float $marginLitres,
        /** Millimetres left to the rim after a power cut. */
        public float $marginMm,
        /** What the return can push up before it sucks air, L. */
        public float $givesUpLitres,
        public ?float $daysToGulp,
        public ?float $reservoirDays,
    ) {
    }

    /**
     * @param  ?float  $displayRoomLitres  litres between the water line of the display and its rim; null while not
     *   known
     * @param  list<Finding>  $further  what others found of the same sump: its plumbing, what is cut
     */
    public static function of(
        Section $section,
        float $litresPerHour,
        ?float $displayRoomLitres,
        UnitSystem $units = UnitSystem::Metric,
        array $further = [],
    ): self {
        $geometry = Geometry::findings($section, $units);
        $running = WaterLines::running($section, $litresPerHour);
        $cut = WaterLines::powerCut($section, $litresPerHour);
        $emptied = WaterLines::returnEmptied($section, $litresPerHour);
        $margin = $section->rimLitres() - $cut->litres;
        $givesUp = max(0.0, $running->litres - $emptied->litres);
        $chambers = $section->chambers();
        $returnChamber = $chambers[count($chambers) - 1];
        $evaporation = $section->evaporationLitresADay;
        $days
            = $evaporation === null || $evaporation <= 0.0
                ? null
                : (max(0.0, $section->returnLevelMm - $section->pumpMinimumMm) * $returnChamber->litresPerMm())
                    / $evaporation;
        $findings = [
            ...$geometry,
            ...self::floods($section, $running, $cut, $margin, $givesUp, $displayRoomLitres, $units),
            ...self::dry($section, $running, $emptied, $units),
            ...self::topUp($days),
            ...$further,
            ...self::baffles($section, $running, $litresPerHour, $units),
            ...(new Fits($section, $running, $cut, $emptied, $units))->findings(),
            ...(new TrayReview($section, $running, $litresPerHour, $units))->findings(),
            ...Panels::findings($section, $units),
        ];
        $findings = Finding::gravestFirst($findings);

        return new self(
            $running,
            $cut,
            $emptied,
            $findings,
            $margin,
            $section->heightMm - $cut->highestMm(),
            $givesUp,
            $days,
            $evaporation === null || $evaporation <= 0.0 || $section->reservoirLitres === null
                ? null
                : $section->reservoirLitres / $evaporation,
        );
    }

    /** @return list<Finding> */
    private static function floods(
        Section $section,
        WaterLines $running,
        WaterLines $cut,
        float $margin,
        float $givesUp,
        ?float $displayRoom,
        UnitSystem $units,
    ): array {
        $volume = static fn (float $litres): string => $units->format($litres, Dimension::Volume);
        $length = static fn (float $mm): string => ShopLength::format($mm, $units);
        $findings = [];
        if ($running->highestMm() > $section->heightMm) {
            $findings[] = Finding::of(
                Severity::Fault,
                'running-over',
                'The sump overflows while running',
                sprintf(
                    'Before a baffle the water would stand at %s; the rim is at %s.',
                    $length($running->highestMm()),
                    $length($section->heightMm),
                ),
            )->because(
                'Every baffle backs the water up until it lets the flow by.',
                'Lower the baffles or widen their gaps.',
            );
        }
        $highest = $cut->highestMm();
        $findings[] = match (true) {
            $highest > $section->heightMm => Finding::of(
                Severity::Fault,
                'power-cut-flood',
                'A power cut floods',
                sprintf(
                    '%s come down and %s do not fit: they run over the rim.',
                    $volume($section->drainDown->litres()),
                    $volume(
                        max(0.0, -$margin) > 0.0 ? -$margin : ($highest - $section->heightMm) * $section->litresPerMm(),
                    ),
                ),
            )->because(
                'When the pump stops, the display drains to its lowest siphon point, and the pipes and overflow with '
                    .'it.',
                'Lower the running water, raise the return outlets or drill siphon breaks, or take a larger sump.',
            ),
            $section->heightMm - $highest < Assumptions::rimMargin()->value => Finding::of(
                Severity::Caution,
                'power-cut-close',
                'A power cut just fits',
                sprintf(
                    'The water then stands %s under the rim, %s to spare.',
                    $length($section->heightMm - $highest),
                    $volume($margin),
                ),
                Assumptions::rimMargin(),
            )->because(
                'A wave, a slow check valve or a little too much top-up is enough.',
                'Leave at least '.ShopLength::format(Assumptions::rimMargin()->value, $units).'.',
            ),
            default => Finding::of(
                Severity::Good,
                'power-cut-fits',
                'A power cut fits',
                sprintf(
                    '%s come down; the water then stands %s under the rim, %s to spare.',
                    $volume($section->drainDown->litres()),
                    $length($section->heightMm - $highest),
                    $volume($margin),
                ),
            ),
        };
        $findings[] = match (true) {
            $displayRoom === null || $displayRoom <= 0.0 => Finding::of(
                Severity::Caution,
                'blocked-drain-unknown',
                'A blocked drain is not reckoned yet',
                sprintf(
                    'The return can push up %s. It is not said how much room is above the water line of the display.',
                    $volume($givesUp),
                ),
            )->because(
                'A blocked drain or a lost siphon pumps the return chamber into the display.',
                'Describe the display by its inner size and the gap below the rim, under Path, Water.',
            ),
            $givesUp > $displayRoom => Finding::of(
                Severity::Fault,
                'blocked-drain-flood',
                'A blocked drain floods',
                sprintf(
                    'The return can push up %s; above the water line of the display %s fit.',
                    $volume($givesUp),
                    $volume($displayRoom),
                ),
            )->because(
                'A blocked drain or a lost siphon pumps the return chamber into the display.',
                'Raise the pump, run the return chamber lower or make it smaller, or add an emergency drain that '
                    .'splashes as an alarm.',
            ),
            default => Finding::of(
                Severity::Good,
                'blocked-drain-fits',
                'A blocked drain fits',
                sprintf(
                    'The return can push up %s; above the water line of the display %s fit.',
                    $volume($givesUp),
                    $volume($displayRoom),
                ),
            ),
        };

        return $findings;
    }

    /** @return list<Finding> */
    private static function topUp(?float $daysToGulp): array
    {
        return $daysToGulp === null
            ? []
            : [
                Finding::of(
                    Severity::Remark,
                    'top-up',
                    sprintf('Without top-up the return gulps air in %s days', number_format($daysToGulp, 1)),
                    'Bubbles from the return nozzle then say that the top-up failed: act at once, with purified '
                        .'water, not with salt water.',
                )->because('Only the return chamber falls with evaporation; the salt stays behind.'),
            ];
    }

    /** @return list<Finding> */
    private static function dry(Section $section, WaterLines $running, WaterLines $emptied, UnitSystem $units): array
    {
        $least = Assumptions::dryChamber();
        $findings = [];
        foreach ($section->chambers() as $chamber) {
            // The return chamber is meant to be emptied; how long that takes is said elsewhere.
            $isReturn = $chamber->index === count($section->baffles);
            $states = ['While running' => $running, ...$isReturn ? [] : ['With the return emptied' => $emptied]];
            foreach ($states as $state => $lines) {
                $level = $lines->levelsMm[$chamber->index];
                if ($level < $least->value && $chamber->lengthMm() > 0.0) {
                    $findings[] = Finding::of(
                        Severity::Caution,
                        'chamber-dry',
                        "Chamber {$chamber->number()} runs dry",
                        sprintf('%s %s of water stand in it.', $state, ShopLength::format($level, $units)),
                        $least,
                    )
                        ->at($section->baffles[$chamber->index]->id ?? null)
                        ->because(
                            'What lives or works in it falls dry.',
                            'Close it off with a baffle that stands on the floor, or let the pump stop earlier.',
                        );
                    break;
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function baffles(
        Section $section,
        WaterLines $running,
        float $litresPerHour,
        UnitSystem $units,
    ): array {
        $findings = [];
        foreach ($section->baffles as $i => $baffle) {
            if ($baffle->hangs() && max($running->levelsMm[$i], $running->levelsMm[$i + 1]) <= $baffle->gapMm) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'gap-above-water',
                    'This baffle hangs above the water',
                    sprintf(
                        'Its lower edge is at %s; the water stands at %s.',
                        ShopLength::format($baffle->gapMm, $units),
                        ShopLength::format($running->levelsMm[$i], $units),
                    ),
                )
                    ->at($baffle->id)
                    ->because(
                        'It holds neither bubbles nor what floats back.',
                        'Lower it until its edge is well under the water.',
                    );
            } elseif ($baffle->hangs() && $litresPerHour > 0.0) {
                $gap = new UnderGap($baffle->gapMm, $section->widthMm);
                $speed = $gap->speed($litresPerHour);
                $most = Assumptions::bubbleSpeed();
                $findings[]
                    = $speed > $most->value
                        ? Finding::of(
                            Severity::Caution,
                            'bubbles-under',
                            'Bubbles go under',
                            sprintf(
                                'The water goes under this baffle at %s m/s; above %s it carries bubbles along.',
                                number_format($speed, 2),
                                number_format($most->value, 1),
                            ),
                            $most,
                        )
                            ->at($baffle->id)
                            ->because(
                                'Small bubbles rise more slowly than that.',
                                sprintf(
                                    'A gap of %s would slow it down enough.',
                                    ShopLength::format(
                                        ($litresPerHour / 3.6e6 / $most->value / $section->widthMm) * 1e6,
                                        $units,
                                    ),
                                ),
                            )
                        : Finding::of(
                            Severity::Good,
                            'gap-fits',
                            'The gap is wide enough',
                            sprintf('%s m/s under this baffle.', number_format($speed, 2)),
                            $most,
                        )->at($baffle->id);
                $loss = $running->levelsMm[$i] - $running->levelsMm[$i + 1];
                if ($loss > Assumptions::gapLoss()->value && $baffle->topMm > $running->levelsMm[$i]) {
                    $findings[] = Finding::of(
                        Severity::Caution,
                        'gap-narrow',
                        'The gap backs the water up',
                        sprintf(
                            'The water stands %s higher before this baffle than behind it.',
                            ShopLength::format($loss, $units),
                        ),
                        Assumptions::gapLoss(),
                    )
                        ->at($baffle->id)
                        ->because('A narrow gap also clogs sooner.', 'Widen the gap.');
                }
            } elseif ($running->levelsMm[$i + 1] > $baffle->topMm) {
                $findings[] = Finding::of(
                    Severity::Remark,
                    'weir-drowned',
                    'This baffle is drowned',
                    sprintf(
                        'Behind it the water stands %s over its top.',
                        ShopLength::format($running->levelsMm[$i + 1] - $baffle->topMm, $units),
                    ),
                )
                    ->at($baffle->id)
                    ->because('It no longer holds the level before it; the chamber behind does.');
            } else {
                $head = $running->levelsMm[$i] - $baffle->topMm;
                $findings[] = Finding::of(
                    Severity::Remark,
                    'weir-head',
                    sprintf('Water stands %s over this baffle', ShopLength::format($head, $units)),
                    $head < Weir::PROVEN_HEAD
                        ? 'Approximate: the weir formula is proven for heads of 30 mm and more. In use 1/4 to 1/2 in '
                            .'are common.'
                        : 'By the weir formula.',
                )->at($baffle->id);
            }
        }

        return $findings;
    }
}
