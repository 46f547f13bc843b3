<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** Common tank sizes that serve as sumps, in neutral terms; inner size about 12 mm less than the nominal outer one. */
final class CommonSize
{
    /** @return list<array{label: string, lengthMm: float, widthMm: float, heightMm: float}> */
    public static function all(): array
    {
        $outer = [
            ['60 x 30 x 30 cm', 600, 300, 300],
            ['60 x 40 x 40 cm', 600, 400, 400],
            ['80 x 35 x 40 cm', 800, 350, 400],
            ['80 x 40 x 40 cm', 800, 400, 400],
            ['100 x 40 x 40 cm', 1000, 400, 400],
            ['100 x 50 x 40 cm', 1000, 500, 400],
            ['120 x 40 x 40 cm', 1200, 400, 400],
            ['120 x 50 x 50 cm', 1200, 500, 500],
            ['20 x 10 x 12 in (10 US gal)', 508, 254, 305],
            ['24 x 12 x 16 in (20 US gal high)', 610, 305, 406],
            ['30 x 12 x 12 in (20 US gal long)', 762, 305, 305],
            ['30 x 12 x 18 in (29 US gal)', 762, 305, 457],
            ['36 x 18 x 16 in (40 US gal)', 914, 457, 406],
            ['48 x 12 x 21 in (55 US gal)', 1219, 305, 533],
        ];

        return array_values(
            array_map(
                static fn (array $size): array => [
                    'label' => (string) $size[0],
                    'lengthMm' => (float) $size[1] - 12.0,
                    'widthMm' => (float) $size[2] - 12.0,
                    'heightMm' => (float) $size[3] - 8.0,
                ],
                $outer,
            ),
        );
    }
}
