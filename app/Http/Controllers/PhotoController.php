<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\Picture;
use App\Exchange\UnreadableFile;
use App\Http\Requests\PhotoRequest;
use App\Models\Photo;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Photos of a tank and of its sheets: kept, shown, taken away and brought back. */
final class PhotoController extends Controller
{
    public function store(PhotoRequest $request, System $system): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $today = now($keeper->zone())->format('Y-m-d');
        [$caption, $day, $file] = [$request->caption(), $request->day($keeper), $request->picture()];
        try {
            $picture = Picture::read($file->getRealPath());
        } catch (UnreadableFile $unreadable) {
            throw ValidationException::withMessages(['photo' => $unreadable->getMessage()]);
        }
        // A camera whose clock stands ahead has not seen the future.
        $taken = $picture->day !== null && $picture->day <= $today ? $picture->day : $today;
        $system->photos()->create([
            'user_id' => $keeper->id,
            'trial_id' => $request->trial($system),
            'taken_on' => $day ?? $taken,
            'caption' => $caption,
            'width' => $picture->width,
            'height' => $picture->height,
            'image' => $picture->jpeg,
            'thumbnail' => $picture->thumbnail,
        ]);

        return back()->with('flash', ['message' => 'Photo kept, without what the camera wrote into it.']);
    }

    public function show(System $system, int $photo, string $size): Response
    {
        $column = $size === 'thumbnail' ? 'thumbnail' : 'image';

        return response((string) $system->photos()->findOrFail($photo, ['id', $column])->{$column}, 200, [
            'Content-Type' => 'image/jpeg',
            'Content-Disposition' => 'inline; filename="photo-'.$photo.'.jpg"',
        ]);
    }

    public function destroy(System $system, int $photo): RedirectResponse
    {
        $system->photos()->findOrFail($photo, Photo::LISTED)->delete();

        return back()->with('flash', [
            'message' => 'In the bin.',
            'undo' => route('photos.restore', [$system, $photo]),
        ]);
    }

    public function restore(System $system, int $photo): RedirectResponse
    {
        $system->photos()->onlyTrashed()->findOrFail($photo, Photo::LISTED)->restore();

        return back()->with('flash', ['message' => 'Restored.']);
    }
}
