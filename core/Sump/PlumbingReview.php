<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Finding;
use Ithys\Path\Choice;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Path\Review\MixedFittings;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;

/** Whether the pipes carry what the return gives, alone when they must, and whether their fittings mate. */
final readonly class PlumbingReview
{
    /**
     * @param  float  $viscosity  kinematic, m²/s
     * @param  ?Path  $path  the path in force, whose items say of what fittings they are
     */
    public function __construct(
        private Plumbing $plumbing,
        private float $litresPerHour,
        private float $viscosity,
        private float $fallMm,
        private UnitSystem $units,
        private ?Path $path = null,
    ) {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return [...$this->drain(), ...$this->emergency(), ...$this->overflow(), ...$this->fittings()];
    }

    /** @return list<Finding> */
    private function drain(): array
    {
        $drain = $this->plumbing->drainLitresPerHour($this->viscosity);
        if ($drain === null) {
            return [];
        }
        $figures = sprintf(
            'Running full it carries %s; the return gives %s.',
            $this->flow($drain),
            $this->flow($this->litresPerHour),
        );
        // To the hundredth: a valve that was set to just match may be a hair on the one side.
        if ($drain < 0.99 * $this->litresPerHour) {
            return [
                Finding::of(Severity::Fault, 'drain-small', 'The drain cannot carry the return', $figures)->because(
                    'The display fills until it runs over or into its emergency drain.',
                    $this->plumbing->drainValveOpen === null
                        ? 'Take a wider pipe or fewer elbows, throttle the return, or add a second drain.'
                        : 'Open its valve further.',
                ),
            ];
        }
        $tuned = $this->plumbing->drainTunedOpen($this->litresPerHour, $this->viscosity);

        return [
            Finding::of(Severity::Good, 'drain-fits', 'The drain carries the return', $figures)->because(
                'Throttled to just match the pump it runs full and silent. Tune with a gate valve and leave it; take '
                    .'pipes apart at a ball valve or union, so that the setting survives.',
                match (true) {
                    $tuned === null => 'It is so wide that even a valve all but closed lets more by: a narrower pipe '
                        .'is easier to tune.',
                    $tuned >= 0.995 => null,
                    default => sprintf(
                        'A gate valve about %.0f %% open matches it; the last turn is by ear.',
                        100 * $tuned,
                    ),
                },
            ),
        ];
    }

    /** @return list<Finding> */
    private function emergency(): array
    {
        $carries = $this->plumbing->emergencyLitresPerHour($this->viscosity);
        if ($carries === null) {
            return $this->plumbing->drainBoreMm === null
                ? []
                : [
                    Finding::of(
                        Severity::Caution,
                        'no-emergency',
                        'No emergency pipe',
                        'One drain is all the way down there is; a snail in it is enough.',
                    )->because(
                        'When the drain blocks, the display fills by what the return chamber can give up.',
                        'Add an emergency pipe that carries all of the return alone, or make sure that a blocked '
                            .'drain fits in the display.',
                        'Some keepers do without where a blocked drain fits; most who drill make room for one.',
                    ),
                ];
        }
        $figures = sprintf(
            'Running full it carries %s; the return gives %s.',
            $this->flow($carries),
            $this->flow($this->litresPerHour),
        );

        return [
            $carries < $this->litresPerHour
                ? Finding::of(
                    Severity::Fault,
                    'emergency-small',
                    'The emergency pipe cannot carry the return alone',
                    $figures,
                )->because(
                    'It works when the drain does not, so it has to take all of it.',
                    'Take a wider pipe or fewer elbows, or throttle the return.',
                )
                : Finding::of(
                    Severity::Good,
                    'emergency-fits',
                    'The emergency pipe carries the return alone',
                    $figures,
                )->because(
                    'Set its mouth above the running water line and let it end above the water of the sump: it then '
                        .'splashes, as an alarm.',
                ),
        ];
    }

    /** @return list<Finding> */
    private function overflow(): array
    {
        $head = $this->plumbing->overflow()?->headMm($this->litresPerHour);
        if ($head === null || $head <= $this->fallMm + 0.5) {
            return [];
        }

        return [
            Finding::of(
                Severity::Caution,
                'fall-below-head',
                'The display falls further than you say',
                sprintf(
                    'While running it stands %s over the edge of its overflow; when the pump stops at least that runs '
                        .'down. You say %s.',
                    $this->length($head),
                    $this->length($this->fallMm),
                ),
            )->because(
                'Water over the edge runs off whatever the return outlets do.',
                sprintf('Enter a fall of %s, or more where an outlet lies deeper.', $this->length(ceil($head))),
            ),
        ];
    }

    /** @return list<Finding> */
    private function fittings(): array
    {
        $findings = [];
        foreach (PipeSystem::PARTS as $part => [$label, $joined]) {
            foreach ($joined as $other) {
                [$mine, $theirs] = [$this->system($part), $this->system($other)];
                if ($mine !== null && $theirs !== null && $mine !== $theirs) {
                    $findings[] = MixedFittings::finding(
                        'pipes-mixed',
                        sprintf('%s: %s. %s: %s.', PipeSystem::PARTS[$other][0], $theirs->value, $label, $mine->value),
                    );
                }
            }
        }

        return $findings;
    }

    /** As said here, or else as the path in force says of the part. */
    private function system(string $part): ?PipeSystem
    {
        $kinds = [
            'pump' => [Kind::ReturnPump],
            'bulkhead' => [Kind::OverflowDrilled, Kind::OverflowRim],
            'drain' => [Kind::Drain],
        ];
        $item = isset($kinds[$part]) ? $this->path?->itemsOf(...$kinds[$part])[0] ?? null : null;

        return $this->plumbing->systems[$part] ?? PipeSystem::tryFrom($item?->choice(Choice::Fitting) ?? '');
    }

    private function flow(float $litresPerHour): string
    {
        return $this->units->format($litresPerHour, Dimension::Flow, 0);
    }

    private function length(float $mm): string
    {
        return ShopLength::format($mm, $this->units);
    }
}
