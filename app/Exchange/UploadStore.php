<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\System;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** Uploaded tables between preview and confirmation; each is forgotten once confirmed, or after a day. */
final readonly class UploadStore
{
    private const NAME = '~^[0-9a-z]{26}$~D';

    private string $folder;

    public function __construct(System $system)
    {
        $this->folder = storage_path("ithys/imports/{$system->id}");
    }

    /** @return string the name under which the upload is kept */
    public function keep(UploadedFile $file): string
    {
        File::ensureDirectoryExists($this->folder);
        $this->forgetOld();
        $name = Str::lower((string) Str::ulid());
        $file->move($this->folder, "{$name}.csv");
        File::put("{$this->folder}/{$name}.name", mb_strimwidth(mb_scrub($file->getClientOriginalName()), 0, 120, '…'));

        return $name;
    }

    /** The path of a kept upload, or null when there is none of this name. */
    public function path(string $name): ?string
    {
        $path = "{$this->folder}/{$name}.csv";

        return preg_match(self::NAME, $name) === 1 && is_file($path) ? $path : null;
    }

    public function originalName(string $name): string
    {
        $path = "{$this->folder}/{$name}.name";

        return is_file($path) ? File::get($path) : 'readings.csv';
    }

    /** How far the import of an upload is; null where it has not begun. */
    public function state(string $name): ?ImportState
    {
        $path = $this->statePath($name);

        return $path !== null && is_file($path) ? ImportState::read(File::get($path)) : null;
    }

    public function note(string $name, ImportState $state): void
    {
        $path = $this->statePath($name);
        // A page that asks meanwhile reads the one before or this one, never half of it.
        $path === null || File::replace($path, json_encode($state, JSON_THROW_ON_ERROR));
    }

    /** What came of an upload stays for a day; its table goes. */
    public function done(string $name, ImportState $state): void
    {
        $this->note($name, $state);
        File::delete("{$this->folder}/{$name}.csv");
    }

    private function statePath(string $name): ?string
    {
        return preg_match(self::NAME, $name) === 1 ? "{$this->folder}/{$name}.state" : null;
    }

    public function forget(string $name): void
    {
        File::delete(["{$this->folder}/{$name}.csv", "{$this->folder}/{$name}.name"]);
    }

    private function forgetOld(): void
    {
        foreach (glob("{$this->folder}/*") ?: [] as $file) {
            // Another upload may have taken the file away meanwhile.
            $touched = @filemtime($file);
            if ($touched !== false && $touched < time() - 86_400) {
                @unlink($file);
            }
        }
    }
}
