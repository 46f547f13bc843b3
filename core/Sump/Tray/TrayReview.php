<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Section;
use Ithys\Sump\WaterLines;

/**
 * Whether trays hold what hangs in them, have their water above and their room below, and do not flood when they clog.
 */
final readonly class TrayReview
{
    public function __construct(
        private Section $section,
        private WaterLines $running,
        private float $litresPerHour,
        private UnitSystem $units,
    ) {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $findings = [];
        foreach ($this->section->trays as $tray) {
            $chamber = $this->section->chambers()[$tray->chamber] ?? null;
            if ($chamber === null) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'no-chamber',
                    "{$tray->kind->label()} has no chamber",
                    'The chamber it lay in is gone.',
                )
                    ->at($tray->id)
                    ->because('A baffle was taken out.', 'Choose another chamber for it.');

                continue;
            }
            if ($tray->topMm > $this->section->heightMm || $tray->undersideMm() < 0.0) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'tray-outside',
                    "{$tray->kind->label()} outside the sump",
                    sprintf(
                        'It lies from %s to %s; the rim is at %s.',
                        $this->mm($tray->undersideMm()),
                        $this->mm($tray->topMm),
                        $this->mm($this->section->heightMm),
                    ),
                )
                    ->at($tray->id)
                    ->because('There is nothing for it to rest on.', 'Set it lower, or higher over the floor.');

                continue;
            }
            array_push(
                $findings,
                ...$this->under($tray),
                ...$tray->kind === TrayKind::EggCrate
                    ? $this->shelf($tray)
                    : [...$this->openings($tray, $chamber), ...$this->clogged($tray), ...$this->level($tray)],
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function under(Tray $tray): array
    {
        $findings = [];
        foreach ($this->section->placed as $device) {
            $top = $device->standMm + $device->heightMm;
            if ($device->chamber === $tray->chamber && $device->standMm < $tray->topMm && $top > $tray->undersideMm()) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'tray-in-the-way',
                    "{$device->name} does not go under the ".lcfirst($tray->kind->label()),
                    sprintf(
                        'It reaches from %s to %s; the underside is at %s.',
                        $this->mm($device->standMm),
                        $this->mm($top),
                        $this->mm($tray->undersideMm()),
                    ),
                )
                    ->at($tray->id)
                    ->because(
                        'A tray closes its chamber from wall to wall.',
                        'Raise the tray, or stand the device in another chamber.',
                    );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function shelf(Tray $tray): array
    {
        $level = $this->running->levelsMm[$tray->chamber];

        return $level >= $tray->topMm
            ? []
            : [
                Finding::of(
                    Severity::Remark,
                    'shelf-dry',
                    'The shelf is above the water',
                    sprintf(
                        'It lies at %s; running, the water stands at %s.',
                        $this->mm($tray->topMm),
                        $this->mm($level),
                    ),
                )
                    ->at($tray->id)
                    ->because('Media on it stay dry; for algae or a catch it may be meant so.'),
            ];
    }

    /** @return list<Finding> */
    private function openings(Tray $tray, Chamber $chamber): array
    {
        $findings = [];
        if ($tray->places($chamber) === null) {
            $findings[] = Finding::of(
                Severity::Fault,
                'openings-too-many',
                'The openings do not fit the tray',
                sprintf(
                    'The sheet is %s by %s; with %s left between and around them they need more.',
                    $this->mm($tray->lengthMm($chamber)),
                    $this->mm($tray->widthMm($chamber)),
                    $this->mm(Assumptions::trayWeb()->value),
                ),
                Assumptions::trayWeb(),
            )
                ->at($tray->id)
                ->because(
                    'Too little sheet between two holes breaks.',
                    'Take an opening out, or make the chamber longer.',
                );
        }
        foreach ($tray->openings as $opening) {
            if ($opening->kind->isSock()) {
                array_push($findings, ...$this->sock($tray, $opening));
            }
        }
        if ($tray->has(OpeningKind::Roller)) {
            array_push($findings, ...$this->roller($tray));
        }
        if ($tray->has(OpeningKind::Spare)) {
            $findings[] = Finding::of(
                Severity::Caution,
                'spare-open',
                'Water goes by a spare hole',
                'A hole in the tray holds nothing and is not capped.',
            )
                ->at($tray->id)
                ->because(
                    'The water takes the open hole; a roller then never sees its level rise and never moves on.',
                    'Cap it.',
                );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function sock(Tray $tray, Opening $sock): array
    {
        $findings = [];
        $foot = $tray->topMm - $sock->hangsMm;
        $clear = Assumptions::sockClearance();
        if ($foot < $clear->value) {
            $findings[] = Finding::of(
                Severity::Caution,
                'sock-on-floor',
                'The sock stands on the floor',
                sprintf(
                    'It hangs %s below a tray at %s: its foot has %s under it.',
                    $this->mm($sock->hangsMm),
                    $this->mm($tray->topMm),
                    $this->mm(max(0.0, $foot)),
                ),
                $clear,
            )
                ->at($tray->id)
                ->because(
                    'A sock that lies on the floor closes a part of itself and chafes.',
                    sprintf(
                        'Take a sock of %s at the most, or raise the tray.',
                        $this->mm(max(0.0, $tray->topMm - $clear->value)),
                    ),
                );
        }
        $cabinet = $this->section->cabinetMm;
        $lift = $tray->topMm + $sock->hangsMm;
        if ($cabinet !== null && $lift > $cabinet) {
            $findings[] = Finding::of(
                Severity::Caution,
                'sock-lift',
                'The sock does not come out straight',
                sprintf(
                    'Lifted clear of the tray it reaches to %s; the cabinet to %s.',
                    $this->mm($lift),
                    $this->mm($cabinet),
                ),
            )
                ->at($tray->id)
                ->because(
                    'A full sock that is bent out spills what it caught.',
                    sprintf(
                        'Take a sock of %s at the most, lower the tray, or let the sump slide out.',
                        $this->mm(max(0.0, $cabinet - $tray->topMm)),
                    ),
                );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function roller(Tray $tray): array
    {
        $findings = [];
        $above = Assumptions::standingOverRoller();
        $below = Assumptions::roomUnderRoller();
        $pipes = array_map(static fn (Opening $pipe): float => $pipe->standsMm, $tray->of(OpeningKind::Standpipe));
        $stands = min($this->section->heightMm - $tray->topMm, ...($pipes === [] ? [INF] : $pipes));
        if ($stands < $above->value - 0.05) {
            $findings[] = Finding::of(
                Severity::Caution,
                'roller-water',
                'Too little water can stand over the roller’s tray',
                sprintf('%s can; it wants %s.', $this->mm($stands), $this->mm($above->value)),
                $above,
            )
                ->at($tray->id)
                ->because(
                    'The rising water is what moves the fleece on.',
                    $pipes !== [] && min($pipes) <= $stands ? 'Raise the mouth of the standpipe.' : 'Lower the tray.',
                );
        }
        if ($tray->undersideMm() < $below->value - 0.05) {
            $findings[] = Finding::of(
                Severity::Caution,
                'roller-room',
                'Too little room under the roller’s tray',
                sprintf('%s is free below it; it wants %s.', $this->mm($tray->undersideMm()), $this->mm($below->value)),
                $below,
            )
                ->at($tray->id)
                ->because(
                    'The roll and its drum hang below the tray.',
                    sprintf('Raise the tray by %s.', $this->mm($below->value - $tray->undersideMm())),
                );
        }
        if ($findings === []) {
            $findings[] = Finding::of(
                Severity::Good,
                'roller-fits',
                'The roller has its water and its room',
                sprintf(
                    '%s can stand over the tray, %s is free below it.',
                    $this->mm($stands),
                    $this->mm($tray->undersideMm()),
                ),
                $above,
            )->at($tray->id);
        }
        $cabinet = $this->section->cabinetMm;
        foreach ($tray->of(OpeningKind::Roller) as $roller) {
            // The roll comes out upwards: what hangs below the tray has to clear it.
            $lift = $tray->topMm + $roller->standsMm + $roller->hangsMm;
            if ($cabinet !== null && $lift > $cabinet) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'roller-lift',
                    'The roller does not come out of the cabinet',
                    sprintf(
                        'Lifted clear of the tray it reaches to %s; the cabinet to %s.',
                        $this->mm($lift),
                        $this->mm($cabinet),
                    ),
                )
                    ->at($tray->id)
                    ->because(
                        'The roll has to be changed every two or three months.',
                        'Lower the tray, or let the sump slide out.',
                    );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function clogged(Tray $tray): array
    {
        if (! $tray->canClog() || $this->litresPerHour <= 0.0) {
            return [];
        }
        $rim = $this->section->heightMm;
        $spill = $this->spillMm($tray);
        $level = min($tray->cloggedLevelMm($this->litresPerHour) ?? INF, $spill ?? INF);
        if ($level >= $rim) {
            $way = $tray->has(OpeningKind::Standpipe)
                ? 'Its standpipe would need more height than there is.'
                : 'There is no other way down.';

            return [
                Finding::of(
                    Severity::Fault,
                    'clogged-no-way',
                    'A clogged sock or roller floods',
                    sprintf(
                        '%s The water rises to the rim at %s and %s a minute run over it.',
                        $way,
                        $this->mm($rim),
                        $this->units->format($this->litresPerHour / 60, Dimension::Volume),
                    ),
                )
                    ->at($tray->id)
                    ->because(
                        'Cloth clogs overnight: a feeding too many, a slime, a pest that dies off.',
                        'Add a standpipe to the tray with its mouth above the usual water and well below the rim, '
                            .'wide enough for all of the flow.',
                    ),
            ];
        }

        return [
            Finding::of(
                Severity::Good,
                'clogged-fits',
                'A clogged sock or roller does not flood',
                sprintf(
                    'The water then stands at %s, %s under the rim, and goes %s. Approximate.',
                    $this->mm($level),
                    $this->mm($rim - $level),
                    $spill !== null && $spill <= $level ? 'over the baffle beside it' : 'down the standpipe',
                ),
            )
                ->at($tray->id)
                ->because('Then nothing filters: look at the tray when you hear it.'),
        ];
    }

    /**
     * Where water that stands on the tray runs over a baffle beside it: the lowest that is no lower than the tray; null
     * where none is.
     */
    private function spillMm(Tray $tray): ?float
    {
        $tops = [];
        foreach ([$tray->chamber - 1, $tray->chamber] as $i) {
            $baffle = $this->section->baffles[$i] ?? null;
            if ($baffle !== null && $baffle->topMm >= $tray->topMm && $baffle->topMm < $this->section->heightMm) {
                $tops[] = $baffle->topMm + $baffle->overflow($this->section->widthMm)->head($this->litresPerHour);
            }
        }

        return $tops === [] ? null : min($tops);
    }

    /** @return list<Finding> */
    private function level(Tray $tray): array
    {
        $level = $this->running->levelsMm[$tray->chamber];

        return $level <= $tray->undersideMm()
            ? []
            : [
                Finding::of(
                    Severity::Caution,
                    'tray-drowned',
                    'The tray is under water',
                    sprintf(
                        'Running, the water stands at %s; the tray’s underside is at %s.',
                        $this->mm($level),
                        $this->mm($tray->undersideMm()),
                    ),
                )
                    ->at($tray->id)
                    ->because(
                        'Water that stands as high below the tray as above it does not pass through the cloth.',
                        sprintf(
                            'Raise the tray by %s, or lower the baffle that holds the water.',
                            $this->mm($level - $tray->undersideMm()),
                        ),
                    ),
            ];
    }

    private function mm(float $mm): string
    {
        return ShopLength::format($mm, $this->units);
    }
}
