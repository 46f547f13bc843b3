<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Path\Style;
use Ithys\Severity;

/**
 * What is known of each style by experience rather than by figures: how it fails, sounds, looks and what it asks of its
 * keeper.
 */
final readonly class StyleTraits
{
    public function __construct(private Room $room)
    {
    }

    public function cell(Criterion $criterion, Style $style): Cell
    {
        return match ($criterion) {
            Criterion::Failures => $this->failures($style),
            Criterion::Noise => $this->noise($style),
            Criterion::Skill => $this->skill($style),
            default => $this->look($style),
        };
    }

    private function failures(Style $style): Cell
    {
        $wet = match ($this->room->taste->spill) {
            Tolerance::Little => Severity::Fault,
            Tolerance::Some => Severity::Caution,
            Tolerance::Much => Severity::Remark,
        };

        return match ($style) {
            Style::Sump => $this->room->drilled
                ? new Cell(
                    'drain-down, blocked drain',
                    $wet === Severity::Fault ? Severity::Caution : Severity::Remark,
                    'In a power cut the display drains to the weir: it has to fit in the sump. A blocked drain pumps '
                        .'the return chamber into the display. Both can be worked out and met, with an emergency '
                        .'drain as second way.',
                )
                : new Cell(
                    'lost siphon, drain-down',
                    $wet,
                    'A rim-hung siphon can lose its prime: the return chamber then goes into the display and over the '
                        .'rim, if it does not fit. In a power cut the display drains to the siphon’s lip.',
                    'Some keepers do not use rim-hung overflows at all; others do, with a flood check.',
                ),
            Style::RearChamber => new Cell(
                'pump gulps air',
                Severity::Good,
                'All water stays in the tank. When the top-up fails, the pump chamber runs low and the pump sucks air.',
            ),
            Style::Canister => new Cell(
                'hose or seal leaks; dies in a power cut',
                $wet,
                'A leaking hose siphons the tank down to its intake. Sealed in without flow, its bacteria suffocate '
                    .'within hours and come back as poison: empty it after a long power cut, or run it from a battery.',
            ),
            Style::HangOn => new Cell(
                'clogs over, runs dry',
                $wet === Severity::Fault ? Severity::Caution : $wet,
                'A clogged cartridge sends the water past it or over the back; after a power cut some do not start '
                    .'again.',
            ),
            Style::Internal => new Cell(
                'stops unseen',
                Severity::Good,
                'Nothing leaves the tank. It clogs soon and quietly.',
            ),
        };
    }

    private function noise(Style $style): Cell
    {
        $heard = fn (Severity $ifLittle): Severity => $this->room->taste->noise === Tolerance::Little
            ? $ifLittle
            : Severity::Remark;

        return match ($style) {
            Style::Sump => new Cell(
                'gurgles until tuned',
                $heard(Severity::Caution),
                'A drain throttled by a gate valve to match the pump runs full and silent; an open one gurgles.',
            ),
            Style::RearChamber => new Cell(
                'trickles',
                $heard(Severity::Caution),
                'The slots trickle when the chamber stands low.',
            ),
            Style::Canister => new Cell('quiet', Severity::Good, 'Only the motor hums, in the cabinet.'),
            Style::HangOn => new Cell(
                'trickles',
                $heard(Severity::Caution),
                'It falls into the tank when the water is low.',
            ),
            Style::Internal => new Cell('hums', Severity::Good, 'Under water, hardly heard.'),
        };
    }

    private function skill(Style $style): Cell
    {
        $new = $this->room->taste->skill === Skill::New;

        return match ($style) {
            Style::Sump => new Cell(
                'plumbing, levels, checks',
                $new ? Severity::Caution : Severity::Good,
                'Most options and most to get right: drains, levels, a power cut.',
                'One school starts everyone on a sump; another calls it the second tank.',
            ),
            Style::RearChamber => new Cell(
                'little',
                Severity::Good,
                'All in one piece; a beginner usually does best with it.',
            ),
            Style::Canister => new Cell(
                'discipline',
                Severity::Remark,
                'Its pre-filter has to be cleaned every 3 to 4 days, or solids rot in a closed vessel.',
                'Some keepers hold canisters unfit for a reef; others run them with an easy pre-filter and enough '
                    .'flow.',
            ),
            Style::HangOn => new Cell('none', Severity::Good, 'Cheapest, and there is nothing to tinker with.'),
            Style::Internal => new Cell(
                'none',
                Severity::Remark,
                'Simple, but it carries only a very small, lightly stocked tank.',
            ),
        };
    }

    private function look(Style $style): Cell
    {
        $seen = $this->room->taste->cleanLook ? Severity::Caution : Severity::Remark;

        return match ($style) {
            Style::Sump => new Cell(
                $this->room->drilled ? 'a weir box' : 'a box on the rim',
                $this->room->drilled ? Severity::Good : $seen,
                'Heater, skimmer and probes stand below.',
            ),
            Style::RearChamber => new Cell(
                'a false wall',
                Severity::Good,
                'Everything stands behind the wall; the display is shorter by it.',
            ),
            Style::Canister => new Cell(
                'two pipes',
                Severity::Good,
                'Intake and outlet; the heater too, unless it is inline.',
            ),
            Style::HangOn => new Cell(
                'a box and an intake',
                $seen,
                'The box shows above the rim and needs an open back.',
            ),
            Style::Internal => new Cell('the filter itself', $seen, 'It stands in the view.'),
        };
    }
}
