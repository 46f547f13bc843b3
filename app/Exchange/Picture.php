<?php

declare(strict_types=1);

namespace App\Exchange;

use GdImage;

/**
 * A picture from a camera, drawn anew: place, device, time and every other thing that was written beside it are gone,
 * and nothing but a picture can come through.
 */
final readonly class Picture
{
    public const MEGABYTES = 20;

    /** More than any phone takes; each is four bytes while it is drawn. */
    private const MOST_PIXELS = 50_000_000;

    /** Longest side that is kept, px: a sheet of figures is still read well. */
    private const LONGEST = 2400;

    private const THUMBNAIL = 480;

    private const QUALITY = 84;

    private function __construct(
        public string $jpeg,
        public string $thumbnail,
        public int $width,
        public int $height,
        /** When it was taken by its camera, Y-m-d. */
        public ?string $day,
    ) {
    }

    /** @throws UnreadableFile */
    public static function read(string $path): self
    {
        $bytes = (string) file_get_contents($path);
        $type = (new \finfo(FILEINFO_MIME_TYPE))->buffer($bytes);
        if (! in_array($type, ['image/jpeg', 'image/png', 'image/webp'], true)) {
            throw UnreadableFile::noPicture($type === 'image/heic' || $type === 'image/heif');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] < 1 || $size[1] < 1) {
            throw UnreadableFile::brokenPicture();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnreadableFile::tooManyPixels(intdiv(self::MOST_PIXELS, 1_000_000));
        }
        $image = self::decoded($bytes);
        $exif = $type === 'image/jpeg' ? @exif_read_data($path) : false;
        $upright = self::upright($image, is_array($exif) ? (int) ($exif['Orientation'] ?? 1) : 1);
        $kept = self::within($upright, self::LONGEST);

        return new self(
            self::jpeg($kept),
            self::jpeg(self::within($kept, self::THUMBNAIL)),
            imagesx($kept),
            imagesy($kept),
            self::day(is_array($exif) ? $exif : []),
        );
    }

    /** @throws UnreadableFile */
    private static function decoded(string $bytes): GdImage
    {
        $image = @imagecreatefromstring($bytes);

        return $image === false ? throw UnreadableFile::brokenPicture() : $image;
    }

    /** As it is looked at: cameras lay a picture down and write beside it how it is to be turned. */
    private static function upright(GdImage $image, int $orientation): GdImage
    {
        $turned = match ($orientation) {
            3, 4 => imagerotate($image, 180, 0),
            5, 6 => imagerotate($image, 270, 0),
            7, 8 => imagerotate($image, 90, 0),
            default => $image,
        };
        $turned = $turned === false ? $image : $turned;
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($turned, IMG_FLIP_HORIZONTAL);
        }

        return $turned;
    }

    /** No longer than that, on white, since a JPEG has no clear parts. */
    private static function within(GdImage $image, int $longest): GdImage
    {
        $scale = min(1.0, $longest / max(imagesx($image), imagesy($image)));
        $width = max(1, (int) round($scale * imagesx($image)));
        $height = max(1, (int) round($scale * imagesy($image)));
        $smaller = imagecreatetruecolor($width, $height);
        assert($smaller !== false);
        imagefill($smaller, 0, 0, (int) imagecolorallocate($smaller, 255, 255, 255));
        imagecopyresampled($smaller, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));

        return $smaller;
    }

    private static function jpeg(GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /** @param  array<mixed>  $exif */
    private static function day(array $exif): ?string
    {
        $said = $exif['DateTimeOriginal'] ?? $exif['DateTime'] ?? null;
        $isDay = is_string($said)
            && preg_match('/^([0-9]{4}):([0-9]{2}):([0-9]{2})/', $said, $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1]);

        return $isDay ? "{$part[1]}-{$part[2]}-{$part[3]}" : null;
    }
}
