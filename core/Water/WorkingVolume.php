<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/**
 * The water a dose really meets: display to its water line, less what sand and rock displace, plus sump and plumbing.
 */
final readonly class WorkingVolume
{
    /**
     * @param  list<array{code: string, label: string, litres: float, basis: ?Assumption}>  $parts  signed litres in the
     *   order of the sum
     */
    private function __construct(
        public array $parts,
        public float $litres,
        /** The share of it that stands in the display. */
        public float $displayLitres,
        public float $kilograms,
        private Tank $tank,
    ) {
    }

    public static function of(Tank $tank): self
    {
        $sand = $tank->assumptions->of(Assumed::SandDisplacement);
        $rock = $tank->assumptions->of(Assumed::RockDisplacement);
        $parts = [
            self::part('gross', 'Display to the rim', $tank->display->grossLitres()),
            self::part('unfilled', 'Above the water line', -$tank->display->unfilledLitres()),
            self::part('sand', 'Displaced by sand', -$tank->ground->sandKg * $sand->value, $sand),
            self::part('rock', 'Displaced by rock', -$tank->ground->rockKg * $rock->value, $rock),
            self::part('sump', 'Sump at its running lines', $tank->beside->sumpLitres),
            self::part('plumbing', 'Plumbing and vessels', $tank->beside->plumbingLitres),
            self::part('further', 'Further tanks on the sump', $tank->beside->furtherTankLitres),
        ];
        $litres = array_sum(array_column($parts, 'litres'));

        return new self($parts, $litres, $litres - $tank->beside->litres(),
            $litres * $tank->water->density() / 1000, $tank);
    }

    /** How often an hour the filter passes all of it; null while no flow is given. */
    public function turnoverPerHour(): ?float
    {
        return Turnover::perHour($this->tank->filterLitresPerHour, $this->litres);
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return array_values(array_filter([
            Turnover::judge($this->tank, $this->litres),
            self::salinityFinding($this->tank),
            self::temperatureFinding($this->tank),
        ]));
    }

    /** @return array{code: string, label: string, litres: float, basis: ?Assumption} */
    private static function part(string $code, string $label, float $litres, ?Assumption $basis = null): array
    {
        return ['code' => $code, 'label' => $label, 'litres' => $litres + 0.0, 'basis' => $basis];
    }

    private static function salinityFinding(Tank $tank): ?Finding
    {
        $low = $tank->assumptions->of(Assumed::SalinityLow);
        $high = $tank->assumptions->of(Assumed::SalinityHigh);
        $here = $tank->water->salinity;

        return $here >= $low->value && $here <= $high->value
            ? null
            : Finding::of(
                Severity::Caution,
                'salinity-unusual',
                'Salinity unusual for a reef',
                Text::of(
                    '{here} is outside the {low} to {high} of a reef: check the instrument, then correct it slowly.',
                    here: Quantity::number($here, 1),
                    low: $low->quantity(),
                    high: $high->quantity(),
                ),
                $here < $low->value ? $low : $high,
            );
    }

    private static function temperatureFinding(Tank $tank): ?Finding
    {
        $low = $tank->assumptions->of(Assumed::TemperatureLow);
        $high = $tank->assumptions->of(Assumed::TemperatureHigh);
        $here = $tank->water->celsius;

        return $here >= $low->value && $here <= $high->value
            ? null
            : Finding::of(
                Severity::Caution,
                'temperature-unusual',
                'Temperature unusual for a reef',
                Text::of(
                    'A reef is kept at about {from} to {to}. {here} is outside {least} to {most}.',
                    from: Quantity::celsius(24),
                    to: Quantity::celsius(27),
                    here: Quantity::celsius($here, 1),
                    least: Quantity::celsius($low->value),
                    most: Quantity::celsius($high->value),
                ),
                $here < $low->value ? $low : $high,
            );
    }
}
