<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;

/** Whether what stands in the chambers fits there and has its water in every state. */
final readonly class Fits
{
    public function __construct(
        private Section $section,
        private WaterLines $running,
        private WaterLines $powerCut,
        private WaterLines $emptied,
        private UnitSystem $units,
    ) {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $findings = [];
        foreach ($this->section->placed as $device) {
            $chamber = $this->section->chambers()[$device->chamber] ?? null;
            if ($chamber === null) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'no-chamber',
                    "{$device->name} has no chamber",
                    'The chamber it stood in is gone.',
                )
                    ->at($device->id)
                    ->because('A baffle was taken out.', 'Choose another chamber for it.');

                continue;
            }
            array_push(
                $findings,
                ...$this->footprint($device, $chamber),
                ...$device->kind === 'heater' ? $this->heater($device) : $this->depth($device),
            );
        }

        return [...$findings, ...$this->crowds()];
    }

    /** @return list<Finding> */
    private function crowds(): array
    {
        $findings = [];
        foreach (Standing::in($this->section)->crowded as $index) {
            $devices = array_values(
                array_filter($this->section->placed, static fn (Placed $device): bool => $device->chamber === $index),
            );
            $chamber = $this->section->chambers()[$index];
            $findings[] = Finding::of(
                Severity::Caution,
                'crowded',
                sprintf('Chamber %d is crowded', $chamber->number()),
                sprintf(
                    '%s do not stand side by side in %s by %s.',
                    implode(', ', array_map(static fn (Placed $device): string => $device->name, $devices)),
                    $this->mm($chamber->lengthMm()),
                    $this->mm($chamber->widthMm),
                ),
            )
                ->at($devices[count($devices) - 1]->id)
                ->because(
                    'One above the other is possible only where their heights allow it, and then the upper one is in '
                        .'the way of the lower.',
                    'Move a baffle, or stand one of them in another chamber.',
                );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function footprint(Placed $device, Chamber $chamber): array
    {
        $hand = Assumptions::workingRoom();
        $turned = min($device->lengthMm, $device->widthMm);
        $along = max($device->lengthMm, $device->widthMm);
        $fits
            = ($along <= $chamber->lengthMm() && $turned <= $chamber->widthMm)
            || ($turned <= $chamber->lengthMm() && $along <= $chamber->widthMm);
        $easily
            = ($along + $hand->value <= $chamber->lengthMm() && $turned + $hand->value <= $chamber->widthMm)
            || ($turned + $hand->value <= $chamber->lengthMm() && $along + $hand->value <= $chamber->widthMm);
        $findings = [];
        if (! $fits) {
            $findings[] = Finding::of(
                Severity::Fault,
                'does-not-fit',
                "{$device->name} does not fit",
                sprintf(
                    'It is %s by %s; its chamber is %s by %s.',
                    $this->mm($device->lengthMm),
                    $this->mm($device->widthMm),
                    $this->mm($chamber->lengthMm()),
                    $this->mm($chamber->widthMm),
                ),
            )
                ->at($device->id)
                ->because(
                    'Once it is siliconed in place, too small is a regret.',
                    'Move a baffle, or take a smaller one.',
                );
        } elseif (! $easily) {
            $findings[] = Finding::of(
                Severity::Caution,
                'no-hand-room',
                "{$device->name} fits, but no hand beside it",
                sprintf(
                    'It is %s by %s in a chamber of %s by %s.',
                    $this->mm($device->lengthMm),
                    $this->mm($device->widthMm),
                    $this->mm($chamber->lengthMm()),
                    $this->mm($chamber->widthMm),
                ),
                $hand,
            )
                ->at($device->id)
                ->because('It has to come out to be cleaned.', sprintf('Leave %s around it.', $this->mm($hand->value)));
        }
        if ($this->section->cabinetMm !== null && $device->standMm + $device->heightMm > $this->section->cabinetMm) {
            $findings[] = Finding::of(
                Severity::Fault,
                'too-high',
                "{$device->name} is too high for the cabinet",
                sprintf(
                    'It reaches to %s; the cabinet to %s.',
                    $this->mm($device->standMm + $device->heightMm),
                    $this->mm($this->section->cabinetMm),
                ),
            )
                ->at($device->id)
                ->because('Cup, sock or roll have to be lifted out above it.', 'Lower its stand, or take a lower one.');
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function heater(Placed $device): array
    {
        $wanted = Assumptions::heaterCover();
        $states = [
            'while running' => $this->running,
            'after a power cut' => $this->powerCut,
            'with the return emptied' => $this->emptied,
        ];
        $covers = array_filter(
            array_map($device->coverMm(...), $states),
            static fn (?float $cover): bool => $cover !== null,
        );
        if ($covers === []) {
            return [
                Finding::of(
                    Severity::Caution,
                    'heater-line-unknown',
                    "It is not known whether {$device->name} stays covered",
                    'Its minimum line is not given.',
                    $wanted,
                )
                    ->at($device->id)
                    ->because(
                        'A heater that runs dry cracks and can burn. Drip loop, residual-current protection, local '
                            .'code.',
                        'Enter how high over its foot the line is that must stay under water.',
                    ),
            ];
        }
        $line = $device->standMm + ($device->depthLowMm ?? 0.0);
        $cover = min($covers);
        $worst = array_search($cover, $covers, true);
        if ($cover >= $wanted->value - 0.05) {
            return [
                Finding::of(
                    Severity::Good,
                    'heater-covered',
                    "{$device->name} stays covered",
                    sprintf('At the least, %s, %s of water stands over its line.', $worst, $this->mm($cover)),
                    $wanted,
                )->at($device->id),
            ];
        }

        return [
            Finding::of(
                $cover < 0.0 ? Severity::Fault : Severity::Caution,
                'heater-dry',
                $cover < 0.0 ? "{$device->name} would stand dry" : "{$device->name} is hardly covered",
                sprintf(
                    '%s the water is at %s; its line is at %s.',
                    ucfirst((string) $worst),
                    $this->mm($cover + $line),
                    $this->mm($line),
                ),
                $wanted,
            )
                ->at($device->id)
                ->because(
                    'A heater that runs dry cracks and can burn. Drip loop, residual-current protection, local code.',
                    sprintf(
                        'Move it behind a baffle that keeps its water, or lower it by %s.',
                        $this->mm($wanted->value - $cover),
                    ),
                ),
        ];
    }

    /** @return list<Finding> */
    private function depth(Placed $device): array
    {
        if ($device->depthLowMm === null && $device->depthHighMm === null) {
            return $device->kind === 'skimmer'
                ? [
                    Finding::of(
                        Severity::Remark,
                        'depth-unknown',
                        "{$device->name} has no depth given",
                        'Enter the depth of water its maker asks for; then it is checked here.',
                    )->at($device->id),
                ]
                : [];
        }
        $depth = $this->running->levelsMm[$device->chamber] - $device->standMm;
        $low = $device->depthLowMm ?? 0.0;
        $high = $device->depthHighMm ?? INF;
        $range = is_finite($high)
            ? sprintf('%s to %s', $this->mm($low), $this->mm($high))
            : sprintf('at least %s', $this->mm($low));
        if ($depth >= $low - 0.05 && $depth <= $high + 0.05) {
            return [
                Finding::of(
                    Severity::Good,
                    'depth-fits',
                    "{$device->name} has its depth",
                    sprintf('%s of water; its maker asks for %s.', $this->mm($depth), $range),
                )->at($device->id),
            ];
        }
        $weir = $this->holdingBaffle($device->chamber);
        $off = $depth < $low ? $low - $depth : $high - $depth;
        $fixes = array_filter([
            $depth > $high
                ? sprintf('put it on a stand of %s', $this->mm($device->standMm - $off))
                : ($device->standMm > 0.0
                    ? sprintf('lower its stand by %s', $this->mm(min($off, $device->standMm)))
                    : null),
            $weir === null
                ? null
                : sprintf('set the baffle that holds its water to %s', $this->mm($weir->topMm + $off)),
        ]);

        return [
            Finding::of(
                Severity::Caution,
                'depth-off',
                $depth < $low ? "{$device->name} stands too shallow" : "{$device->name} stands too deep",
                sprintf('%s of water; its maker asks for %s.', $this->mm($depth), $range),
            )
                ->at($device->id)
                ->because(
                    'Too shallow it does not foam, too deep it floods its cup.',
                    $fixes === []
                        ? 'Run the return chamber at another level.'
                        : ucfirst(implode(', or ', $fixes)).'.',
                ),
        ];
    }

    /** The next weir downstream, which decides the level in a chamber. */
    private function holdingBaffle(int $chamber): ?Baffle
    {
        for ($i = $chamber; isset($this->section->baffles[$i]); $i++) {
            if (! $this->section->baffles[$i]->hangs()) {
                return $this->section->baffles[$i];
            }
        }

        return null;
    }

    private function mm(float $mm): string
    {
        return ShopLength::format($mm, $this->units);
    }
}
