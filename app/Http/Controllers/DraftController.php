<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\VersionedSave;
use App\Http\Requests\PastDay;
use App\Http\Requests\PathRequest;
use App\Models\PathDraft;
use App\Models\PathRevision;
use App\Models\System;
use App\Path\ImportedPath;
use App\Path\PathShelf;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Path\Path;
use Ithys\Path\Style;
use Ithys\Path\Template;

/** Drafts of the water path: begun, saved, copied, binned, and put in force from a day. */
final class DraftController extends Controller
{
    public function store(Request $request, System $system): RedirectResponse
    {
        $asked = $request->validate([
            'style' => ['required_without:copy', Rule::enum(Style::class)],
            'empty' => ['boolean'],
            'copy' => ['nullable', 'string', 'max:24'],
        ]);
        if (isset($asked['copy'])) {
            $path = (new PathShelf($system))->path($asked['copy']);
            $draft = $this->keep($request, $system, $path, Str::limit("{$path->name}, copy", 80, ''));
        } else {
            $style = Style::from($asked['style']);
            $draft = $this->keep(
                $request,
                $system,
                $request->boolean('empty') ? Template::empty($style) : Template::of($style),
                $style->label(),
            );
        }

        return redirect()
            ->route('path.show', [$system, 'draft' => $draft->id])
            ->with('flash', ['message' => "“{$draft->name}” is a draft: change it as you like."]);
    }

    public function import(Request $request, System $system): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw ValidationException::withMessages(['file' => 'Choose a JSON file of a path first.']);
        }
        if ($file->getSize() > ImportedPath::MOST_BYTES) {
            throw ValidationException::withMessages(['file' => 'The file is larger than 1 MB; no path is.']);
        }
        try {
            $path = ImportedPath::read($file->getContent());
        } catch (Refused $invalid) {
            throw ValidationException::withMessages(['file' => $invalid->getMessage()]);
        }
        $draft = $this->keep(
            $request,
            $system,
            $path,
            Str::limit($path->name === '' ? 'Imported path' : $path->name, 80, ''),
        );

        return redirect()
            ->route('path.show', [$system, 'draft' => $draft->id])
            ->with('flash', ['message' => "“{$draft->name}” is imported as a draft."]);
    }

    public function update(PathRequest $request, System $system, int $draft): RedirectResponse
    {
        $path = $request->waterPath();
        $found = $system->drafts()->findOrFail($draft);
        (new VersionedSave('path', 'This draft'))->over(
            PathDraft::query()->whereKey($found->id),
            $request->integer('version'),
            ['name' => $path->name, 'document' => json_encode($path->toArray(), JSON_THROW_ON_ERROR)],
        );

        return redirect()
            ->route('path.show', [$system, 'draft' => $draft])
            ->with('flash', ['message' => 'The draft is saved.']);
    }

    public function destroy(System $system, int $draft): RedirectResponse
    {
        $found = $system->drafts()->findOrFail($draft);
        $found->delete();

        return redirect()
            ->route('path.show', $system)
            ->with('flash', [
                'message' => "“{$found->name}” is in the bin.",
                'undo' => route('drafts.restore', [$system, $draft]),
            ]);
    }

    public function restore(System $system, int $draft): RedirectResponse
    {
        $system->drafts()->onlyTrashed()->findOrFail($draft)->restore();

        return redirect()->route('path.show', [$system, 'draft' => $draft])->with('flash', ['message' => 'Restored.']);
    }

    /** Puts a draft in force as it was saved; it may be worked on further without changing what is in force. */
    public function force(Request $request, System $system, int $draft): RedirectResponse
    {
        $typed = $request->validate(
            ['since' => ['required', 'string']],
            ['since.required' => 'Enter the day from which the water runs this way.'],
        );
        $since = PastDay::read($typed['since'], $this->keeper($request), 'since');
        $found = $system->drafts()->findOrFail($draft);
        $revision = DB::transaction(
            fn (): PathRevision => $found->putInForce($since, $this->keeper($request)),
        );

        return redirect()
            ->route('path.show', [$system, 'draft' => $draft])
            ->with('flash', [
                'message' => "“{$found->name}” is in force.",
                'undo' => route('path-revisions.take-back', [$system, $revision->id]),
            ]);
    }

    private function keep(Request $request, System $system, Path $path, string $name): PathDraft
    {
        return DB::transaction(
            fn (): PathDraft => $system
                ->drafts()
                ->create([
                    'user_id' => $this->keeper($request)->id,
                    'name' => $name,
                    'document' => [...$path->toArray(), 'name' => $name],
                ]),
        );
    }
}
