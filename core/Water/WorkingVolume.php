<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Severity;

/**
 * The water a dose really meets: display to its water line, less what sand and rock displace, plus sump and plumbing.
 */
final readonly class WorkingVolume
{
    /**
     * @param  list<array{code: string, label: string, litres: float, basis: ?Assumption}>  $parts  signed litres in the order of the sum
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public array $parts,
        public float $litres,
        /** The share of it that stands in the display. */
        public float $displayLitres,
        public float $kilograms,
        public Turnover $turnover,
        public array $findings,
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
        $turnover = Turnover::judge($tank->filterLitresPerHour, $litres, $tank->school);

        return new self($parts, $litres, $litres - $tank->sumpLitres - $tank->plumbingLitres - $tank->furtherTankLitres, $litres * Seawater::density($tank->salinity, $tank->celsius) / 1000, $turnover,
            array_values(array_filter([$turnover->finding, self::salinityFinding($tank), self::temperatureFinding($tank)])));
    }

    /** @return array{code: string, label: string, litres: float, basis: ?Assumption} */
    private static function part(string $code, string $label, float $litres, ?Assumption $basis = null): array
    {
        return ['code' => $code, 'label' => $label, 'litres' => $litres + 0.0, 'basis' => $basis];
    }

    private static function salinityFinding(Tank $tank): ?Finding
    {
        return $tank->salinity >= 30 && $tank->salinity <= 37 ? null : Finding::of(Severity::Caution, 'salinity-unusual', 'Salinity unusual for a reef',
            'A reef is kept at about 33 to 36. '.number_format($tank->salinity, 1).' is outside 30 to 37: check the instrument, then correct it slowly.');
    }

    private static function temperatureFinding(Tank $tank): ?Finding
    {
        return $tank->celsius >= 22 && $tank->celsius <= 29 ? null : Finding::of(Severity::Caution, 'temperature-unusual', 'Temperature unusual for a reef',
            'A reef is kept at about 24 to 27 °C. '.number_format($tank->celsius, 1).' °C is outside 22 to 29.');
    }
}
