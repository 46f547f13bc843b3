<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Exchange\Picture;
use App\Models\Photo;
use App\Models\System;
use DateTimeImmutable;

/** The photos of a tank and of its sheets, newest first. */
final readonly class PhotosView
{
    private const SHOWN = 200;

    /**
     * @param  DateTimeImmutable  $now  in the keeper's zone
     * @return array<string, mixed>
     */
    public static function of(System $system, DateTimeImmutable $now): array
    {
        $photos = $system->photos()->orderByDesc('taken_on')->orderByDesc('id');

        return [
            'total' => $photos->count(),
            'today' => $now->format('Y-m-d'),
            'megabytes' => Picture::MEGABYTES,
            'list' => array_values($photos->limit(self::SHOWN)->get(Photo::LISTED)->map(
                static fn (Photo $photo): array => [
                    'id' => $photo->id,
                    't' => (new DateTimeImmutable("{$photo->taken_on} 12:00", $now->getTimezone()))->getTimestamp(),
                    'caption' => $photo->caption,
                    'width' => $photo->width,
                    'height' => $photo->height,
                    'picture' => route('photos.show', [$system, $photo->id, 'picture'], false),
                    'thumbnail' => route('photos.show', [$system, $photo->id, 'thumbnail'], false),
                ],
            )->all()),
        ];
    }
}
