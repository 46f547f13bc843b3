<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Packing\Nest;
use Ithys\Packing\Nesting;

/** Where devices stand in their chambers, seen from above: one alone in the middle, several side by side. */
final readonly class Standing
{
    /**
     * @param  array<string, Nest>  $places  by device, mm from the inlet wall and from the front
     * @param  list<int>  $crowded  chambers whose devices do not all stand side by side
     */
    private function __construct(public array $places, public array $crowded)
    {
    }

    public static function in(Section $section): self
    {
        $places = [];
        $crowded = [];
        foreach ($section->chambers() as $chamber) {
            $devices = array_values(
                array_filter(
                    $section->inside->placed,
                    static fn (Placed $one): bool => $one->chamber === $chamber->index,
                ),
            );
            $nests = count($devices) < 2 ? null : self::sideBySide($devices, $chamber);
            if ($nests === null && count($devices) > 1) {
                $crowded[] = $chamber->index;
            }
            foreach ($devices as $device) {
                // What does not stand beside the others is drawn in the middle, where a finding says so.
                $places[$device->id] = self::centred(
                    $nests ?? [new Nest($device->id, 0.0, 0.0, $device->size->lengthMm, $device->size->widthMm, false)],
                    $chamber,
                )[$device->id];
            }
        }

        return new self($places, $crowded);
    }

    /**
     * @param  list<Placed>  $devices
     * @return ?list<Nest> null where they do not fit
     */
    private static function sideBySide(array $devices, Chamber $chamber): ?array
    {
        $sizes = [];
        foreach ($devices as $device) {
            $sizes[$device->id] = [$device->size->lengthMm, $device->size->widthMm];
        }
        $nesting = Nesting::of($sizes, $chamber->lengthMm(), $chamber->widthMm);

        return $nesting->tooLarge === [] && count($nesting->sheets) === 1 ? $nesting->sheets[0] : null;
    }

    /**
     * The same with as much room on the one side as on the other.
     *
     * @param  list<Nest>  $nests
     * @return array<string, Nest>
     */
    private static function centred(array $nests, Chamber $chamber): array
    {
        $along = $across = 0.0;
        foreach ($nests as $nest) {
            $along = max($along, $nest->xMm + $nest->lengthMm);
            $across = max($across, $nest->yMm + $nest->widthMm);
        }
        $centred = [];
        foreach ($nests as $nest) {
            $centred[$nest->mark] = new Nest(
                $nest->mark,
                $chamber->fromMm + ($chamber->lengthMm() - $along) / 2 + $nest->xMm,
                ($chamber->widthMm - $across) / 2 + $nest->yMm,
                $nest->lengthMm,
                $nest->widthMm,
                $nest->turned,
            );
        }

        return $centred;
    }
}
