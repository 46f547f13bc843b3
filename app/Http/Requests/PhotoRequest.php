<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\Picture;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Ithys\Journal\LocalMoment;

/** A photo as it is sent in, with its caption and its day. */
final class PhotoRequest extends FormRequest
{
    private const LONGEST_CAPTION = 200;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ValidationException */
    public function picture(): UploadedFile
    {
        $file = $this->file('photo');
        $problem = match (true) {
            ! $file instanceof UploadedFile => 'Choose a photo first.',
            in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true),
            $file->isValid() && $file->getSize() > Picture::MEGABYTES * 1_048_576 => 'The photo is larger than '
                .Picture::MEGABYTES.' MB. Save it smaller and choose that file.',
            ! $file->isValid() => 'The photo did not arrive whole. Try again.',
            default => null,
        };

        return $problem === null ? $file : throw ValidationException::withMessages(['photo' => $problem]);
    }

    /** @throws ValidationException */
    public function caption(): string
    {
        $caption = $this->input('caption');
        $caption = is_string($caption) ? trim($caption) : '';
        if ($caption === '' || mb_strlen($caption) > self::LONGEST_CAPTION) {
            throw ValidationException::withMessages([
                'caption' => $caption === ''
                    ? 'Say what the photo shows, such as “kit sheet of October” or “left side”.'
                    : 'The words have more than '.self::LONGEST_CAPTION.' characters. Shorten them.',
            ]);
        }

        return $caption;
    }

    /**
     * The day that was given, Y-m-d; null where the photo is asked.
     *
     * @throws ValidationException
     */
    public function day(string $today): ?string
    {
        $day = $this->input('day');
        if ($day === null || $day === '') {
            return null;
        }
        $isDay = is_string($day)
            && preg_match('/^([0-9]{4})-([0-9]{2})-([0-9]{2})\z/', $day, $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            && (int) $part[1] >= LocalMoment::EARLIEST_YEAR;
        if (! $isDay || $day > $today) {
            throw ValidationException::withMessages([
                'day' => $isDay ? 'This day is still to come.' : 'There is no such day. Write it as 2026-03-24.',
            ]);
        }

        return $day;
    }
}
