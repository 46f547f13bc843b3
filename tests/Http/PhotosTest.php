<?php

declare(strict_types=1);

use App\Models\Photo;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->travelTo('2026-11-26 12:00:00');
    $this->keeper = User::factory()->create(['timezone' => 'Europe/Berlin']);
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->actingAs($this->keeper);
    $this->url = "/systems/{$this->system->id}";
    $this->send = fn (string $bytes, string $name = 'x.jpg', array $with = []) => $this
        ->post("{$this->url}/photos", [
            'photo' => UploadedFile::fake()->createWithContent($name, $bytes),
            'caption' => 'Kit sheet',
            ...$with,
        ]);
});

/** A JPEG whose left half is black, so that one sees how it lies. */
function halfBlack(int $width, int $height): string
{
    return blackIn($width, $height, $height);
}

function blackIn(int $width, int $height, int $deep): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, 255, 255, 255));
    imagefilledrectangle($image, 0, 0, intdiv($width, 2) - 1, $deep - 1, 0);
    ob_start();
    imagejpeg($image, null, 95);

    return (string) ob_get_clean();
}

/** A JPEG of which the upper left quarter is black. */
function quarterBlack(int $width, int $height): string
{
    return blackIn($width, $height, intdiv($height, 2));
}

/**
 * The same as a camera writes it: with how to turn it, when it was taken and a comment of where.
 * Source of the layout: Exif 2.3, 4.5 and 4.6 (tags 0x0112 and 0x0132 in IFD0), from memory; read back by PHP's own
 * exif reader.
 */
function fromCamera(string $jpeg, int $orientation, string $when): string
{
    $ifd = pack('v', 2)
        .pack('vvVvv', 0x0112, 3, 1, $orientation, 0)
        .pack('vvVV', 0x0132, 2, 20, 38)
        .pack('V', 0);
    $body = "Exif\0\0II".pack('vV', 42, 8).$ifd.str_pad($when, 20, "\0");
    $comment = 'GPS 52.5200 13.4050 secret place';

    return "\xFF\xD8\xFF\xE1".pack('n', strlen($body) + 2).$body
        ."\xFF\xFE".pack('n', strlen($comment) + 2).$comment.substr($jpeg, 2).'trailing secret';
}

it('keeps a photo without what the camera wrote into it, upright and on its day', function (): void {
    $sent = fromCamera(halfBlack(60, 40), 6, '2026:10:03 09:15:00');
    ($this->send)($sent)->assertSessionHasNoErrors();
    $photo = Photo::query()->sole();
    expect($photo->taken_on)->toBe('2026-10-03')
        ->and([$photo->width, $photo->height])->toBe([40, 60]);
    $response = $this->get("{$this->url}/photos/{$photo->id}/picture")->assertOk();
    $kept = (string) $response->getContent();
    expect($response->headers->get('Content-Type'))->toBe('image/jpeg')
        ->and(getimagesizefromstring($kept)[0])->toBe(40)
        ->and(str_contains($kept, 'secret'))->toBeFalse()
        ->and(str_contains($kept, 'Exif'))->toBeFalse()
        ->and(str_contains($kept, '2026'))->toBeFalse();
    // Laid down by the camera, to be turned to the right: what was left is on top.
    $drawn = imagecreatefromstring($kept);
    $light = fn (int $x, int $y): int => imagecolorat($drawn, $x, $y) & 0xFF;
    expect($light(20, 5))->toBeLessThan(40)->and($light(20, 55))->toBeGreaterThan(215);
    $thumbnail = $this->get("{$this->url}/photos/{$photo->id}/thumbnail")->assertOk()->getContent();
    expect(getimagesizefromstring((string) $thumbnail)[1])->toBe(60);
});

it('turns a photo by each of the eight ways a camera lays it down', function (int $orientation, string $dark): void {
    ($this->send)(fromCamera(quarterBlack(60, 40), $orientation, '2026:10:03 09:15:00'));
    $image = imagecreatefromstring(Photo::query()->sole()->image);
    [$w, $h] = [imagesx($image), imagesy($image)];
    $isDark = fn (float $x, float $y): bool => (imagecolorat($image, (int) ($x * $w), (int) ($y * $h)) & 0xFF) < 128;
    $corners = [
        'top left' => $isDark(0.2, 0.2),
        'top right' => $isDark(0.8, 0.2),
        'bottom left' => $isDark(0.2, 0.8),
        'bottom right' => $isDark(0.8, 0.8),
    ];
    expect(array_keys(array_filter($corners)))->toBe([$dark])
        ->and([$w, $h])->toBe($orientation > 4 ? [40, 60] : [60, 40]);
})->with([
    [1, 'top left'],
    [2, 'top right'],
    [3, 'bottom right'],
    [4, 'bottom left'],
    [5, 'top left'],
    [6, 'top right'],
    [7, 'bottom right'],
    [8, 'bottom left'],
]);

it('makes a large photo small enough and keeps its shape', function (): void {
    ($this->send)(halfBlack(4000, 1000), 'wide.jpg', ['day' => '2026-11-02']);
    $photo = Photo::query()->sole();
    expect([$photo->width, $photo->height, $photo->taken_on])->toBe([2400, 600, '2026-11-02'])
        ->and(getimagesizefromstring($photo->thumbnail)[0])->toBe(480);
});

it('refuses what is no photo, with the reason at the field', function (
    Closure $bytes,
    array $with,
    string $field,
    string $sentence,
): void {
    ($this->send)($bytes(), 'x.jpg', $with)->assertSessionHasErrors([$field => $sentence]);
    expect(Photo::query()->count())->toBe(0);
})->with([
    'a script called a photo' => [
        fn (): string => '<?php echo 1;',
        [],
        'photo',
        'This is no picture that can be read here. Choose a JPEG, PNG or WebP file.',
    ],
    'a drawing that may hold scripts' => [
        fn (): string => '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>',
        [],
        'photo',
        'This is no picture that can be read here. Choose a JPEG, PNG or WebP file.',
    ],
    'a new phone format' => [
        fn (): string => "\0\0\0\x18ftypheic\0\0\0\0heicmif1",
        [],
        'photo',
        'This is a HEIC picture, which cannot be read here. Save or share it as JPEG and choose that file.',
    ],
    'a damaged one' => [
        fn (): string => substr(halfBlack(60, 40), 0, 24),
        [],
        'photo',
        'The picture is damaged and cannot be read. Take it anew, or choose another file.',
    ],
    'one that unfolds' => [
        fn (): string => "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 40000, 40000)."\x08\x02\0\0\0"
            .pack('N', crc32('IHDR'.pack('NN', 40000, 40000)."\x08\x02\0\0\0")),
        [],
        'photo',
        'The picture has more than 50 million pixels. Save it smaller and choose that file.',
    ],
    'no words' => [
        fn (): string => halfBlack(6, 4),
        ['caption' => ' '],
        'caption',
        'Say what the photo shows, such as “kit sheet of October” or “left side”.',
    ],
    'a day to come' => [
        fn (): string => halfBlack(6, 4),
        ['day' => '2026-11-27'],
        'day',
        'That day is still to come.',
    ],
    'no day' => [
        fn (): string => halfBlack(6, 4),
        ['day' => '2026-02-30'],
        'day',
        'There is no day “2026-02-30” in the calendar.',
    ],
]);

it('says that no photo was chosen', function (): void {
    $this->post("{$this->url}/photos", ['caption' => 'x'])
        ->assertSessionHasErrors(['photo' => 'Choose a photo first.']);
});

it('puts a photo in the bin and brings it back, and shows nothing of another keeper', function (): void {
    ($this->send)(halfBlack(60, 40));
    $id = Photo::query()->sole()->id;
    $this->delete("{$this->url}/photos/{$id}")->assertSessionHas('flash.message', 'In the bin.');
    $this->get("{$this->url}/photos/{$id}/picture")->assertNotFound();
    expect($this->get("{$this->url}/bin")->inertiaProps('others.0.text'))->toBe('Photo: Kit sheet');
    $this->post("{$this->url}/photos/{$id}/restore")->assertSessionHas('flash.message', 'Restored.');
    expect($this->get("{$this->url}/journal?view=photos")->inertiaProps('photos.list.0.caption'))->toBe('Kit sheet')
        ->and($this->get("{$this->url}/journal")->inertiaProps('photos'))->toBeNull();

    $mine = System::factory()->ownedBy($this->keeper)->create();
    $this->get("/systems/{$mine->id}/photos/{$id}/picture")->assertNotFound();
    $this->flushSession();
    $this->actingAs(User::factory()->create());
    $this->get("{$this->url}/photos/{$id}/picture")->assertNotFound();
    $this->delete("{$this->url}/photos/{$id}")->assertNotFound();
});
