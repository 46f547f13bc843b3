<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Path\Style;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Water\TurnoverSchool;

/** The styles side by side for one tank and room, criterion by criterion; no score, since keepers weigh differently. */
final readonly class StyleComparison
{
    public function __construct(private Room $room)
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
            : $this->room->displayLitres * $this->assumed('gain', $style)->value;
    }

    /** Turnover the style reaches in use, volumes an hour. */
    public function turnoverPerHour(Style $style): float
    {
        return $this->flow($style)->value
            / ($this->room->displayLitres + $this->gainedLitres($style));
    }

    /** Energy in a year, kWh: the pump at the flow in use, or at the most that any school wants, whichever is less. */
    public function kilowattHoursAYear(Style $style): float
    {
        $litres = $this->room->displayLitres + $this->gainedLitres($style);
        $flow = min(
            $this->flow($style)->value,
            $this->room->assumptions->value(Assumed::TurnoverModerateHigh) * $litres,
        );

        return Quantity::kilowattHoursAYear($flow / 1000 * $this->assumed('watts', $style)->value, 24.0);
    }

    private function flow(Style $style): Assumption
    {
        return $style === Style::Sump && $this->room->drilled
            ? $this->room->assumptions->of('style-flow-drilled')
            : $this->assumed('flow', $style);
    }

    private function assumed(string $what, Style $style): Assumption
    {
        return $this->room->assumptions->of("style-{$what}-{$style->value}");
    }

    private function volume(Style $style): Cell
    {
        $gained = $this->gainedLitres($style);

        return match ($style) {
            Style::Sump => $this->sumpVolume(),
            Style::RearChamber => new Cell(
                'none',
                Severity::Remark,
                Text::of(
                    'The chamber is part of the tank; it takes about {display} from the view.',
                    display: Quantity::litres(
                        $this->room->displayLitres * $this->room->assumptions->value(Assumed::StyleRearShare),
                    ),
                ),
                null,
                $this->room->assumptions->of(Assumed::StyleRearShare),
            ),
            default => new Cell(
                $this->gained($gained),
                Severity::Remark,
                $gained > 0 ? 'What the vessel and hoses hold.' : 'It stands in the display and displaces a little.',
                null,
                $this->assumed('gain', $style),
            ),
        };
    }

    private function sumpVolume(): Cell
    {
        $fit = SumpFit::of($this->room);
        if ($fit === null) {
            return $this->room->cabinet->heightMm === null
                ? new Cell(
                    'cabinet not given',
                    Severity::Remark,
                    'Enter the inner size of the cabinet to see the sump it holds.',
                )
                : new Cell(
                    'no sump fits',
                    Severity::Fault,
                    Text::of(
                        'Less {rearClearance} behind and room for hands above, no sump is left in this cabinet. It '
                            .'can stand beside the tank or in another room.',
                        rearClearance: Quantity::length($this->room->assumptions->value(Assumed::RearClearance)),
                    ),
                    null,
                    $this->room->assumptions->of(Assumed::StyleSumpHeight),
                );
        }

        return new Cell(
            $this->gained($fit->runningLitres),
            Severity::Good,
            Text::of(
                'A sump of {fitLength} x {fitWidth} x {fitHeight} goes in, and it runs about half full. More water '
                    .'dilutes every mistake.',
                fitLength: Quantity::length($fit->lengthMm),
                fitWidth: Quantity::length($fit->widthMm),
                fitHeight: Quantity::length($fit->heightMm),
            ),
            null,
            $this->room->assumptions->of(Assumed::StyleSumpFill),
        );
    }

    private function gained(float $litres): Text
    {
        return Text::of('{sign}{litres}', sign: $litres > 0 ? '+' : '−', litres: Quantity::litres(abs($litres)));
    }

    private function turnover(Style $style): Cell
    {
        $flow = $this->flow($style);
        $times = $this->turnoverPerHour($style);
        $assumptions = $this->room->assumptions;
        $reached = array_map(
            static fn (TurnoverSchool $school): Text => Text::of(
                '{wanted} {reached}.',
                wanted: $school->wanted($assumptions),
                reached: $times >= $school->lowest($assumptions)->value ? 'Reached' : 'Not reached',
            ),
            TurnoverSchool::cases(),
        );
        $moderate = TurnoverSchool::Moderate->lowest($assumptions)->value;

        return new Cell(
            'up to '.number_format($times, $times < 10 ? 1 : 0).' /h',
            $times >= $moderate ? Severity::Good : Severity::Caution,
            Text::of(
                '{flow} in use over {display}.{siphon}',
                flow: Quantity::perHour($flow->value),
                display: Quantity::litres($this->room->displayLitres + $this->gainedLitres($style)),
                siphon: $style === Style::Sump && ! $this->room->drilled
                    ? ' The rim-hung siphon sets the limit; a drilled tank takes more.'
                    : '',
            ),
            Text::join(' ', $reached),
            $flow,
        );
    }

    private function gear(Style $style): Cell
    {
        $fit = SumpFit::of($this->room);

        return match ($style) {
            Style::Sump => match (true) {
                $this->room->cabinet->heightMm === null => new Cell(
                    'all three, if the cabinet allows',
                    Severity::Remark,
                    'Enter the inner size of the cabinet to see whether they fit.',
                ),
                $fit === null => new Cell('no room', Severity::Fault, 'No sump fits this cabinet.'),
                $fit->lengthMm >= $this->room->assumptions->value(Assumed::StyleAllGear) => new Cell(
                    'all three',
                    Severity::Good,
                    Text::of(
                        '{fitLength} of sump is enough for skimmer, refugium and reactor side by side.',
                        fitLength: Quantity::length($fit->lengthMm),
                    ),
                    null,
                    $this->room->assumptions->of(Assumed::StyleSumpHeight),
                ),
                $fit->lengthMm >= $this->room->assumptions->value(Assumed::StyleSomeGear) => new Cell(
                    'two of the three',
                    Severity::Remark,
                    Text::of(
                        '{fitLength} of sump holds a skimmer and one more section.',
                        fitLength: Quantity::length($fit->lengthMm),
                    ),
                    null,
                    $this->room->assumptions->of(Assumed::StyleSumpHeight),
                ),
                default => new Cell(
                    'a small skimmer',
                    Severity::Caution,
                    Text::of(
                        '{fitLength} of sump is short; a skimmer takes most of it.',
                        fitLength: Quantity::length($fit->lengthMm),
                    ),
                    null,
                    $this->room->assumptions->of(Assumed::StyleSumpHeight),
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
        $long
            = $this->room->displayLengthMm !== null
            && $this->room->displayLengthMm > $this->room->assumptions->value(Assumed::StyleLongTank);
        $length = $long
            ? Text::of(
                ' {length} is long: film at the far end is out of its reach unless the flow pushes it there.',
                length: Quantity::length($this->room->displayLengthMm ?? 0.0),
            )
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
                Text::join('', ['Only if one intake draws at the surface.', $length]),
            ),
            Style::HangOn => new Cell(
                'beside it',
                $long ? Severity::Caution : Severity::Remark,
                Text::join('', ['A skimmer on the intake clears what is near.', $length]),
            ),
            Style::Internal => new Cell(
                'no',
                Severity::Caution,
                Text::join('', ['It draws below the surface.', $length]),
            ),
        };
    }

    private function power(Style $style): Cell
    {
        $hours = $this->kilowattHoursAYear($style);
        $watts = $this->assumed('watts', $style);

        return new Cell(
            Quantity::base($hours, Dimension::Energy),
            Severity::Remark,
            Text::of(
                '{watts} for {flow}, day and night, at no more than {most} volumes an hour: {hours}, or {cost} at '
                    .'{price} a kWh. Skimmer, heater and light come on top in any style.',
                watts: Quantity::base($watts->value, Dimension::Power),
                flow: Quantity::perHour(1000),
                most: Quantity::number($this->room->assumptions->value(Assumed::TurnoverModerateHigh)),
                hours: Quantity::base($hours, Dimension::Energy),
                cost: Quantity::number($hours * $this->room->pricePerKilowattHour, 2),
                price: Quantity::number($this->room->pricePerKilowattHour, 2),
            ),
            null,
            $watts,
        );
    }

    private function consumables(Style $style): Cell
    {
        $change = $this->assumed('change', $style);
        $media = $this->room->assumptions->of(Assumed::StyleMediaPrice);
        $mediaLitres
            = ($this->room->displayLitres
                * (12 * $this->room->assumptions->value(Assumed::CarbonVolume)
                    + 2 * $this->room->assumptions->value(Assumed::AluminaVolume)))
            / 1000;
        $changes = 365.25 / $this->room->assumptions->value(Assumed::StyleChangeDays);
        $sum = $changes * $change->value + $mediaLitres * $media->value;

        return new Cell(
            'about '.number_format($sum),
            Severity::Remark,
            Text::of(
                'Mechanical stage every {every} days, {changes} changes at {change}; carbon monthly and phosphate '
                    .'media twice a year, {litres} at {price}.',
                every: Quantity::number($this->room->assumptions->value(Assumed::StyleChangeDays)),
                changes: Quantity::number($changes, 0),
                change: Quantity::number($change->value, 2),
                litres: Quantity::litres($mediaLitres),
                price: Quantity::base($media->value, Dimension::VolumePrice, 0),
            ),
            'Who never uses carbon as routine saves most of the media; who changes weekly halves the first part and '
                .'keeps a quarter less waste out.',
            $change,
        );
    }

    private function price(Style $style): Cell
    {
        $price = $this->assumed('price', $style);
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
            Text::of(
                '{over}Filter, pump and pipes, without skimmer and light; an order of size only.',
                over: $over
                    ? Text::of('Over the {budget} you set. ', budget: Quantity::number((float) $this->room->budget, 0))
                    : '',
            ),
            null,
            $price,
        );
    }
}
