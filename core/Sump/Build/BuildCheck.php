<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Section;

/** What the record of a build shows: leaks, haste, and baffles that do not stand as they were drawn. */
final readonly class BuildCheck
{
    public function __construct(
        private Section $section,
        private BuildRecord $record,
        /** How high it may be filled by plate theory, mm; null to the brim. */
        private ?float $safeFillMm = null,
        /** How high it may be filled before it is in danger, mm; null to the brim. */
        private ?float $mostFillMm = null,
    ) {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return Finding::gravestFirst([...$this->leaks(), ...$this->haste(), ...$this->places()]);
    }

    /** How high a leak test has to stand, mm. */
    private function wantedMm(): float
    {
        return $this->safeFillMm === null
            ? $this->section->vessel->heightMm - $this->section->assumptions->value(Assumed::LeakBrim)
            : $this->safeFillMm - $this->section->assumptions->value(Assumed::LeakBrim);
    }

    /** @return list<Finding> */
    private function leaks(): array
    {
        $findings = [];
        foreach ($this->record->leakTests as $test) {
            $day = $test->day->format('j M Y');
            if ($test->result !== LeakResult::Dry) {
                $again = array_filter(
                    $this->record->leakTests,
                    static fn (LeakTest $later): bool => $later->day > $test->day && $later->result === LeakResult::Dry,
                );
                $again !== []
                    || ($findings[] = Finding::of(
                        Severity::Fault,
                        'leaks',
                        Text::of('It {testResult}', testResult: $test->result->label()),
                        Text::of('On {day}, and no test since was dry.', day: $day),
                    )->because(
                        'A seam that weeps opens.',
                        'Drain it, cut the seam out, silicone it anew, and test again. Or give it up.',
                    ));
            } elseif ($test->levelMm < $this->wantedMm()) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'leak-test-low',
                    'The leak test was not full',
                    Text::of(
                        'On {day} it stood at {level}; {rim} was to be reached.',
                        day: $day,
                        level: Quantity::mm($test->levelMm),
                        rim: Quantity::mm($this->safeFillMm ?? $this->section->vessel->heightMm),
                    ),
                )->because(
                    'A running sump is half full, after a power cut it is not: less proves nothing.',
                    $this->safeFillMm === null ? 'Fill it to the brim.' : 'Fill it as high as its wall is made for.',
                );
            }
            if ($this->mostFillMm !== null && $test->levelMm > $this->mostFillMm) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'leak-test-high',
                    'Filled higher than its wall is made for',
                    Text::of(
                        'On {day} it was filled to {level}; by plate theory {safe} is the most.',
                        day: $day,
                        level: Quantity::mm($test->levelMm),
                        safe: Quantity::mm($this->safeFillMm ?? $this->mostFillMm),
                    ),
                )->because(
                    'Glass breaks without warning. Our figures are a check, not a certificate.',
                    'Do not fill it so high again. Brace the top, or ask the tank maker or a glazier.',
                );
            }
        }
        $ready = $this->record->waterNotBefore($this->section->inside);
        $last
            = $this->record->leakTests === []
                ? null
                : max(array_map(static fn (LeakTest $test): DateTimeImmutable => $test->day, $this->record->leakTests));
        $set = array_filter(
            $this->record->done,
            static fn (string $step): bool => str_starts_with($step, 'set-'),
            ARRAY_FILTER_USE_KEY,
        );
        if ($ready !== null && $last !== null && $set !== [] && $last > max($set) && $last < $ready->setTime(0, 0)) {
            $findings[] = Finding::of(
                Severity::Caution,
                'water-early',
                'Water before the cure was over',
                Text::of(
                    'On {tested}; the silicone was to cure until {cured}.',
                    tested: $last->format('j M Y'),
                    cured: $ready->format('j M Y'),
                ),
            )->because('Water stops the cure from the outside in.', 'Empty it and let it cure for its full time.');
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function haste(): array
    {
        $findings = [];
        foreach ($this->section->inside->baffles as $i => $baffle) {
            $set = $this->record->done["set-{$baffle->id}"] ?? null;
            $before = isset($this->section->inside->baffles[$i - 1])
                ? $this->record->done["set-{$this->section->inside->baffles[$i - 1]->id}"] ?? null
                : null;
            if ($set !== null && $before !== null && $set->format('Y-m-d') === $before->format('Y-m-d')) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'set-too-soon',
                    Text::of('Baffle {i} was set on the same day as the one before', i: $i + 1),
                    Text::of('Both on {day}.', day: $set->format('j M Y')),
                )
                    ->at($baffle->id)
                    ->because(
                        'The one before is pushed out of place while its silicone is soft.',
                        'Leave each overnight; measure both again.',
                    );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function places(): array
    {
        $most = $this->section->assumptions->of(Assumed::OutOfSquare);
        $findings = [];
        foreach ($this->section->inside->baffles as $i => $baffle) {
            $measured = $this->record->measured[$baffle->id] ?? null;
            if ($measured === null) {
                continue;
            }
            $name = Text::of('Baffle {i}', i: $i + 1);
            $crooked = $measured->outOfSquareMm();
            $leaning = $measured->leaningMm();
            $off = $measured->offPlanMm($baffle->atMm);
            $before = count($findings);
            if ($crooked !== null && abs($crooked) > $most->value) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'out-of-square',
                    Text::of('{name} is out of square', name: $name),
                    Text::of(
                        'It stands {crooked} further {way} at the back than at the front.',
                        crooked: Quantity::mm($crooked),
                        way: $crooked > 0.0 ? 'in' : 'out',
                    ),
                    $most,
                )
                    ->at($baffle->id)
                    ->because(
                        'The gap for silicone is then wide on one side and none on the other.',
                        'Turn it while the silicone is wet, or take it out.',
                    );
            }
            if ($leaning !== null && abs($leaning) > $most->value) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'leaning',
                    Text::of('{name} leans', name: $name),
                    Text::of(
                        'Its top stands {leaning} {way} the inlet.',
                        leaning: Quantity::mm($leaning),
                        way: $leaning > 0.0 ? 'away from' : 'towards',
                    ),
                    $most,
                )
                    ->at($baffle->id)
                    ->because(
                        'What hangs from it or slides against it no longer fits.',
                        'Set it upright while the silicone is wet.',
                    );
            }
            if ($off !== null && abs($off) > $most->value) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'off-plan',
                    Text::of('{name} is not where it was planned', name: $name),
                    Text::of(
                        '{off} {way}; planned was {planned}.',
                        off: Quantity::mm($off),
                        way: $off > 0.0 ? 'further from the inlet' : 'nearer to the inlet',
                        planned: Quantity::mm($baffle->atMm),
                    ),
                    $most,
                )
                    ->at($baffle->id)
                    ->because(
                        'The chambers beside it are then of another length.',
                        'Move it while the silicone is wet, or enter its real place in the design and look at the '
                            .'findings there.',
                    );
            }
            if ($before === count($findings) && count($measured->cornersMm) === count(Measured::CORNERS)) {
                $findings[] = Finding::of(
                    Severity::Good,
                    'set-true',
                    Text::of('{name} stands true', name: $name),
                    'Within the tolerance at all four corners.',
                    $most,
                )->at($baffle->id);
            }
        }

        return $findings;
    }
}
