<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Ithys\Journal\Table\Choices;

/** How the keeper wants an uploaded table read; what is not chosen stays as guessed. */
final class ImportRequest extends FormRequest
{
    private const SHOWS = ['all', 'accepted', 'partly', 'refused', 'present'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** Null where the page was opened without any choice. */
    public function choices(): ?Choices
    {
        $input = $this->all();

        $asked = ['dates', 'decimals', 'uses', 'units', 'limits', 'because'];

        return array_intersect($asked, array_keys($input)) === []
            ? null
            : Choices::of($input);
    }

    public function separator(): ?string
    {
        return $this->text('separator') === '' ? null : $this->text('separator');
    }

    /** @return 'all'|'accepted'|'partly'|'refused'|'present' */
    public function rowsShown(): string
    {
        $show = $this->text('show');

        return in_array($show, self::SHOWS, true) ? $show : 'all';
    }

    public function pageNumber(): int
    {
        return max(1, $this->integer('page', 1));
    }

    private function text(string $key): string
    {
        $value = $this->input($key);

        return is_string($value) ? $value : '';
    }
}
