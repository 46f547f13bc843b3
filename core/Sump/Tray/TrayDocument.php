<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

use Ithys\Document\Reader;
use Ithys\Sump\SumpFields;

/** Reads a tray with its openings. */
final class TrayDocument
{
    public static function read(Reader $from): Tray
    {
        $id = $from->text('id', 80);
        $from = $from->at("tray.{$id}");
        $kind = TrayKind::tryFrom($from->text('kind'));
        if ($kind === null) {
            $from->note('This is not a kind of tray known here.');
        }

        return new Tray(
            $id,
            $kind ?? TrayKind::Tray,
            $from->whole(SumpFields::chamber()) ?? 0,
            $from->needed(SumpFields::mm('topMm', 'The height of the tray', 1.0, 2_000.0)),
            $from->needed(SumpFields::mm('thicknessMm', 'The thickness of the tray', 1.0, 40.0)),
            $kind === TrayKind::Tray
                ? array_map(static fn (Reader $one): Opening => self::opening($one, $id), $from->list('openings'))
                : [],
        );
    }

    private static function opening(Reader $from, string $tray): Opening
    {
        $id = $from->text('id', 80);
        $from = $from->at("tray.{$tray}.{$id}");
        $kind = OpeningKind::tryFrom($from->text('kind'));
        if ($kind === null) {
            $from->note('This is not a kind of opening known here.');
        }
        $kind ??= OpeningKind::Spare;
        $length = $from->needed(SumpFields::mm('lengthMm', 'The size of the opening', 5.0, 1_000.0));

        return new Opening(
            $id,
            $kind,
            $length,
            $kind->isRound()
                ? $length
                : $from->needed(SumpFields::mm('widthMm', 'The width of the opening', 5.0, 1_000.0)),
            $from->figure(SumpFields::mm('standsMm', 'The height over the tray', 0.0, 1_000.0)) ?? 0.0,
            $from->figure(SumpFields::mm('hangsMm', 'The depth below the tray', 0.0, 1_500.0)) ?? 0.0,
        );
    }
}
