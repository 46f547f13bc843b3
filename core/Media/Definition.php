<?php

declare(strict_types=1);

namespace Ithys\Media;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * All that is known of a medium, in one place: its names and words in the log, what it removes, how long it lasts, how
 * it is made ready, and its figures. Another medium is one case of {@see Medium} and one row here.
 *
 * Sources: handbook figures from memory and common practice, named at each figure; grades of one medium differ.
 */
final readonly class Definition
{
    private const MONEY = 'A household price from memory, in your money; enter yours.';

    /**
     * @param  string  $lasts  how long it lasts: common practice
     * @param  list<string>  $prepares  one step each: common practice
     * @param  array<string, MediumFigure>  $figures  density, volume, most, affinity, film, pores, rate, price and
     *   calendar, where it has them
     */
    private function __construct(
        public MediumNames $names,
        public Removes $removes,
        public string $lasts,
        public array $prepares,
        public array $figures,
        /** Whether it sheds fine dust when fresh and when it rubs. */
        public bool $isDusty = false,
    ) {
    }

    public static function of(Medium $medium): self
    {
        return self::rows()[$medium->value];
    }

    /** @return array<string, self> by medium */
    private static function rows(): array
    {
        /** @var ?array<string, self> $rows made once */
        static $rows = null;

        return $rows ??= [
            'activated-carbon' => new self(
                new MediumNames(
                    'Activated carbon',
                    ['activated carbon', 'gac', 'carbon'],
                    ['aktivkohle', 'charbon actif', 'carbón activo'],
                ),
                Removes::Organics,
                'weeks',
                [
                    'Rinse it for some minutes in purified water until that runs clear: black dust on the sand '
                        .'otherwise.',
                    'Soak it an hour or overnight, so that air leaves it and it sinks.',
                    'Drain it 15 to 20 minutes on a towel.',
                ],
                [
                    ...self::common('activated-carbon', 'Activated carbon', 0.5, 0.25, 0.8, 0.03),
                    'volume' => self::volume('carbon-volume', 'Activated carbon', 1.0, 0.05, 10.0),
                    ...self::adsorbs('activated-carbon', 'activated carbon', 0.2, 4.0),
                ],
                isDusty: true,
            ),
            'gfo' => new self(
                new MediumNames('GFO', ['gfo'], ['iron oxide']),
                Removes::Phosphate,
                'one to three months',
                [
                    'Rinse it in purified water until that runs clear: its dust is fine and rust red.',
                    'In a reactor it should just tumble at the top; ground against itself it turns to dust.',
                ],
                [
                    ...self::common('gfo', 'GFO', 0.6, 0.3, 1.2, 0.06),
                    'volume' => self::volume('gfo-volume', 'GFO', 1.0, 0.1, 5.0),
                    'calendar' => self::calendar('gfo', 'GFO', 45.0, 365.0),
                    ...self::binds('gfo', 'GFO', 12.0, 2.0, 0.3),
                ],
                isDusty: true,
            ),
            'alumina' => new self(
                new MediumNames(
                    'Alumina phosphate remover',
                    ['alumina'],
                    ['aluminium oxide', 'aluminum oxide'],
                    'Alumina',
                ),
                Removes::Phosphate,
                'about half a year',
                [
                    'It need not be rinsed, though many do, and drain it 15 to 20 minutes.',
                    'Lay the bag where water goes through it, not past it.',
                ],
                [
                    ...self::common('alumina', 'Alumina phosphate remover', 0.7, 0.35, 1.4, 0.04),
                    'volume' => MediumFigure::practice(
                        'alumina-volume',
                        'Alumina phosphate remover by the water of the tank',
                        ((3.5 * 0.2365882365) / (55 * 3.785411784)) * 1000,
                        0.2,
                        20.0,
                        Text::of('3 to 4 cups on {volume}.', volume: Quantity::litres(208)),
                        Dimension::VolumeDose,
                    ),
                    'calendar' => MediumFigure::practice(
                        'calendar-alumina',
                        'Alumina is changed after, days',
                        182.0,
                        14.0,
                        400.0,
                        'About every six months, when phosphate starts to rise.',
                    ),
                    ...self::binds('alumina', 'alumina', 8.0, 1.0, 0.2),
                ],
            ),
            'resin' => new self(
                new MediumNames('Resin', ['resin']),
                Removes::Organics,
                'one to three months',
                ['Rinse it shortly in purified water.'],
                [
                    ...self::common('resin', 'Resin', 0.7, 0.35, 1.2, 0.06),
                    'volume' => self::volume('resin-volume', 'Resin', 1.0, 0.1, 5.0),
                    'calendar' => self::calendar('resin', 'Resin', 45.0, 365.0),
                    ...self::adsorbs('resin', 'resin', 0.1, 3.0),
                ],
            ),
            'zeolite' => new self(
                new MediumNames('Zeolite', ['zeolite'], ['zeolith']),
                Removes::Ammonia,
                'weeks',
                [
                    'Only aquarium zeolite, never industrial or cat litter.',
                    'Rinse it, and shake it daily so that it sheds its film.',
                ],
                [
                    ...self::common('zeolite', 'Zeolite', 0.9, 0.5, 1.4, 0.02),
                    'volume' => self::volume('zeolite-volume', 'Zeolite', 2.5, 0.1, 10.0),
                    'calendar' => self::calendar('zeolite', 'Zeolite', 42.0, 365.0),
                ],
            ),
            'biological' => new self(
                new MediumNames('Biological media', ['bio media', 'biological media']),
                Removes::Other,
                'years, by thirds',
                ['Rinse it in purified water; later only in water from the tank.'],
                [
                    ...self::common('biological', 'Biological media', 0.6, 0.1, 2.0, 0.02),
                    'calendar' => MediumFigure::practice(
                        'calendar-biological',
                        'A third of the biological media is renewed after, days',
                        182.0,
                        60.0,
                        800.0,
                        'A third every six months makes eighteen months for all.',
                    ),
                ],
            ),
            'polishing' => new self(
                new MediumNames('Polishing sheet', ['polishing sheet', 'polishing pad']),
                Removes::Other,
                'weeks',
                ['Cut it tight to its place, so that no water goes past it.'],
                [
                    ...self::common('polishing', 'Polishing sheet', 0.1, 0.01, 1.0, 0.1),
                    'calendar' => self::calendar('polishing', 'A polishing sheet', 7.0, 60.0, 1.0),
                ],
            ),
            'unlisted' => new self(
                new MediumNames('Unlisted medium', ['unlisted medium', 'other medium']),
                Removes::Unknown,
                'as its maker says',
                ['Make it ready as its maker says.'],
                [
                    ...self::common('unlisted', 'Your unlisted medium', 0.7, 0.05, 3.0, 0.05),
                    // Nothing is taken to be known of it until its keeper says what it holds.
                    ...self::binds('unlisted', 'your unlisted medium', 0.0, 1.0, 0.2, 0.0),
                ],
            ),
        ];
    }

    /** @return array<string, MediumFigure> what every medium has */
    private static function common(
        string $key,
        string $name,
        float $density,
        float $least,
        float $most,
        float $price,
    ): array {
        return [
            'density' => MediumFigure::estimate("{$key}-density", "{$name}: weight, g a mL", $density, $least, $most),
            'price' => MediumFigure::estimate("price-{$key}", "{$name}: price, a gram", $price, 0.0, 5.0, self::MONEY),
        ];
    }

    private static function volume(string $key, string $name, float $value, float $least, float $most): MediumFigure
    {
        return MediumFigure::estimate(
            $key,
            "{$name} by the water of the tank",
            $value,
            $least,
            $most,
            'From memory; approaches differ.',
            Dimension::VolumeDose,
        );
    }

    private static function calendar(
        string $key,
        string $name,
        float $days,
        float $most,
        float $least = 7.0,
    ): MediumFigure {
        return MediumFigure::estimate("calendar-{$key}", "{$name} is changed after, days", $days, $least, $most);
    }

    /**
     * What binds phosphate.
     *
     * @return array<string, MediumFigure>
     */
    private static function binds(
        string $key,
        string $name,
        float $most,
        float $film,
        float $pores,
        float $leastMost = 0.5,
    ): array {
        return [
            'most' => MediumFigure::estimate(
                "{$key}-most",
                Text::of(
                    'Phosphate that {name} can hold at most; half of it at {half} (Langmuir)',
                    name: $name,
                    half: Quantity::base(1 / 6, Dimension::Concentration, 2),
                ),
                $most,
                $leastMost,
                60.0,
                dimension: Dimension::Capacity,
            ),
            'affinity' => MediumFigure::estimate(
                "{$key}-affinity",
                "How readily {$name} binds phosphate (Langmuir K)",
                6.0,
                0.1,
                50.0,
                dimension: Dimension::Affinity,
            ),
            'film' => MediumFigure::estimate(
                "{$key}-film",
                ucfirst($name).': water that reaches it, L a day and g',
                $film,
                $film / 3,
                3 * $film,
            ),
            'pores' => MediumFigure::estimate(
                "{$key}-pores",
                ucfirst($name).': how fast its pores fill, of what is left a day',
                $pores,
                $pores / 3,
                min(1.0, 3 * $pores),
            ),
        ];
    }

    /**
     * What adsorbs organics.
     *
     * @return array<string, MediumFigure>
     */
    private static function adsorbs(string $key, string $name, float $rate, float $most): array
    {
        return [
            'rate' => MediumFigure::estimate(
                "{$key}-rate",
                "Fresh {$name} clears of organics, L a day and g",
                $rate,
                $rate / 3,
                3 * $rate,
            ),
            'most' => MediumFigure::estimate(
                "{$key}-most",
                "Organic nitrogen that {$name} holds, mg a g",
                $most,
                $most / 3,
                3 * $most,
            ),
        ];
    }
}
