<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\CatalogueView;
use App\Http\Pages\PathForm;
use App\Http\Pages\ReviewView;
use App\Http\Pages\SystemFrame;
use App\Http\Preview;
use App\Http\Requests\PathRequest;
use App\Models\System;
use App\Models\User;
use App\Path\PathShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Drawing\PathSheet;
use Ithys\Path\Item;
use Ithys\Path\Path;
use Ithys\Path\PathDiff;
use Ithys\Path\Review\Review;
use Ithys\Path\Style;
use Ithys\Path\Template;

/** The water path: laid out, reviewed, compared, and taken along as parts list, JSON and SVG. */
final class PathController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $shelf = new PathShelf($system);
        $inForce = $system->pathRevisionAt(now());
        $id = $request->integer('draft');
        $draft = $id === 0
            ? $system->drafts()->find($inForce?->path_draft_id) ?? $shelf->latestDraft()
            : $system->drafts()->findOrFail($id);

        return Inertia::render('Path/Show', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'catalogue' => (object) CatalogueView::of($keeper->words()->units, $system->assumptions()),
            'drafts' => $shelf->draftsView(),
            'revisions' => $shelf->revisionsView(),
            'draft' => $draft === null
                    ? null
                    : [
                        'id' => $draft->id,
                        'version' => $draft->version,
                        'inForce' => $inForce === null || $inForce->path_draft_id !== $draft->id
                                ? null
                                : [
                                    'since' => $inForce->in_force_from->getTimestamp(),
                                    'same' => $inForce->document == $draft->document,
                                ],
                        'typed' => PathForm::of($draft->path(), $keeper->units),
                        'review' => (object) $this->review($draft->path(), $system, $keeper),
                    ],
            'item' => self::asked($request, 'item'),
            'templates' => array_map(
                static fn (Style $style): array => [
                    'style' => $style->value,
                    'label' => $style->label(),
                    'stages' => array_map(
                        static fn (Item $item): string => $item->title(),
                        Template::of($style)->items(),
                    ),
                ],
                Style::cases(),
            ),
        ]);
    }

    /** Answers a draft while it is laid out; nothing is saved. What cannot be is an answer too. */
    public function preview(PathRequest $request, System $system): JsonResponse
    {
        return Preview::of(fn (): array => $this->review($request->waterPath(), $system, $this->keeper($request)));
    }

    public function parts(Request $request, System $system, string $mark): Response
    {
        $path = (new PathShelf($system))->path($mark);

        return Inertia::render('Path/Parts', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'mark' => $mark,
            'typed' => PathForm::of($path, $this->keeper($request)->units),
            'catalogue' => (object) CatalogueView::of($this->keeper($request)->units, $system->assumptions()),
            'review' => (object) $this->review($path, $system, $this->keeper($request)),
        ]);
    }

    public function compare(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $shelf = new PathShelf($system);
        $choices = [...$shelf->draftsView(), ...$shelf->revisionsView()];
        $one = self::asked($request, 'a') ?: $shelf->markInForce() ?? $choices[0]['mark'] ?? '';
        $other = self::asked($request, 'b') ?: $shelf->markBeside($one) ?? $one;
        $paths = $one === '' ? [] : [$shelf->path($one), $shelf->path($other)];
        $side = fn (string $mark, Path $path): array => [
            'mark' => $mark,
            'name' => $path->name,
            'review' => $this->review($path, $system, $keeper),
        ];

        return Inertia::render('Path/Compare', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'choices' => $choices,
            'sides' => array_map($side, $paths === [] ? [] : [$one, $other], $paths),
            'changes' => $paths === [] ? [] : array_map(
                static fn (array $change): array => [...$change, 'detail' => $keeper->words()->say($change['detail'])],
                PathDiff::between($paths[0], $paths[1])->changes,
            ),
        ]);
    }

    public function json(System $system, string $mark): HttpResponse
    {
        $path = (new PathShelf($system))->path($mark);

        return $this->download(
            json_encode(
                $path->toArray(),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )."\n",
            $path,
            $system,
            'json',
            'application/json',
        );
    }

    public function svg(Request $request, System $system, string $mark): HttpResponse
    {
        $path = (new PathShelf($system))->path($mark);
        $here = $system->setupAt(now())->situationAlong($path);

        return $this->download(
            PathSheet::svg($here, Review::of($here), $system->name, $this->keeper($request)->words()),
            $path,
            $system,
            'svg',
            'image/svg+xml',
        );
    }

    /** What the address asks for by this name; empty when it asks for nothing or for no text. */
    private static function asked(Request $request, string $name): string
    {
        $text = $request->query($name);

        return is_string($text) ? $text : '';
    }

    private function download(string $content, Path $path, System $system, string $ending, string $type): HttpResponse
    {
        $name = Str::slug($system->name.' '.$path->name) ?: 'path';

        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$name}.{$ending}\"",
        ]);
    }

    /** @return array<string, mixed> */
    private function review(Path $path, System $system, User $keeper): array
    {
        return ReviewView::of(
            $system->setupAt(now()),
            $path,
            $keeper->words(),
            (new PathShelf($system))->room()->pricePerKilowattHour,
        );
    }
}
