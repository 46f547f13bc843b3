<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
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
        $sand = Assumptions::sandDisplacement();
        $rock = Assumptions::rockDisplacement();
        $parts = [
            self::part('gross', 'Display to the rim', $tank->display->grossLitres()),
            self::part('unfilled', 'Above the water line', -$tank->display->unfilledLitres()),
            self::part('sand', 'Displaced by sand', -$tank->sandKg * $sand->value, $sand),
            self::part('rock', 'Displaced by rock', -$tank->rockKg * $rock->value, $rock),
            self::part('sump', 'Sump at its running lines', $tank->sumpLitres),
            self::part('plumbing', 'Plumbing and vessels', $tank->plumbingLitres),
            self::part('further', 'Further tanks on the sump', $tank->furtherTankLitres),
        ];
        $litres = array_sum(array_column($parts, 'litres'));

        return new self($parts, $litres, $litres - $tank->sumpLitres - $tank->plumbingLitres - $tank->furtherTankLitres,
            $litres * Seawater::density($tank->salinity, $tank->celsius) / 1000, $tank);
    }

    /** How often an hour the filter passes all of it; null while no flow is given. */
    public function turnoverPerHour(): ?float
    {
        return Turnover::perHour($this->tank->filterLitresPerHour, $this->litres);
    }

    /** @return list<Finding> */
    public function findings(UnitSystem $units): array
    {
        return array_values(array_filter([
            Turnover::judge($this->tank->filterLitresPerHour, $this->litres, $this->tank->school, $units),
            self::salinityFinding($this->tank),
            self::temperatureFinding($this->tank, $units),
        ]));
    }

    /** @return array{code: string, label: string, litres: float, basis: ?Assumption} */
    private static function part(string $code, string $label, float $litres, ?Assumption $basis = null): array
    {
        return ['code' => $code, 'label' => $label, 'litres' => $litres + 0.0, 'basis' => $basis];
    }

    private static function salinityFinding(Tank $tank): ?Finding
    {
        return $tank->salinity >= 30 && $tank->salinity <= 37
            ? null
            : Finding::of(
                Severity::Caution,
                'salinity-unusual',
                'Salinity unusual for a reef',
                'A reef is kept at about 33 to 36. '
                    .number_format($tank->salinity, 1)
                    .' is outside 30 to 37: check the instrument, then correct it slowly.',
            );
    }

    private static function temperatureFinding(Tank $tank, UnitSystem $units): ?Finding
    {
        $degrees = static fn (float $celsius, int $decimals = 0): string => $units->format(
            $celsius,
            Dimension::Temperature,
            $decimals,
        );

        return $tank->celsius >= 22 && $tank->celsius <= 29
            ? null
            : Finding::of(
                Severity::Caution,
                'temperature-unusual',
                'Temperature unusual for a reef',
                "A reef is kept at about {$degrees(24)} to {$degrees(27)}. {$degrees(
                    $tank->celsius,
                    1,
                )} is outside {$degrees(22)} to {$degrees(29)}.",
            );
    }
}
