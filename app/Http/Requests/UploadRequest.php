<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\UnreadableFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

final class UploadRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ValidationException when no file of a bearable size has come through */
    public function csv(): UploadedFile
    {
        $megabytes = config('app.import_megabytes');
        $megabytes = is_int($megabytes) ? $megabytes : 20;
        $file = $this->file('file');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages(['file' => 'Choose a CSV file first.']);
        }
        if (
            in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true)
            || ($file->isValid() && $file->getSize() > $megabytes * 1_048_576)
        ) {
            throw ValidationException::withMessages(['file' => UnreadableFile::tooLarge($megabytes)->getMessage()]);
        }
        if (! $file->isValid()) {
            throw ValidationException::withMessages(['file' => 'The file did not arrive whole. Try again.']);
        }

        return $file;
    }
}
