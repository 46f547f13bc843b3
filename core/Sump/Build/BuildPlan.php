<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Cutting\BasketShelf;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\Review\Walls;
use Ithys\Sump\Section;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** The steps of building a sump as it is designed, and what its record shows so far. */
final readonly class BuildPlan
{
    private const LIFTING = 'A full sump is not lifted, and wet glass slips: empty it where it stands. Glass under '
        .'water breaks without warning; the tank maker or a glazier decides on it.';

    private const SILICONE = 'Silicone gives off fumes that sting: air, gloves, no wet fingers in the eyes.';

    private const BLADE = 'Blades slip on wet silicone: cut-proof gloves, goggles, cut away from the hand and from '
        .'the seams of the tank itself.';

    private const POWER = 'Electricity near salt water: a drip loop on every cord, controllers in the dry, '
        .'residual-current protection; follow local code and a licensed electrician.';

    private Section $section;

    public function __construct(private SumpReview $review, private BuildRecord $record)
    {
        $this->section = $review->here->section;
    }

    /** @return list<BuildStep> */
    public function steps(): array
    {
        return $this->section->front === null ? $this->sump() : $this->behind();
    }

    /** How it is filled for a test: to the brim only where its wall bears that. */
    private function fillUp(string $toTheBrim): Text
    {
        $safe = Walls::safeFillMm($this->review->here);

        return $safe === null ? Text::wrap($toTheBrim) : Text::of(
            'Not to the brim: by plate theory its wall is not made for that. Fill it to at most {safe}, outdoors and '
                .'level, a quarter at a time with an hour between, and look at every seam; leave it for a day. Brace '
                .'the top, or ask the tank maker or a glazier, before you fill it higher.',
            safe: Quantity::mm($safe),
        );
    }

    /** @return list<BuildStep> a sump from the bare tank to the test of its drain */
    private function sump(): array
    {
        $steps = [
            [
                'leak-empty',
                'Leak test of the bare tank',
                $this->fillUp(
                    'Outdoors, level, full to the brim for a day. Knock the corners with the flat of the hand. A '
                        .'running sump is only half full: a half-full test proves nothing.',
                ),
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
                Text::of(
                    '{baffles} baffles against the cut sheet: width, height, corners relieved for the bead. Take the '
                        .'sharp edges off.',
                    baffles: count($this->section->inside->baffles),
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
        foreach ($this->section->inside->baffles as $i => $baffle) {
            $before = $this->section->inside->baffles[$i - 1] ?? null;
            $set = $before === null ? null : $this->record->done["set-{$before->id}"] ?? null;
            $made[] = $this->step(
                "set-{$baffle->id}",
                Text::of('Set baffle {i}', i: $i + 1),
                Text::of(
                    $baffle->hangs()
                        ? '{baffleKind} at {place}, its lower edge {gap} over the floor: stand it on spacers of that '
                            .'height. {glue}'
                        : '{baffleKind} at {place}. {glue}',
                    baffleKind: $baffle->kind->label(),
                    place: Quantity::mm($baffle->atMm),
                    gap: Quantity::mm($baffle->gapMm),
                    glue: 'Mask both joints, bead, place, level, tool with a finger, pull the tape at once. No water '
                        .'on wet silicone. Leave it overnight before the next.',
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
            $this->fillUp('Full to the brim again, then chamber by chamber: fill one, look behind its baffle.'),
            self::LIFTING,
            $ready,
        );
        if ($this->section->inside->trays !== []) {
            $hasTray
                = array_filter(
                    $this->section->inside->trays,
                    static fn (Tray $tray): bool => $tray->kind === TrayKind::Tray,
                ) !== [];
            $made[] = $this->step(
                'trays',
                $hasTray ? 'Trays and shelves in' : 'Shelves in',
                Text::of(
                    '{ledges} Glue each ledge with its wide face to the front and back glass. Level front and back; '
                        .'the sheet drops in and comes out with one hand.{caps}',
                    ledges: Text::join(' ', array_map(
                        static fn (Tray $tray): Text => Text::of(
                            'Top of the ledges of the {tray} in chamber {chamber} at {top} over the floor.',
                            tray: lcfirst($tray->kind->label()),
                            chamber: $tray->chamber + 1,
                            top: Quantity::mm($tray->undersideMm()),
                        ),
                        $this->section->inside->trays,
                    )),
                    caps: $hasTray ? ' Cap spare holes.' : '',
                ),
                null,
            );
        }
        if ($this->review->here->workshop->litChamber !== null) {
            $made[] = $this->step(
                'blackout',
                'Blackout panels on',
                'Lamp on, room dark: look for light in every other chamber, in the reservoir and at the roller.',
                null,
            );
        }
        array_push($made, ...$this->basket());
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
            Text::of(
                'The return chamber at {level}. Tune the drain until it is silent.',
                level: Quantity::mm($this->section->water->returnLevelMm),
            ),
            self::POWER,
        );
        $made[] = $this->step(
            'power-cut',
            'Pull the plug',
            $this->afterPowerCut(),
            self::POWER,
        );
        $made[] = $this->step(
            'block-drain',
            'Close the drain',
            $this->review->here->flowIsKnown
                ? Text::of(
                    'With someone at the plug: the return may push up {givesUp}. The display must hold it, or the '
                        .'emergency pipe carry it and splash.',
                    givesUp: Quantity::litres($this->review->here->givesUpLitres()),
                )
                : 'With someone at the plug: how much the return may push up is not reckoned, since the flow is not '
                    .'known. The display must hold it, or the emergency pipe carry it and splash.',
            self::POWER,
        );

        return $made;
    }

    /** @return list<BuildStep> what is made for chambers that are there, and how they are tried out */
    private function behind(): array
    {
        $here = $this->review->here;
        $room = $here->roomBeforeLitres();

        return [
            ...$this->basket(),
            $this->step(
                'run',
                'Run it',
                Text::of(
                    'The pump chamber at {level}. Look where the water goes: over the front of the basket, and not '
                        .'beside it.',
                    level: Quantity::mm($this->section->water->returnLevelMm),
                ),
                self::POWER,
            ),
            $this->step('power-cut', 'Pull the plug', $this->afterPowerCut(), self::POWER),
            $this->step(
                'block-slots',
                'Cover the slots',
                $room === null
                    ? 'With someone at the plug: hold a sheet before the slots. How much the pump may bring into the '
                        .'display is not reckoned; watch the rim.'
                    : Text::of(
                        'With someone at the plug: hold a sheet before the slots. The pump may bring {gives} into the '
                            .'display, where {room} fit, before it draws air.',
                        gives: Quantity::litres($here->givesUpLitres()),
                        room: Quantity::litres(max(0.0, $room)),
                    ),
                self::POWER,
            ),
        ];
    }

    /** @return list<BuildStep> a media basket in the order in which it is put together; none without one */
    private function basket(): array
    {
        $basket = $this->review->here->workshop->basket;
        if ($basket === null || $basket->panels($this->section->assumptions) === []) {
            return [];
        }
        $stack = $basket->stack($this->section->assumptions);
        $use = $basket->use;
        $steps = [
            $this->step(
                'basket-marks',
                'Mark the ledges of the basket',
                Text::of(
                    'On the inside of both sides, from the foot up: undersides at {ledges}.',
                    ledges: Text::join(', ', array_map(
                        static fn (BasketShelf $shelf): Text => Text::of(
                            '{ledge}',
                            ledge: Quantity::mm($shelf->ledgeMm),
                        ),
                        array_reverse($stack),
                    )),
                ),
                'Cut edges of acrylic are sharp, and its dust is not to be breathed: goggles, gloves, mask.',
            ),
            $this->step(
                'basket',
                'Glue the media basket',
                'Ledges on the sides, the sides on the back, then the front, flush at the foot, and the handle at the '
                    .'top. The shelves stay loose. Slide it in dry before the glue is hard.',
                'Solvent glue for acrylic: air, no flame, gloves.',
            ),
            $this->step(
                'basket-cure',
                'Let the glue harden, then rinse',
                'As long as its maker says. Rinse with purified water; a basket that smells of solvent is not ready.',
                null,
            ),
        ];
        if ($use === null) {
            return $steps;
        }

        return [
            ...$steps,
            $this->step('basket-fill', 'Fill the basket from the foot up', $this->fill($stack), null),
            $this->step(
                'basket-in',
                'Set the basket in',
                Text::of(
                    $use->standMm > 0.0
                        ? 'In chamber {chamber}, its foot {stand} over the floor, the low side to where the water '
                            .'comes from.{strip}'
                        : 'In chamber {chamber}, on the floor, the low side to where the water comes from.{strip}',
                    chamber: $use->chamber + 1,
                    stand: Quantity::mm($use->standMm),
                    strip: $use->sealed ? ' The strip along its front lies on the wall all along.' : '',
                ),
                null,
            ),
        ];
    }

    /** @param  list<BasketShelf>  $stack */
    private function fill(array $stack): Text
    {
        $shelves = [];
        foreach (array_reverse($stack) as $shelf) {
            $on = array_map(
                static fn (array $one): Text => $one['layer']->heightMm === null
                    ? Text::of('{layer}', layer: $one['layer']->label())
                    : Text::of(
                        '{layer} of {height}',
                        layer: $one['layer']->label(),
                        height: Quantity::mm($one['layer']->heightMm),
                    ),
                array_reverse($shelf->layers),
            );
            $shelves[] = Text::of(
                $on === [] ? 'Shelf {shelf}: nothing said, room for {litres}.' : 'Shelf {shelf}: {layers}.',
                shelf: $shelf->number,
                litres: Quantity::litres($shelf->litres),
                layers: Text::join(', ', $on),
            );
        }

        return Text::join(' ', $shelves);
    }

    private function afterPowerCut(): Text
    {
        $here = $this->review->here;
        $missing = $here->missingOfPowerCut();

        if ($missing === [] && $this->section->front !== null) {
            return Text::of(
                'The display should come to rest at {display} and the chambers at {level}, {margin} under the rim.',
                display: Quantity::mm((float) $here->powerCut->displayMm),
                level: Quantity::mm($here->powerCut->highestMm()),
                margin: Quantity::mm($here->marginMm()),
            );
        }

        return $missing === []
            ? Text::of(
                'The sump should come to rest at {level}, {margin} under the rim. If it stands higher, find out why '
                    .'before salt goes in.',
                level: Quantity::mm($here->powerCut->highestMm()),
                margin: Quantity::mm($here->marginMm()),
            )
            : Text::of(
                'Where the water comes to rest is not reckoned. Not known: {missing}. Stand by with the plug and watch '
                    .'the rim, which is at {rim}.',
                missing: Text::join(', ', $missing),
                rim: Quantity::mm($here->section->vessel->heightMm),
            );
    }

    /** @return list<Finding> what the record shows */
    public function findings(): array
    {
        return (new BuildCheck(
            $this->section,
            $this->record,
            Walls::safeFillMm($this->review->here),
            Walls::safeFillMm($this->review->here, Assumed::PanelFault),
        ))->findings();
    }

    /** @return list<Finding> what is wrong with the glass it is built of, which the fill of a test rests on */
    public function ofGlass(): array
    {
        return array_values(array_filter(
            $this->review->ofGlass,
            static fn (Finding $one): bool => $one->severity !== Severity::Good,
        ));
    }

    public function waterNotBefore(): ?DateTimeImmutable
    {
        return $this->record->waterNotBefore($this->section->inside);
    }

    private function step(
        string $key,
        Text|string $title,
        Text|string $says,
        ?string $caution,
        ?DateTimeImmutable $notBefore = null,
    ): BuildStep {
        return new BuildStep(
            $key,
            Text::wrap($title),
            Text::wrap($says),
            $caution,
            $this->record->done[$key] ?? null,
            $notBefore,
        );
    }
}
