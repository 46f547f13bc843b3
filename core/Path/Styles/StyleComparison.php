<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumptions;
use Ithys\Path\Style;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Water\TurnoverSchool;

/** The styles side by side for one tank and room, criterion by criterion; no score, since keepers weigh differently. */
final readonly class StyleComparison
{
    /** A tank longer than this gathers film at the end away from the filter, mm. */
    private const LONG_TANK = 900.0;

    public function __construct(private Room $room, private UnitSystem $units)
    {
    }

    public function cell(Criterion $criterion, Style $style): Cell
    {
        return match ($criterion) {
            Criterion::Volume => $this->volume($style),
            Criterion::Turnover => $this->turnover($style),
            Criterion::Gear => $this->gear($style),
            Criterion::Surface => $this->surface($style),
            Criterion::Power => $this->power($style),
            Criterion::Consumables => $this->consumables($style),
            Criterion::Price => $this->price($style),
            default => (new StyleTraits($this->room))->cell($criterion, $style),
        };
    }

    /** Water the style adds to the display's, L; below zero where it takes some. */
    public function gainedLitres(Style $style): float
    {
        return $style === Style::Sump
            ? $this->room->sumpLitres() ?? 0.0
            : $this->room->displayLitres * StyleAssumptions::gain($style)->value;
    }

    /** Turnover the style reaches in use, volumes an hour. */
    public function turnoverPerHour(Style $style): float
    {
        return StyleAssumptions::flow($style, $this->room->drilled)->value
            / ($this->room->displayLitres + $this->gainedLitres($style));
    }

    /** Energy in a year, kWh: the pump at the flow in use, or at the most that any school wants, whichever is less. */
    public function kilowattHoursAYear(Style $style): float
    {
        $litres = $this->room->displayLitres + $this->gainedLitres($style);
        $flow = min(
            StyleAssumptions::flow($style, $this->room->drilled)->value,
            Assumptions::moderateTurnoverHigh()->value * $litres,
        );

        return $flow / 1000 * StyleAssumptions::wattsPerCubicMetre($style)->value * 24 * 365.25 / 1000;
    }

    private function volume(Style $style): Cell
    {
        $gained = $this->gainedLitres($style);

        return match ($style) {
            Style::Sump => $this->sumpVolume(),
            Style::RearChamber => new Cell(
                'none',
                Severity::Remark,
                sprintf(
                    'The chamber is part of the tank; it takes about %s from the view.',
                    $this->units->format(
                        $this->room->displayLitres * StyleAssumptions::rearShare()->value,
                        Dimension::Volume,
                    ),
                ),
                null,
                StyleAssumptions::rearShare(),
            ),
            default => new Cell(
                $this->gained($gained),
                Severity::Remark,
                $gained > 0 ? 'What the vessel and hoses hold.' : 'It stands in the display and displaces a little.',
                null,
                StyleAssumptions::gain($style),
            ),
        };
    }

    private function sumpVolume(): Cell
    {
        $fit = SumpFit::of($this->room);
        if ($fit === null) {
            return $this->room->cabinetHeightMm === null
                ? new Cell(
                    'cabinet not given',
                    Severity::Remark,
                    'Enter the inner size of the cabinet to see the sump it holds.',
                )
                : new Cell(
                    'no sump fits',
                    Severity::Fault,
                    sprintf(
                        'Less %s behind and room for hands above, no sump is left in this cabinet. It can stand '
                            .'beside the tank or in another room.',
                        $this->units->format(Assumptions::rearClearance()->value, Dimension::Length),
                    ),
                    null,
                    StyleAssumptions::sumpHeight(),
                );
        }

        return new Cell(
            $this->gained($fit->runningLitres),
            Severity::Good,
            sprintf(
                'A sump of %s x %s x %s goes in, and it runs about half full. More water dilutes every mistake.',
                $this->units->format($fit->lengthMm, Dimension::Length),
                $this->units->format($fit->widthMm, Dimension::Length),
                $this->units->format($fit->heightMm, Dimension::Length),
            ),
            null,
            StyleAssumptions::sumpFill(),
        );
    }

    private function gained(float $litres): string
    {
        return ($litres > 0 ? '+' : '−').$this->units->format(abs($litres), Dimension::Volume);
    }

    private function turnover(Style $style): Cell
    {
        $flow = StyleAssumptions::flow($style, $this->room->drilled);
        $times = $this->turnoverPerHour($style);
        $reached = array_map(
            static fn (TurnoverSchool $school): string => $school->wanted()
                .($times >= $school->lowest()->value ? ' Reached.' : ' Not reached.'),
            TurnoverSchool::cases(),
        );
        $moderate = TurnoverSchool::Moderate->lowest()->value;

        return new Cell(
            'up to '.number_format($times, $times < 10 ? 1 : 0).' /h',
            $times >= $moderate ? Severity::Good : Severity::Caution,
            sprintf(
                '%s in use over %s.%s',
                $this->units->format($flow->value, Dimension::Flow, 0),
                $this->units->format($this->room->displayLitres + $this->gainedLitres($style), Dimension::Volume),
                $style === Style::Sump && ! $this->room->drilled
                    ? ' The rim-hung siphon sets the limit; a drilled tank takes more.'
                    : '',
            ),
            implode(' ', $reached),
            $flow,
        );
    }

    private function gear(Style $style): Cell
    {
        $fit = SumpFit::of($this->room);

        return match ($style) {
            Style::Sump => match (true) {
                $this->room->cabinetHeightMm === null => new Cell(
                    'all three, if the cabinet allows',
                    Severity::Remark,
                    'Enter the inner size of the cabinet to see whether they fit.',
                ),
                $fit === null => new Cell('no room', Severity::Fault, 'No sump fits this cabinet.'),
                $fit->lengthMm >= 800 => new Cell(
                    'all three',
                    Severity::Good,
                    sprintf(
                        '%s of sump is enough for skimmer, refugium and reactor side by side.',
                        $this->units->format($fit->lengthMm, Dimension::Length),
                    ),
                    null,
                    StyleAssumptions::sumpHeight(),
                ),
                $fit->lengthMm >= 500 => new Cell(
                    'two of the three',
                    Severity::Remark,
                    sprintf(
                        '%s of sump holds a skimmer and one more section.',
                        $this->units->format($fit->lengthMm, Dimension::Length),
                    ),
                    null,
                    StyleAssumptions::sumpHeight(),
                ),
                default => new Cell(
                    'a small skimmer',
                    Severity::Caution,
                    sprintf(
                        '%s of sump is short; a skimmer takes most of it.',
                        $this->units->format($fit->lengthMm, Dimension::Length),
                    ),
                    null,
                    StyleAssumptions::sumpHeight(),
                ),
            },
            Style::RearChamber => new Cell(
                'a slim skimmer or a media basket',
                Severity::Remark,
                'Chambers are narrow: a slim skimmer, a lit chamber of algae or a stacked basket, rarely two of them.',
            ),
            Style::Canister => new Cell(
                'media; algae inline',
                Severity::Remark,
                'Baskets hold plenty of media and an algae reactor can stand inline after it; a skimmer has to hang '
                    .'on the tank.',
            ),
            Style::HangOn => new Cell(
                'media only',
                Severity::Caution,
                'A hang-on skimmer or refugium is one more box on the rim.',
            ),
            Style::Internal => new Cell('a handful of media', Severity::Caution, 'Nothing else fits in it.'),
        };
    }

    private function surface(Style $style): Cell
    {
        $long = $this->room->displayLengthMm !== null && $this->room->displayLengthMm > self::LONG_TANK;
        $length = $long
            ? ' '
                .$this->units->format($this->room->displayLengthMm ?? 0.0, Dimension::Length)
                .' is long: film at the far end is out of its reach unless the flow pushes it there.'
            : '';

        return match ($style) {
            Style::Sump => new Cell(
                'yes',
                Severity::Good,
                'The overflow takes the surface off, film and all.'
                    .($long ? ' In a long tank point a flow pump along the surface towards it.' : ''),
            ),
            Style::RearChamber => new Cell(
                'yes, along the back',
                Severity::Good,
                'The slots take the surface along the rear wall.',
            ),
            Style::Canister => new Cell(
                'with a surface intake',
                $long ? Severity::Caution : Severity::Remark,
                'Only if one intake draws at the surface.'.$length,
            ),
            Style::HangOn => new Cell(
                'beside it',
                $long ? Severity::Caution : Severity::Remark,
                'A skimmer on the intake clears what is near.'.$length,
            ),
            Style::Internal => new Cell('no', Severity::Caution, 'It draws below the surface.'.$length),
        };
    }

    private function power(Style $style): Cell
    {
        $hours = $this->kilowattHoursAYear($style);
        $watts = StyleAssumptions::wattsPerCubicMetre($style);

        return new Cell(
            number_format($hours).' kWh',
            Severity::Remark,
            sprintf(
                '%s W for %s, day and night, at no more than 10 volumes an hour: %s kWh, or %s at %s a kWh. Skimmer, '
                    .'heater and light come on top in any style.',
                number_format($watts->value),
                $this->units->format(1000, Dimension::Flow, 0),
                number_format($hours),
                number_format($hours * $this->room->pricePerKilowattHour, 2),
                number_format($this->room->pricePerKilowattHour, 2),
            ),
            null,
            $watts,
        );
    }

    private function consumables(Style $style): Cell
    {
        $change = StyleAssumptions::changePrice($style);
        $media = StyleAssumptions::mediaPrice();
        $mediaLitres
            = ($this->room->displayLitres
                * (12 * Assumptions::carbonVolume()->value + 2 * Assumptions::aluminaVolume()->value))
            / 1000;
        $changes = 365.25 / 3.5;
        $sum = $changes * $change->value + $mediaLitres * $media->value;

        return new Cell(
            'about '.number_format($sum),
            Severity::Remark,
            sprintf(
                'Mechanical stage every 3.5 days, %s changes at %s; carbon monthly and phosphate media twice a year, '
                    .'%s at %s a litre.',
                number_format($changes),
                number_format($change->value, 2),
                $this->units->format($mediaLitres, Dimension::Volume),
                number_format($media->value),
            ),
            'Who never uses carbon as routine saves most of the media; who changes weekly halves the first part and '
                .'keeps a quarter less waste out.',
            $change,
        );
    }

    private function price(Style $style): Cell
    {
        $price = StyleAssumptions::price($style);
        // Larger tanks cost less than in proportion.
        $sum = $price->value * sqrt($this->room->displayLitres / 200);
        $over = $this->room->budget !== null && $sum > $this->room->budget;

        return new Cell(
            'about '.number_format($sum, 0),
            match (true) {
                $over => Severity::Caution,
                $this->room->budget !== null => Severity::Good,
                default => Severity::Remark,
            },
            ($over ? sprintf('Over the %s you set. ', number_format((float) $this->room->budget)) : '')
                .'Filter, pump and pipes, without skimmer and light; an order of size only.',
            null,
            $price,
        );
    }
}
