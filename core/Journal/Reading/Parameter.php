<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Quantity\Dimension;

/** What a keeper reads off a kit or a meter. */
enum Parameter: string
{
    case Nitrate = 'no3';
    case Phosphate = 'po4';
    case Ammonia = 'nh4';
    case Nitrite = 'no2';
    case Alkalinity = 'alk';
    case Calcium = 'ca';
    case Magnesium = 'mg';
    case Acidity = 'ph';
    case Redox = 'orp';
    case Temperature = 'temp';
    case Salinity = 'sal';
    /** From 0, nothing to be seen, to 10, as clear as can be, against a fixed mark or a white bucket. */
    case Clarity = 'clarity';

    /**
     * Molar masses in g/mol. Source: IUPAC standard atomic weights 2013 (H 1.008, N 14.007, O 15.999,
     * P 30.973761998, Ca 40.078, Mg 24.305).
     */
    private const HYDROGEN = 1.008;

    private const CALCIUM = 40.078;

    private const MAGNESIUM = 24.305;

    private const NITROGEN = 14.007;

    private const OXYGEN = 15.999;

    private const PHOSPHORUS = 30.973761998;

    public function facts(): ParameterFacts
    {
        /** @var array<string, ParameterFacts> $known they never change */
        static $known = [];

        return $known[$this->value] ??= $this->known();
    }

    private function known(): ParameterFacts
    {
        $level = Dimension::Concentration;

        return match ($this) {
            self::Nitrate => new ParameterFacts(
                'nitrate',
                $level,
                (self::NITROGEN + 3 * self::OXYGEN) / self::NITROGEN,
                [0.0, 500.0],
                [0.0, 100.0],
                1.0,
                2.0,
                2,
            ),
            self::Phosphate => new ParameterFacts(
                'phosphate',
                $level,
                (self::PHOSPHORUS + 4 * self::OXYGEN) / self::PHOSPHORUS,
                [0.0, 25.0],
                [0.0, 2.0],
                0.01,
                0.04,
                3,
            ),
            self::Ammonia => new ParameterFacts(
                'ammonia',
                $level,
                (self::NITROGEN + 4 * self::HYDROGEN) / self::NITROGEN,
                [0.0, 50.0],
                [0.0, 2.0],
                0.1,
                0.5,
                2,
            ),
            self::Nitrite => new ParameterFacts(
                'nitrite',
                $level,
                (self::NITROGEN + 2 * self::OXYGEN) / self::NITROGEN,
                [0.0, 50.0],
                [0.0, 5.0],
                0.05,
                0.2,
                3,
            ),
            self::Alkalinity => new ParameterFacts(
                'alkalinity',
                Dimension::Alkalinity,
                1.0,
                [0.0, 40.0],
                [4.0, 15.0],
                0.1,
                12.0,
                1,
            ),
            self::Calcium => new ParameterFacts(
                'calcium',
                $level,
                1.0,
                [0.0, 2000.0],
                [250.0, 650.0],
                5.0,
                500.0,
                0,
            ),
            self::Magnesium => new ParameterFacts(
                'magnesium',
                $level,
                1.0,
                [0.0, 5000.0],
                [800.0, 1900.0],
                10.0,
                1500.0,
                0,
            ),
            self::Acidity => new ParameterFacts(
                'pH',
                Dimension::Plain,
                1.0,
                [4.0, 12.0],
                [7.2, 9.0],
                0.01,
                9.0,
                2,
            ),
            self::Redox => new ParameterFacts(
                'ORP',
                Dimension::Potential,
                1.0,
                [-600.0, 1200.0],
                [50.0, 550.0],
                1.0,
                500.0,
                0,
            ),
            self::Temperature => new ParameterFacts(
                'temperature',
                Dimension::Temperature,
                1.0,
                [2.0, 45.0],
                [18.0, 32.0],
                0.1,
                30.0,
                1,
            ),
            self::Salinity => new ParameterFacts(
                'salinity',
                Dimension::Salinity,
                1.0,
                [0.0, 60.0],
                [20.0, 42.0],
                0.5,
                40.0,
                1,
            ),
            self::Clarity => new ParameterFacts(
                'clarity',
                Dimension::Plain,
                1.0,
                [0.0, 10.0],
                [0.0, 10.0],
                1.0,
                10.0,
                0,
            ),
        };
    }

    /** @return list<self> what the filtration is to take out, and what a change is judged by */
    public static function nutrients(): array
    {
        return [self::Nitrate, self::Phosphate];
    }

    /** g/mol of the ion that is read; null where figures are not amounts of one. */
    public function molarMass(): ?float
    {
        return match ($this) {
            self::Nitrate, self::Nitrite, self::Ammonia => $this->ionPerElement() * self::NITROGEN,
            self::Phosphate => $this->ionPerElement() * self::PHOSPHORUS,
            self::Calcium => self::CALCIUM,
            self::Magnesium => self::MAGNESIUM,
            default => null,
        };
    }

    public function label(): string
    {
        return $this->facts()->label;
    }

    /** Mass of the ion (NO3, PO4) that holds one mass unit of its element (N, P); 1 where a figure has no basis. */
    public function ionPerElement(): float
    {
        return $this->facts()->perElement;
    }

    /** What its figures measure. */
    public function dimension(): Dimension
    {
        return $this->facts()->dimension;
    }

    /** The step an ordinary kit tells apart, in the base unit of its dimension. */
    public function resolution(): float
    {
        return $this->facts()->resolution;
    }

    /**
     * The parameter and basis a keeper's word means, or null: "nitrate", "po4-p", "NO3-N".
     *
     * @return array{self, Basis}|null
     */
    public static function fromWord(string $word): ?array
    {
        $key = str_replace(
            [' ', '-', '_', '₂', '₃', '₄', '⁻', '⁺', '³', '²', '.'],
            ['', '', '', '2', '3', '4', '', '', '', '', ''],
            mb_strtolower(trim($word)),
        );
        /** @var array<string, array{self, Basis}> $known */
        static $known = [];
        if ($known === []) {
            foreach (self::WORDS as $parameter => [$ion, $element]) {
                $known += array_fill_keys($ion, [self::from($parameter), Basis::Ion]);
                $known += array_fill_keys($element, [self::from($parameter), Basis::Element]);
            }
        }

        return $known[$key] ?? null;
    }

    /** Words without spaces and dashes, for the whole and for its element, in English and as a few neighbours write. */
    private const WORDS = [
        'no3' => [
            ['no3', 'nitrate', 'nitrat', 'nitrates', 'nitrato', 'nitraat'],
            ['no3n', 'nitraten', 'nitratenitrogen', 'nitrateasn', 'no3asn', 'nitratn', 'nitratenno3n'],
        ],
        'po4' => [
            ['po4', 'phosphate', 'phosphat', 'phosphates', 'fosfato', 'fosfaat', 'orthophosphate', 'phos'],
            ['po4p', 'phosphatep', 'phosphorus', 'phosphatephosphorus', 'phosphateasp', 'po4asp', 'phosphatp'],
        ],
        'nh4' => [
            ['nh4', 'nh3', 'nh3/nh4', 'nh4/nh3', 'ammonia', 'ammonium', 'ammoniak', 'ammoniac', 'tan', 'totalammonia'],
            ['nh4n', 'nh3n', 'ammonian', 'ammoniumn', 'ammoniaasn', 'ammonianitrogen'],
        ],
        'no2' => [
            ['no2', 'nitrite', 'nitrit', 'nitrites', 'nitrito', 'nitriet'],
            ['no2n', 'nitriten', 'nitriteasn', 'nitritenitrogen'],
        ],
        'alk' => [['alk', 'alkalinity', 'kh', 'dkh', 'alkalinität', 'karbonathärte', 'alcalinité', 'alcalinidad'], []],
        'ca' => [['ca', 'cal', 'calcium', 'kalzium', 'calcio'], []],
        'mg' => [['mg', 'mag', 'magnesium', 'magnesio', 'magnésium'], []],
        'ph' => [['ph', 'phvalue', 'phwert'], []],
        'orp' => [['orp', 'redox'], []],
        'clarity' => [['clarity', 'waterclarity', 'klarheit', 'clarté'], []],
        'temp' => [
            ['temp', 'temperature', 'temperatur', 'température', 'temperatura', 'watertemp', 'watertemperature'],
            [],
        ],
        'sal' => [
            [
                'sal', 'salinity', 'salinität', 'salinité', 'salinidad', 'salt', 'salz', 'sg', 'specificgravity',
                'gravity', 'density', 'dichte', 'densité',
            ],
            [],
        ],
    ];
}
