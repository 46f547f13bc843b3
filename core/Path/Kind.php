<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;

/** The generic equipment catalogue: what can stand in the path of the water. */
enum Kind: string
{
    case OverflowDrilled = 'overflow-drilled';
    case OverflowRim = 'overflow-rim';
    case Weir = 'weir';
    case Intake = 'intake';
    case Drain = 'drain';
    case Sock = 'sock';
    case Roller = 'roller';
    case PreFilter = 'pre-filter';
    case Sponge = 'sponge';
    case Pad = 'pad';
    case DualPad = 'dual-pad';
    case Floss = 'floss';
    case Skimmer = 'skimmer';
    case Refugium = 'refugium';
    case AlgaeReactor = 'algae-reactor';
    case Scrubber = 'scrubber';
    case Basket = 'basket';
    case Bag = 'bag';
    case Reactor = 'reactor';
    case CanisterBasket = 'canister-basket';
    case Biological = 'biological';
    case Zeolite = 'zeolite';
    case BubbleTrap = 'bubble-trap';
    case CalmSection = 'calm-section';
    case Comb = 'comb';
    case CatchTray = 'catch-tray';
    case ReturnPump = 'return-pump';
    case FeedPump = 'feed-pump';
    case Heater = 'heater';
    case Chiller = 'chiller';
    case Uv = 'uv';
    case Ozone = 'ozone';
    case TopOff = 'top-off';

    public function spec(): Spec
    {
        return match ($this) {
            self::OverflowDrilled => new Spec(
                'Overflow, drilled',
                Group::Inlet,
                'Weir box and bulkheads through the glass; draws the surface.',
                flags: [Flag::Emergency],
                choices: [Choice::Fitting],
            ),
            self::OverflowRim => new Spec(
                'Overflow, rim-hung siphon',
                Group::Inlet,
                'Hangs on the rim; a siphon tube carries the water over it and can lose its prime.',
                flags: [Flag::Emergency],
                choices: [Choice::Fitting],
            ),
            self::Weir => new Spec(
                'Slotted weir',
                Group::Inlet,
                'Slots in the wall of a rear chamber; draws the surface.',
            ),
            self::Intake => new Spec(
                'Intake',
                Group::Inlet,
                'A strainer on a pipe, in mid-water or at the surface.',
                flags: [Flag::Surface],
                choices: [Choice::Fitting],
            ),
            self::Drain => new Spec('Drain', Group::Inlet, 'The pipe down to the filter.', choices: [Choice::Fitting]),
            self::Sock => new Spec(
                'Sock',
                Group::Mechanical,
                'A felt or mesh bag in a 4 in or 7 in hole. Felt catches more and clogs sooner.',
                figures: [Figure::Micron, Figure::SpareHoles],
                choices: [Choice::Material, Choice::Hole],
            ),
            self::Roller => new Spec(
                'Fleece roller',
                Group::Mechanical,
                'Winds fresh fleece on as the water backs up.',
                1,
                [Figure::Micron, Figure::SpareHoles],
                [Choice::Feed, Choice::Hole],
            ),
            self::PreFilter => new Spec(
                'Pre-filter',
                Group::Mechanical,
                'An easily reached sponge or cup ahead of the rest, cleaned every 3 to 4 days.',
                choices: [Choice::Grade],
                flags: [Flag::Loose],
            ),
            self::Sponge => new Spec(
                'Sponge',
                Group::Mechanical,
                'Coarse foam; squeeze it out away from the tank.',
                figures: [Figure::Micron],
                choices: [Choice::Grade],
                flags: [Flag::Loose],
            ),
            self::Pad => new Spec(
                'Pad',
                Group::Mechanical,
                'A cut mat, coarse or fine; a fine one polishes or catches dust.',
                figures: [Figure::Micron],
                choices: [Choice::Grade],
                flags: [Flag::Loose],
            ),
            self::DualPad => new Spec(
                'Dual pad',
                Group::Mechanical,
                'Coarse on the side the water meets first, fine behind.',
                flags: [Flag::Loose],
            ),
            self::Floss => new Spec(
                'Floss',
                Group::Mechanical,
                'Fine wool, thrown away every few days.',
                flags: [Flag::Loose],
            ),
            self::Skimmer => new Spec('Skimmer', Group::Export, 'Foams dissolved organics out.', 1, [
                Figure::ClaimLow,
                Figure::ClaimHigh,
                Figure::Air,
            ]),
            self::Refugium => new Spec(
                'Refugium',
                Group::Export,
                'A lit section of macroalgae.',
                1,
                [Figure::Capacity],
                flags: [Flag::Shielded],
            ),
            self::AlgaeReactor => new Spec(
                'Algae reactor',
                Group::Export,
                'A lit vessel of macroalgae.',
                2,
                [Figure::Capacity],
                flags: [Flag::Shielded],
            ),
            self::Scrubber => new Spec(
                'Algae scrubber',
                Group::Export,
                'A lit screen of turf algae under running water.',
                1,
                flags: [Flag::Shielded],
            ),
            self::Basket => new Spec(
                'Media basket',
                Group::Media,
                'Stacked shelves in a rear chamber or sump.',
                figures: [Figure::Capacity],
                flags: [Flag::OpenSides],
            ),
            self::Bag => new Spec(
                'Media bag',
                Group::Media,
                'Media in a net bag, where water passes.',
                figures: [Figure::Capacity],
            ),
            self::Reactor => new Spec(
                'Media reactor',
                Group::Media,
                'Water is forced through the media and can be throttled.',
                figures: [Figure::Capacity],
                choices: [Choice::Fitting],
            ),
            self::CanisterBasket => new Spec(
                'Canister basket',
                Group::Media,
                'One shelf of a canister.',
                figures: [Figure::Capacity],
                flags: [Flag::OpenSides],
            ),
            self::Biological => new Spec(
                'Biological media',
                Group::Media,
                'Ceramic, sintered glass, porous gravel or rubble for bacteria.',
                figures: [Figure::Grams, Figure::ClaimLow, Figure::ClaimHigh],
            ),
            self::Zeolite => new Spec(
                'Zeolite',
                Group::Media,
                'Reef grade only, never industrial or cat litter.',
                figures: [Figure::Grams],
            ),
            self::BubbleTrap => new Spec('Bubble trap', Group::Calm, 'Over, under, over: bubbles rise out on the way.'),
            self::CalmSection => new Spec(
                'Calm section',
                Group::Calm,
                'A wide chamber where bubbles have time to rise.',
                figures: [Figure::Capacity],
            ),
            self::Comb => new Spec('Comb', Group::Calm, 'A toothed weir that holds algae and snails back.'),
            self::CatchTray => new Spec('Catch tray', Group::Calm, 'Egg crate or a tray that holds torn algae back.'),
            self::ReturnPump => new Spec(
                'Return pump',
                Group::Service,
                'Brings the water back; in a canister or hang-on filter, its motor.',
                1,
                [Figure::ClaimLow, Figure::ClaimHigh, Figure::GivesUp],
                [Choice::Fitting],
            ),
            self::FeedPump => new Spec(
                'Feed pump',
                Group::Service,
                'A pump of its own for a branch.',
                1,
                choices: [Choice::Fitting],
            ),
            self::Heater => new Spec('Heater', Group::Service, 'Must stay under water in every state.', 1, [
                Figure::Cover,
            ]),
            self::Chiller => new Spec(
                'Chiller',
                Group::Service,
                'Cools the water; with a pump of its own.',
                2,
                choices: [Choice::Fitting],
            ),
            self::Uv => new Spec(
                'UV clarifier',
                Group::Service,
                'Lamp in a pipe; never look into it.',
                1,
                choices: [Choice::Fitting],
            ),
            self::Ozone => new Spec(
                'Ozone',
                Group::Service,
                'Only with a probe and a skimmer rated for it.',
                1,
                flags: [Flag::Probe],
            ),
            self::TopOff => new Spec('Top-off', Group::Service, 'Makes up what evaporates.', 1, [
                Figure::Capacity,
            ]),
        };
    }

    /** Whether it runs on power, for which there is a usual figure then. */
    public function isPowered(): bool
    {
        return $this->spec()->sockets > 0;
    }

    /** Whether its power is much the same in every tank; that of a heater goes by the water, of a pump by its flow. */
    public function hasUsualPower(): bool
    {
        return $this->isPowered() && $this !== self::Heater && $this !== self::ReturnPump;
    }

    public function label(): string
    {
        return $this->spec()->label;
    }

    public function isInlet(): bool
    {
        return $this->spec()->group === Group::Inlet;
    }

    public function isMechanical(): bool
    {
        return $this->spec()->group === Group::Mechanical;
    }

    public function isAlgae(): bool
    {
        return in_array($this, [self::Refugium, self::AlgaeReactor, self::Scrubber], true);
    }

    public function holdsMedia(): bool
    {
        return in_array($this, [self::Basket, self::Bag, self::Reactor, self::CanisterBasket], true);
    }

    /** Whether it only keeps the water or the filter in condition and changes nothing in what is carried along. */
    public function isService(): bool
    {
        return $this->spec()->group === Group::Service && ! $this->drives();
    }

    /** Whether it works in a closed pipe, under the pressure of a pump. */
    public function worksUnderPressure(): bool
    {
        return in_array($this, [
            self::Reactor,
            self::AlgaeReactor,
            self::Zeolite,
            self::Chiller,
            self::Uv,
            self::Ozone,
        ], true);
    }

    /** Whether it moves water by itself. */
    public function drives(): bool
    {
        return $this === self::ReturnPump || $this === self::FeedPump;
    }

    /** The flow one unit takes when its keeper gives no limit; null where none is usual. */
    public function usualLimit(?string $hole, Assumptions $assumptions): ?Assumption
    {
        return match ($this) {
            self::Zeolite => $assumptions->of(Assumed::ZeoliteFlow),
            self::Roller => $hole === '7in'
                ? $assumptions->of(Assumed::LargeRollerFlow)
                : $assumptions->of(Assumed::SmallRollerFlow),
            self::Sock => $hole === '7in'
                ? $assumptions->of(Assumed::LargeSockFlow)
                : $assumptions->of(Assumed::SmallSockFlow),
            self::Reactor => $assumptions->of(Assumed::ReactorFlow),
            self::AlgaeReactor => $assumptions->of(Assumed::AlgaeReactorFlow),
            default => null,
        };
    }
}
