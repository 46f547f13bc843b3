<?php

declare(strict_types=1);

namespace Ithys\Media;

/** How a medium is made ready: common practice. The maker's word goes before it. */
final class Preparation
{
    /** @return list<string> one step each */
    public static function of(Medium $medium): array
    {
        return match ($medium) {
            Medium::ActivatedCarbon => [
                'Rinse it for some minutes in purified water until that runs clear: black dust on the sand otherwise.',
                'Soak it an hour or overnight, so that air leaves it and it sinks.',
                'Drain it 15 to 20 minutes on a towel.',
            ],
            Medium::Gfo => [
                'Rinse it in purified water until that runs clear: its dust is fine and rust red.',
                'In a reactor it should just tumble at the top; ground against itself it turns to dust.',
            ],
            Medium::Alumina => [
                'It need not be rinsed, though many do, and drain it 15 to 20 minutes.',
                'Lay the bag where water goes through it, not past it.',
            ],
            Medium::Resin => ['Rinse it shortly in purified water.'],
            Medium::Zeolite => [
                'Only aquarium zeolite, never industrial or cat litter.',
                'Rinse it, and shake it daily so that it sheds its film.',
            ],
            Medium::Biological => ['Rinse it in purified water; later only in water from the tank.'],
            Medium::Polishing => ['Cut it tight to its place, so that no water goes past it.'],
            Medium::Unlisted => ['Make it ready as its maker says.'],
        };
    }
}
