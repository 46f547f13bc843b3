<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

use Ithys\Quantity\Dimension;
use Ithys\Sump\Fields;

/** Reads a tray as typed, with its openings. */
final readonly class TypedTray
{
    private const TRAY = [
        'topMm' => [Dimension::Length, 1.0, 2_000.0, 'The height of the tray'],
        'thicknessMm' => [Dimension::Length, 1.0, 40.0, 'The thickness of the tray'],
    ];

    private const OPENING = [
        'lengthMm' => [Dimension::Length, 5.0, 1_000.0, 'The size of the opening'],
        'widthMm' => [Dimension::Length, 5.0, 1_000.0, 'The width of the opening'],
        'standsMm' => [Dimension::Length, 0.0, 1_000.0, 'The height over the tray'],
        'hangsMm' => [Dimension::Length, 0.0, 1_500.0, 'The depth below the tray'],
    ];

    /** @param  array<mixed>  $typed */
    public static function read(array $typed, Fields $fields): Tray
    {
        $id = Fields::text($typed, 'id');
        $kind = TrayKind::tryFrom(Fields::text($typed, 'kind'));
        if ($kind === null) {
            $fields->note("tray.{$id}", 'This is not a kind of tray known here.');
        }
        $openings
            = $kind === TrayKind::Tray
                ? array_map(
                    static fn (array $opening): Opening => self::opening($opening, $id, $fields),
                    Fields::list($typed, 'openings'),
                )
                : [];

        return new Tray(
            $id,
            $kind ?? TrayKind::Tray,
            Fields::chamber($typed),
            $fields->needed($typed, 'topMm', "tray.{$id}.topMm", self::TRAY['topMm'], 220.0),
            $fields->needed($typed, 'thicknessMm', "tray.{$id}.thicknessMm", self::TRAY['thicknessMm'], 10.0),
            $openings,
        );
    }

    /** @param  array<mixed>  $typed */
    private static function opening(array $typed, string $tray, Fields $fields): Opening
    {
        $id = Fields::text($typed, 'id');
        $at = "tray.{$tray}.{$id}";
        $kind = OpeningKind::tryFrom(Fields::text($typed, 'kind'));
        if ($kind === null) {
            $fields->note($at, 'This is not a kind of opening known here.');
            $kind = OpeningKind::Spare;
        }
        $length = $fields->needed($typed, 'lengthMm', "{$at}.lengthMm", self::OPENING['lengthMm'], 100.0);

        return new Opening(
            $id,
            $kind,
            $length,
            $kind->isRound()
                ? $length
                : $fields->needed($typed, 'widthMm', "{$at}.widthMm", self::OPENING['widthMm'], 100.0),
            $fields->figure($typed, 'standsMm', "{$at}.standsMm", self::OPENING['standsMm']) ?? 0.0,
            $fields->figure($typed, 'hangsMm', "{$at}.hangsMm", self::OPENING['hangsMm']) ?? 0.0,
        );
    }
}
