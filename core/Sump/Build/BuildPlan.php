<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\Section;
use Ithys\Sump\SumpReview;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** The steps of building a sump as it is designed, and what its record shows so far. */
final readonly class BuildPlan
{
    /** Filled lower than this under the rim a leak test proves little, mm. */
    private const BRIM = 15.0;

    private const LIFTING = 'A full sump is not lifted, and wet glass slips: empty it where it stands. Glass under '
        .'water breaks without warning; the tank maker or a glazier decides on it.';

    private const SILICONE = 'Silicone gives off fumes that sting: air, gloves, no wet fingers in the eyes.';

    private const BLADE = 'Blades slip on wet silicone: cut-proof gloves, goggles, cut away from the hand and from '
        .'the seams of the tank itself.';

    private const POWER = 'Electricity near salt water: a drip loop on every cord, controllers in the dry, '
        .'residual-current protection; follow local code and a licensed electrician.';

    /** @param  bool  $litChamber  whether blackout panels belong to it, as $basket says of a media basket */
    public function __construct(
        private Section $section,
        private SumpReview $review,
        private BuildRecord $record,
        private UnitSystem $units,
        private bool $litChamber = false,
        private bool $basket = false,
    ) {
    }

    /** @return list<BuildStep> */
    public function steps(): array
    {
        $steps = [
            [
                'leak-empty',
                'Leak test of the bare tank',
                'Outdoors, level, full to the brim for a day. Knock the corners with the flat of the hand. A running '
                    .'sump is only half full: a half-full test proves nothing.',
                self::LIFTING,
            ],
            ...$this->record->retrofit
                ? [
                    [
                        'cut-out',
                        'Cut the old baffles out',
                        'About two hours. Cut along both faces of each joint, rock the sheet, never lever it. Scrape, '
                            .'wipe with alcohol: new silicone does not hold on old.',
                        self::BLADE,
                    ],
                    ['leak-again', 'Leak test again', 'The blade was close to the seams of the tank.', self::LIFTING],
                ]
                : [],
            [
                'check-cuts',
                'Check what was cut',
                sprintf(
                    '%d baffles against the cut sheet: width, height, corners relieved for the bead. Take the sharp '
                        .'edges off.',
                    count($this->section->baffles),
                ),
                'Cut edges of glass are knives: gloves.',
            ],
            [
                'mark',
                'Mark both sides',
                'Each baffle front and back on the glass, from the inside and again from the outer face as a check: '
                    .'the two differ by the wall.',
                null,
            ],
            [
                'dry-fit',
                'Fit it dry',
                'All baffles, trays and devices in, without silicone. Get a hand around each device and lift each one '
                    .'out.',
                null,
            ],
        ];
        $made = array_map(fn (array $step): BuildStep => $this->step(...$step), $steps);
        foreach ($this->section->baffles as $i => $baffle) {
            $before = $this->section->baffles[$i - 1] ?? null;
            $set = $before === null ? null : $this->record->done["set-{$before->id}"] ?? null;
            $made[] = $this->step(
                "set-{$baffle->id}",
                sprintf('Set baffle %d', $i + 1),
                sprintf(
                    '%s at %s. Mask both joints, bead, place, level, tool with a finger, pull the tape at once. No '
                        .'water on wet silicone. Leave it overnight before the next.',
                    $baffle->kind->label(),
                    ShopLength::format($baffle->atMm, $this->units),
                ),
                self::SILICONE,
                $set?->modify('+1 day'),
            );
        }
        $made[] = $this->step(
            'measure',
            'Measure what was set',
            'Each baffle at its four corners, below. What is out of square shows before the silicone is hard.',
            null,
        );
        $ready = $this->waterNotBefore();
        $made[] = $this->step(
            'cure',
            'Let it cure',
            'The full cure its maker asks, at room temperature, without water. Thick beads take longer.',
            null,
        );
        $made[] = $this->step(
            'leak-built',
            'Leak test of the sump',
            'Full to the brim again, then chamber by chamber: fill one, look behind its baffle.',
            self::LIFTING,
            $ready,
        );
        if ($this->section->trays !== []) {
            $hasTray
                = array_filter($this->section->trays, static fn (Tray $tray): bool => $tray->kind === TrayKind::Tray)
                !== [];
            $made[] = $this->step(
                'trays',
                $hasTray ? 'Trays and shelves in' : 'Shelves in',
                'Ledges level front and back; the sheet drops in and comes out with one hand.'
                    .($hasTray ? ' Cap spare holes.' : ''),
                null,
            );
        }
        if ($this->litChamber) {
            $made[] = $this->step(
                'blackout',
                'Blackout panels on',
                'Lamp on, room dark: look for light in every other chamber, in the reservoir and at the roller.',
                null,
            );
        }
        if ($this->basket) {
            $made[] = $this->step(
                'basket',
                'Glue the media basket',
                'Back, sides, front, ledges, handle; the shelves stay loose. Slide it in dry before the glue is hard.',
                'Solvent glue for acrylic: air, no flame, gloves.',
            );
        }
        $made[] = $this->step(
            'plumb',
            'Plumb it',
            'Gate valve on the drain for tuning, ball valve or union beside it for taking apart, so that the tuning '
                .'survives. The emergency mouth above the running water, its end above the sump’s, so that it '
                .'splashes.',
            self::POWER,
        );
        $made[] = $this->step(
            'run',
            'Run it with fresh water',
            sprintf(
                'The return chamber at %s. Tune the drain until it is silent.',
                ShopLength::format($this->section->returnLevelMm, $this->units),
            ),
            self::POWER,
        );
        $made[] = $this->step(
            'power-cut',
            'Pull the plug',
            sprintf(
                'The sump should come to rest at %s, %s under the rim. If it stands higher, find out why before salt '
                    .'goes in.',
                ShopLength::format($this->review->powerCut->highestMm(), $this->units),
                ShopLength::format($this->review->marginMm, $this->units),
            ),
            self::POWER,
        );
        $made[] = $this->step(
            'block-drain',
            'Close the drain',
            sprintf(
                'With someone at the plug: the return may push up %s. The display must hold it, or the emergency pipe '
                    .'carry it and splash.',
                $this->units->format($this->review->givesUpLitres, Dimension::Volume),
            ),
            self::POWER,
        );

        return $made;
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return Finding::gravestFirst([...$this->leaks(), ...$this->haste(), ...$this->places()]);
    }

    /**
     * When water may come in, by the last baffle that was set and the cure its silicone asks; null while either is
     * open.
     */
    public function waterNotBefore(): ?DateTimeImmutable
    {
        $days = array_map(
            fn (Baffle $baffle): ?DateTimeImmutable => $this->record->done["set-{$baffle->id}"] ?? null,
            $this->section->baffles,
        );
        if ($this->record->cureHours === null || $days === [] || in_array(null, $days, true)) {
            return null;
        }

        // The hour is not recorded: reckoned from the end of the day.
        return max($days)->modify('+1 day')->modify(sprintf('+%d hours', (int) ceil($this->record->cureHours)));
    }

    /** @return list<Finding> */
    private function leaks(): array
    {
        $findings = [];
        foreach ($this->record->leakTests as $test) {
            $day = $test->day->format('j M Y');
            if ($test->result !== LeakResult::Dry) {
                $again = array_filter(
                    $this->record->leakTests,
                    static fn (LeakTest $later): bool => $later->day > $test->day && $later->result === LeakResult::Dry,
                );
                $again !== []
                    || ($findings[] = Finding::of(
                        Severity::Fault,
                        'leaks',
                        "It {$test->result->label()}",
                        "On {$day}, and no test since was dry.",
                    )->because(
                        'A seam that weeps opens.',
                        'Drain it, cut the seam out, silicone it anew, and test again. Or give it up.',
                    ));
            } elseif ($test->levelMm < $this->section->heightMm - self::BRIM) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'leak-test-low',
                    'The leak test was not full',
                    sprintf(
                        'On %s it stood at %s; the rim is at %s.',
                        $day,
                        ShopLength::format($test->levelMm, $this->units),
                        ShopLength::format($this->section->heightMm, $this->units),
                    ),
                )->because(
                    'A running sump is half full, after a power cut it is not: only the brim proves anything.',
                    'Fill it to the brim.',
                );
            }
        }
        $ready = $this->waterNotBefore();
        $last
            = $this->record->leakTests === []
                ? null
                : max(array_map(static fn (LeakTest $test): DateTimeImmutable => $test->day, $this->record->leakTests));
        $set = array_filter(
            $this->record->done,
            static fn (string $step): bool => str_starts_with($step, 'set-'),
            ARRAY_FILTER_USE_KEY,
        );
        if ($ready !== null && $last !== null && $set !== [] && $last > max($set) && $last < $ready->setTime(0, 0)) {
            $findings[] = Finding::of(
                Severity::Caution,
                'water-early',
                'Water before the cure was over',
                sprintf('On %s; the silicone was to cure until %s.', $last->format('j M Y'), $ready->format('j M Y')),
            )->because('Water stops the cure from the outside in.', 'Empty it and let it cure for its full time.');
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function haste(): array
    {
        $findings = [];
        foreach ($this->section->baffles as $i => $baffle) {
            $set = $this->record->done["set-{$baffle->id}"] ?? null;
            $before = isset($this->section->baffles[$i - 1])
                ? $this->record->done["set-{$this->section->baffles[$i - 1]->id}"] ?? null
                : null;
            if ($set !== null && $before !== null && $set->format('Y-m-d') === $before->format('Y-m-d')) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'set-too-soon',
                    sprintf('Baffle %d was set on the day of the one before', $i + 1),
                    sprintf('Both on %s.', $set->format('j M Y')),
                )
                    ->at($baffle->id)
                    ->because(
                        'The one before is pushed out of place while its silicone is soft.',
                        'Leave each overnight; measure both again.',
                    );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function places(): array
    {
        $most = Assumptions::outOfSquare();
        $mm = fn (float $mm): string => ShopLength::format(abs($mm), $this->units);
        $findings = [];
        foreach ($this->section->baffles as $i => $baffle) {
            $measured = $this->record->measured[$baffle->id] ?? null;
            if ($measured === null) {
                continue;
            }
            $name = sprintf('Baffle %d', $i + 1);
            $crooked = $measured->outOfSquareMm();
            $leaning = $measured->leaningMm();
            $off = $measured->offPlanMm($baffle->atMm);
            $before = count($findings);
            if ($crooked !== null && abs($crooked) > $most->value) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'out-of-square',
                    "{$name} is out of square",
                    sprintf(
                        'It stands %s further %s at the back than at the front.',
                        $mm($crooked),
                        $crooked > 0.0 ? 'in' : 'out',
                    ),
                    $most,
                )
                    ->at($baffle->id)
                    ->because(
                        'The gap for silicone is then wide on one side and none on the other.',
                        'Turn it while the silicone is wet, or take it out.',
                    );
            }
            if ($leaning !== null && abs($leaning) > $most->value) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'leaning',
                    "{$name} leans",
                    sprintf('Its top stands %s %s the inlet.', $mm($leaning), $leaning > 0.0 ? 'away from' : 'towards'),
                    $most,
                )
                    ->at($baffle->id)
                    ->because(
                        'What hangs from it or slides against it no longer fits.',
                        'Set it upright while the silicone is wet.',
                    );
            }
            if ($off !== null && abs($off) > $most->value) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'off-plan',
                    "{$name} is not where it was planned",
                    sprintf(
                        '%s %s; planned was %s.',
                        $mm($off),
                        $off > 0.0 ? 'further from the inlet' : 'nearer to the inlet',
                        ShopLength::format($baffle->atMm, $this->units),
                    ),
                    $most,
                )
                    ->at($baffle->id)
                    ->because(
                        'The chambers beside it are then of another length.',
                        'Move it while the silicone is wet, or enter its real place in the design and look at the '
                            .'findings there.',
                    );
            }
            if ($before === count($findings) && count($measured->cornersMm) === count(Measured::CORNERS)) {
                $findings[] = Finding::of(
                    Severity::Good,
                    'set-true',
                    "{$name} stands true",
                    'Within the tolerance at all four corners.',
                    $most,
                )->at($baffle->id);
            }
        }

        return $findings;
    }

    private function step(
        string $key,
        string $title,
        string $says,
        ?string $caution,
        ?DateTimeImmutable $notBefore = null,
    ): BuildStep {
        return new BuildStep($key, $title, $says, $caution, $this->record->done[$key] ?? null, $notBefore);
    }
}
