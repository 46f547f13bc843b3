<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Exchange\Picture;
use App\Models\Photo;
use App\Models\System;
use App\Models\Trial;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Relations\HasMany;

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
        return self::shelf($system, $system->photos(), $now);
    }

    /** @return array<string, mixed> the photos of the sheets of one trial */
    public static function ofTrial(Trial $trial, DateTimeImmutable $now): array
    {
        return self::shelf($trial->system, $trial->system->photos()->where('trial_id', $trial->id), $now);
    }

    /**
     * @param  HasMany<Photo, System>  $photos
     * @return array<string, mixed>
     */
    private static function shelf(System $system, HasMany $photos, DateTimeImmutable $now): array
    {
        $list = $photos->orderByDesc('taken_on')->orderByDesc('id')->limit(self::SHOWN)->get(Photo::LISTED);

        return [
            // Only of very many are some not listed.
            'total' => $list->count() < self::SHOWN ? $list->count() : $photos->count(),
            'today' => $now->format('Y-m-d'),
            'megabytes' => Picture::MEGABYTES,
            'list' => array_values($list->map(
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
