<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Finding;
use Ithys\Panel\PanelLoad;
use Ithys\Panel\Sheet;
use Ithys\Panel\Support;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\WaterLines;

/** The long wall under its water while running and after a power cut, and full to the rim as in a leak test. */
final class Walls extends PanelRule
{
    public function judge(Situation $here): iterable
    {
        foreach ($this->findings($here) as $finding) {
            yield $finding->at('#size');
        }
    }

    /**
     * How high the bare tank may be filled by plate theory, mm over the floor: the long wall bears it without baffles.
     * Null where it may be filled to the rim.
     *
     * @param  Assumed  $least  the safety that is held to
     */
    public static function safeFillMm(Situation $here, Assumed $least = Assumed::PanelSafety): ?float
    {
        $vessel = $here->section->vessel;
        $support = $vessel->braced ? Support::FourEdges : Support::FreeTop;
        $wanted = $here->assumptions->value($least);
        $bears = static fn (float $depth): bool => self::load($here, $support, $vessel->lengthMm, $depth)->safety
            >= $wanted;
        if ($bears($vessel->heightMm)) {
            return null;
        }
        [$low, $high] = [1.0, $vessel->heightMm];
        while ($high - $low > 0.5) {
            $middle = ($low + $high) / 2;
            $bears($middle) ? $low = $middle : $high = $middle;
        }

        // Whole centimetres, downwards: a tape and a wave are no finer.
        return 10.0 * floor($low / 10);
    }

    /** @return iterable<Finding> */
    private function findings(Situation $here): iterable
    {
        $vessel = $here->section->vessel;
        $support = $vessel->braced ? Support::FourEdges : Support::FreeTop;
        $rim = self::load($here, $support, $vessel->lengthMm, $vessel->heightMm);
        // What is not known could fill it to the rim, and no further.
        $running = $here->flowIsKnown ? $this->worst($here, $support, $here->running) : null;
        $cut = $here->missingOfPowerCut() === [] ? $this->worst($here, $support, $here->powerCut) : null;
        $least = min($running->safety ?? INF, $cut->safety ?? INF);
        $wanted = $here->assumptions->value(Assumed::PanelSafety);
        $figures = Text::of(
            '{support}: running {running}; after a power cut {cut}; full to the rim {rim}. {wanted} times is wanted.',
            support: Text::of('The long wall, {edges}', edges: $support->label()),
            running: $this->says('running', $running),
            cut: $this->says('cut', $cut),
            rim: $this->says('rim', $rim),
            wanted: Quantity::number($wanted, 1),
        );
        $strength = $vessel->material->strength($here->assumptions);
        yield match (true) {
            $rim->safety >= $wanted && $least >= $wanted => $this->enough($figures, $strength),
            $least >= $wanted && ($running === null || $cut === null) => Finding::of(
                Severity::Remark,
                'panel-wall-unknown',
                'Whether the wall is thick enough is not reckoned to the end',
                $figures,
                $strength,
            )->because(self::NO_CERTIFICATE, 'Give what is missing: the flow, and what comes down in a power cut.'),
            $least >= $wanted => Finding::of(
                $rim->safety < $here->assumptions->value(Assumed::PanelFault) ? Severity::Caution : Severity::Remark,
                'panel-wall-rim',
                'Thick enough for its water, not for a fill to the rim',
                $figures,
                $strength,
            )->because(
                self::NO_CERTIFICATE,
                Text::of(
                    'Fill it to at most {safe} in a leak test. A tank sold as an aquarium is made to be filled: ask '
                        .'its maker. Brace the top before you fill one of your own higher.',
                    safe: Quantity::mm(self::safeFillMm($here) ?? $vessel->heightMm),
                ),
            ),
            default => $this->thin('panel-wall', $figures, $least, $strength, $here),
        };
    }

    private function enough(Text $figures, Assumption $strength): Finding
    {
        return Finding::of(Severity::Good, 'panel-wall', 'Thick enough by plate theory', $figures, $strength)
            ->because(self::NO_CERTIFICATE);
    }

    /** @param  string  $state  before the names of its figures */
    private function says(string $state, ?PanelLoad $load): Text
    {
        return $load === null
            ? Text::wrap('not reckoned yet')
            : Text::of("{{$state}Stress}, strength {{$state}Safety} times that, {{$state}Bend} of bending", ...[
                "{$state}Stress" => $this->stress($load),
                "{$state}Safety" => Quantity::number($load->safety, 1),
                "{$state}Bend" => Quantity::mm($load->deflectionMm),
            ]);
    }

    /** The most any part of the wall between two baffles that hold it has to bear. */
    private function worst(Situation $here, Support $support, WaterLines $lines): PanelLoad
    {
        $spans = $this->spans($here, $lines);
        // A part that is no longer and no deeper than another bears no more.
        $rest = array_filter($spans, static fn (array $one): bool => array_filter(
            $spans,
            static fn (array $other): bool => $other !== $one && $other[0] >= $one[0] && $other[1] >= $one[1],
        ) === []);
        $loads = array_map(
            static fn (array $span): PanelLoad => self::load($here, $support, $span[0], $span[1]),
            array_unique($rest, SORT_REGULAR),
        );
        usort($loads, static fn (PanelLoad $a, PanelLoad $b): int => $a->safety <=> $b->safety);

        return $loads[0] ?? self::load($here, $support, $here->section->vessel->lengthMm, $lines->highestMm());
    }

    /** @return list<array{float, float}> length and depth of the water of each part of the wall, mm */
    private function spans(Situation $here, WaterLines $lines): array
    {
        $share = $here->assumptions->value(Assumed::WallHeld);
        $spans = [];
        $from = 0.0;
        $depth = $lines->levelsMm[0];
        foreach ($here->section->inside->baffles as $i => $baffle) {
            $level = max($depth, $lines->levelsMm[$i + 1]);
            $holds = $baffle->topMm >= $share * $level && $baffle->gapMm <= (1 - $share) * $level;
            if ($holds && $baffle->atMm > $from) {
                $spans[] = [$baffle->atMm - $from, $depth];
                [$from, $depth] = [$baffle->endMm(), $lines->levelsMm[$i + 1]];
            } else {
                $depth = $level;
            }
        }
        $spans[] = [max(1.0, $here->section->vessel->lengthMm - $from), $depth];

        return $spans;
    }

    private static function load(Situation $here, Support $support, float $lengthMm, float $depthMm): PanelLoad
    {
        $vessel = $here->section->vessel;

        return PanelLoad::filled(
            new Sheet($lengthMm, $vessel->heightMm, $vessel->wallMm, $vessel->material),
            max(1.0, $depthMm),
            $support,
            $here->assumptions,
            $here->density,
        );
    }
}
