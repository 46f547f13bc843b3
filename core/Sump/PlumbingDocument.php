<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Flow\Fitting;
use Ithys\Flow\InvalidCurve;
use Ithys\Flow\PumpCurve;

/** Reads the plumbing of a sump; its three pipes are told apart by how their figures are called. */
final class PlumbingDocument
{
    public static function read(Reader $from): Plumbing
    {
        $mm = SumpFields::mm(...);

        return new Plumbing(
            new PumpLabel(
                $from->figure(SumpFields::flow('pumpLitresPerHour', 'The most flow of the pump', 1.0)),
                $from->figure(SumpFields::head('pumpHeadMetres', 'The most height of the pump', 10.0)),
                $from->figure(SumpFields::watts()),
                self::curve($from),
            ),
            new PipeRun(
                $from->figure($mm('boreMm', 'The bore of the return pipe', 4.0, 200.0)),
                $from->figure($mm('lengthMm', 'The length of the return pipe', 1.0, 100_000.0)),
                $from->figure($mm('liftMm', 'The lift', 0.0, 20_000.0)),
                self::fittings($from, 'fittings'),
                $from->figure(SumpFields::valveOpen('valveOpen')),
            ),
            new PipeRun(
                $from->figure($mm('drainBoreMm', 'The bore of the drain', 4.0, 200.0)),
                $from->figure($mm('drainLengthMm', 'The length of the drain', 1.0, 100_000.0)),
                $from->figure($mm('drainFallMm', 'The fall of the drain', 1.0, 20_000.0)),
                self::fittings($from, 'drainFittings'),
                $from->figure(SumpFields::valveOpen('drainValveOpen')),
            ),
            new PipeRun(
                $from->figure($mm('emergencyBoreMm', 'The bore of the emergency pipe', 4.0, 200.0)),
                $from->figure($mm('emergencyLengthMm', 'The length of the emergency pipe', 1.0, 100_000.0)),
                $from->figure($mm('emergencyFallMm', 'The fall of the emergency pipe', 1.0, 20_000.0)),
                self::fittings($from, 'emergencyFittings'),
            ),
            $from->figure($mm('overflowMm', 'The edge of the overflow', 10.0, 5_000.0)),
            $from->figure(SumpFields::openShare('overflowOpenShare')),
            self::systems($from->group('systems')),
        );
    }

    /** @return list<array{float, float}> points of the pump's curve, L/h and m */
    private static function curve(Reader $from): array
    {
        $points = [];
        foreach ($from->list('curve') as $point) {
            // A line that is still empty is no point yet.
            if ($point->text('litresPerHour') !== '' || $point->text('headMetres') !== '') {
                $points[] = [
                    $point->needed(SumpFields::flow('litresPerHour', 'The flow at this point', 0.0)),
                    $point->needed(SumpFields::head('headMetres', 'The height at this point', 0.0)),
                ];
            }
        }
        try {
            $points === [] || PumpCurve::through($points);
        } catch (InvalidCurve $invalid) {
            $from->note($invalid->getMessage(), 'curve');
        }

        return $points;
    }

    /** @return array<string, int> how many of each, by {@see Fitting} */
    public static function fittings(Reader $from, string $key): array
    {
        $counts = [];
        foreach ($from->keys($key) as $fitting) {
            $number = $from->group($key)->whole(Field::whole($fitting, 'The number', 0, 50));
            if (Fitting::tryFrom($fitting) === null) {
                $from->note('This is not a kind of fitting known here.', "{$key}.{$fitting}");
            } elseif ($number !== null && $number > 0) {
                $counts[$fitting] = $number;
            }
        }

        return $counts;
    }

    /** @return array<string, PipeSystem> by {@see PipeSystem::PARTS} */
    private static function systems(Reader $from): array
    {
        $systems = [];
        foreach (array_keys(PipeSystem::PARTS) as $part) {
            $system = $from->optionalWord($part, PipeSystem::class, 'kind of fittings');
            if ($system !== null) {
                $systems[$part] = $system;
            }
        }

        return $systems;
    }
}
