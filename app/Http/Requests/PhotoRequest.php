<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\Picture;
use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

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

    /**
     * The trial whose sheet it shows; null for none.
     *
     * @throws ValidationException
     */
    public function trial(System $system): ?int
    {
        $id = $this->input('trial');
        if ($id === null || $id === '') {
            return null;
        }
        $isHere = is_numeric($id) && Trial::query()->where('system_id', $system->id)->whereKey((int) $id)->exists();

        return $isHere ? (int) $id : throw ValidationException::withMessages([
            'photo' => 'This trial is not one of this tank.',
        ]);
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
    public function day(User $keeper): ?string
    {
        $day = $this->input('day');

        return PastDay::read(is_string($day) ? $day : '', $keeper, 'day')
            ?->setTimezone($keeper->zone())->format('Y-m-d');
    }
}
