<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Pages\TideSheet;
use App\Http\Pages\VerdictView;
use App\Journal\TankRoutines;
use App\Journal\TankVerdicts;
use App\Models\System;
use Illuminate\Foundation\Http\FormRequest;
use Ithys\Assumption\Assumed;
use Ithys\Journal\Entry;

/** What part of the journal is looked at; a choice that does not exist falls back to the usual one. */
final class TideSheetRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function range(): string
    {
        $range = $this->query('range');

        return is_string($range) && array_key_exists($range, TideSheet::RANGES) ? $range : '16w';
    }

    /** @return 'sheet'|'table'|'changes'|'photos' */
    public function view(): string
    {
        $view = $this->query('view');

        return in_array($view, ['table', 'changes', 'photos'], true) ? $view : 'sheet';
    }

    /** What is searched for in the table. */
    public function words(): string
    {
        $words = $this->query('words');

        return is_string($words) ? mb_substr(trim($words), 0, 200) : '';
    }

    public function page(): int
    {
        return max(1, min(1_000_000, $this->integer('page')));
    }

    public function windowDays(): int
    {
        $days = $this->integer('window');

        return in_array($days, VerdictView::WINDOWS, true) ? $days : TankVerdicts::WINDOW;
    }

    /** The smallest difference that matters: as chosen, else the tank's own. */
    public function wantedShare(System $system): float
    {
        return in_array($this->float('wanted'), VerdictView::WANTED, true)
            ? $this->float('wanted')
            : $system->assumptions()->value(Assumed::WantedShare);
    }

    /** Days since the change over which it is asked about; null for all of the time since. */
    public function spanDays(): ?int
    {
        return in_array($this->integer('span'), VerdictView::SPANS, true) ? $this->integer('span') : null;
    }

    /** The lever change picked, or null. */
    public function change(System $system): ?Entry
    {
        $line = $this->integer('change') > 0 ? $system->entries()->find($this->integer('change')) : null;

        $entry = $line?->toEntry();

        $isAsked = $entry !== null && TankRoutines::changes($system, now()->toDateTimeImmutable())->has($entry);

        return $isAsked ? $entry : null;
    }
}
