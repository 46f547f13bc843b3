<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\Placed;
use Ithys\Sump\Proposal;
use Ithys\Sump\Section;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Wish;
use Ithys\Sump\Wishes;

/** Parts to begin with, as the page of a sump offers them. */
final class ProposalsView
{
    /**
     * @param  ?float  $litresPerHour  flow through the sump; null while not known
     * @param  list<Path>  $drafts  paths that are planned
     * @return array<string, mixed>
     */
    public static function of(
        Section $section,
        ?float $litresPerHour,
        ?Path $path,
        array $drafts,
        Words $words,
    ): array {
        return [
            ...self::parts($section, $words->units, $path, $drafts),
            'wishes' => self::wishes(Wishes::of($section, $litresPerHour, $path ?? $drafts[0] ?? null), $words),
        ];
    }

    /**
     * @param  list<Path>  $drafts
     * @return array<string, mixed> parts to begin with, as typed
     */
    private static function parts(Section $section, UnitSystem $units, ?Path $path, array $drafts): array
    {
        $waiting = [];
        foreach ([...$path === null ? [] : [$path], ...$drafts] as $from) {
            foreach (Proposal::fromPath($section, $from) as $placed) {
                $waiting[$placed->item] ??= [$placed, $from === $path ? null : $from->name];
            }
        }
        $typed = static fn (Baffle|Placed|Tray|Opening $part): array => SectionForm::texts(
            $part->toArray(),
            $units,
            true,
        );
        $openings = [];
        foreach (OpeningKind::cases() as $kind) {
            $openings[$kind->value] = $typed($kind->usual($kind->value, $section->assumptions));
        }

        return [
            'baffles' => array_map(
                static fn (array $baffles): array => array_map($typed, $baffles),
                Proposal::baffles($section),
            ),
            'devices' => array_map($typed, Proposal::devices($section)),
            'fromPath' => array_map(
                static fn (array $one): array => ['placed' => $typed($one[0]), 'draft' => $one[1]],
                array_values($waiting),
            ),
            'trays' => array_map($typed, Proposal::trays($section, $path ?? $drafts[0] ?? null)),
            'openings' => $openings,
            'basket' => SectionForm::texts(Proposal::basket($section)->toArray(), $units, true),
            'tanks' => array_map(
                static fn (Line $line): array => ['line' => $line->id, 'name' => $line->title()],
                $path?->furtherTanks() ?? [],
            ),
        ];
    }

    /**
     * @param  list<Wish>  $wishes
     * @return list<array<string, mixed>>
     */
    private static function wishes(array $wishes, Words $words): array
    {
        $typed = static fn (Baffle|Tray $part): array => SectionForm::texts($part->toArray(), $words->units, true);

        return array_map(static fn (Wish $wish): array => [
            'label' => $words->say($wish->label),
            'chamber' => $wish->chamber,
            'baffles' => array_map($typed, $wish->baffles),
            'trays' => array_map($typed, $wish->trays),
        ], $wishes);
    }
}
