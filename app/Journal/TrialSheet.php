<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Ithys\Document\Refused;
use Ithys\Trial\CellDoor;

/** Writes readings into the sheet of a trial, wherever they come from. */
final readonly class TrialSheet
{
    public function __construct(private Trial $trial, private DateTimeImmutable $now)
    {
    }

    public function door(): CellDoor
    {
        return new CellDoor($this->trial->planned(), $this->trial->placed(), $this->trial->day($this->now) ?? 0);
    }

    /**
     * @param  list<array{parameter: string, unit: string, day: string, text: string}>  $typed
     * @return list<array{parameter: string, unit: string, day: int, cell: string}>
     *
     * @throws Refused with a sentence at each cell
     */
    public function take(array $typed): array
    {
        return $this->trial->started === null
            ? throw Refused::whole(
                'cells',
                'Start the trial first: what is read before its start does not count.',
            )
            : $this->door()->take($typed);
    }

    /** @param  list<array{parameter: string, unit: string, day: int, cell: string}>  $cells  as they were taken */
    public function save(array $cells, User $by): void
    {
        // What is changed once the verdict is known is told with it.
        $late = $this->trial->judged($this->now)->withheld === null
            ? $this->trial->corrections(
                $cells,
                $this->now->setTimezone($this->trial->system->zone())->format('Y-m-d'),
            )
            : [];
        DB::transaction(function () use ($cells, $by, $late): void {
            // As it is now, since another may have amended it; saved in any case, for its stamp.
            $this->trial->refresh()->fill(['amendments' => [...$this->trial->amendments, ...$late]])->save();
            foreach ($cells as $one) {
                $place = ['parameter' => $one['parameter'], 'unit' => $one['unit'], 'day' => $one['day']];
                $one['cell'] === ''
                    ? $this->trial->cells()->where($place)->delete()
                    : $this->trial->cells()->updateOrCreate($place, ['cell' => $one['cell'], 'user_id' => $by->id]);
            }
        });
        $this->trial->readAgain();
    }
}
