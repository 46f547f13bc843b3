<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Exchange\Picture;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;

/** A drawn sheet of results, made up like all of the demo. */
final class DemoPhoto
{
    private const LINES = ['STAIRWELL REEF (MADE UP)', '', 'NO3    10 . 9 . 8', 'PO4    0.05 . 0.04', 'SOCK OUT, GREY'];

    public static function lay(System $system, User $keeper, DateTimeImmutable $day): void
    {
        $sheet = imagecreatetruecolor(320, 240);
        $ink = (int) imagecolorallocate($sheet, 38, 52, 92);
        imagefill($sheet, 0, 0, (int) imagecolorallocate($sheet, 238, 232, 214));
        foreach (range(50, 220, 34) as $y) {
            imageline($sheet, 16, $y, 304, $y, (int) imagecolorallocate($sheet, 190, 200, 205));
        }
        foreach (self::LINES as $i => $line) {
            imagestring($sheet, 5, 28, 32 + 34 * $i, $line, $ink);
        }
        $large = imagescale(imagerotate($sheet, 2.5, (int) imagecolorallocate($sheet, 70, 58, 48)) ?: $sheet, 1200);
        $file = (string) tempnam(sys_get_temp_dir(), 'ithys-demo');
        imagejpeg($large === false ? $sheet : $large, $file);
        $picture = Picture::read($file);
        unlink($file);
        $system->photos()->create([
            'user_id' => $keeper->id,
            'taken_on' => $day->format('Y-m-d'),
            'caption' => 'Kit sheet beside the sump',
            'width' => $picture->width,
            'height' => $picture->height,
            'image' => $picture->jpeg,
            'thumbnail' => $picture->thumbnail,
        ]);
    }
}
