<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Ithys\Journal\Table\Choices;
use Ithys\Journal\Table\Layout;

/** How a keeper had tables of a tank read, for the next one with the same headings. */
final readonly class TableMemory
{
    public function __construct(private User $keeper, private System $system)
    {
    }

    public function of(Layout $layout): ?Choices
    {
        $kept = DB::table('table_choices')
            ->where('user_id', $this->keeper->id)
            ->where('system_id', $this->system->id)
            ->where('headings', $layout->mark())
            ->value('choices');

        return is_string($kept) ? Choices::of((array) json_decode($kept, true)) : null;
    }

    public function keep(Layout $layout, Choices $choices): void
    {
        DB::table('table_choices')->updateOrInsert(
            ['user_id' => $this->keeper->id, 'system_id' => $this->system->id, 'headings' => $layout->mark()],
            ['choices' => json_encode($choices->toArray(), JSON_THROW_ON_ERROR), 'updated_at' => Journal::stamp(now())],
        );
    }
}
