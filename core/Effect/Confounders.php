<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Entry;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaRemoval\MediaRemoval;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Spell\Spell;
use Ithys\Quantity\Text;

/**
 * Finds the other levers that moved in the window.
 *
 * A routine that simply goes on (the weekly sock, the daily pinch of food) is no change; its *rate* is compared on both
 * sides. Water changes are no confounder: the model has them.
 */
final readonly class Confounders
{
    /** Days within which a routine that changes is the change that is picked. */
    private const SAME = 1.0;

    private function __construct(private Question $question)
    {
    }

    /**
     * @param  list<Entry>  $journal  entries around the change, in order of time
     * @return list<Confounder>
     */
    public static function find(Question $question, array $journal): array
    {
        $here = new self($question);

        return [...$here->entries($journal), ...$here->tankChanges(), ...$here->routines()];
    }

    /**
     * @param  list<Entry>  $journal
     * @return list<Confounder> charges, switches and the like, one by one
     */
    private function entries(array $journal): array
    {
        $found = [];
        $each = array_map(
            static fn (Kind $kind): bool => $kind->lever()?->confounds === Confounds::Each,
            Kinds::all(),
        );
        foreach ($journal as $entry) {
            $wears = $this->question->isWearing($entry);
            $moves = $each[$entry->kind()->key()] && $this->question->covers($entry);
            $spell = $entry->payload instanceof Spell ? $entry->payload : null;
            if ((! $wears && ! $moves) || $this->question->isChange($entry) || $spell?->isPause === true) {
                continue;
            }
            $day = $entry->daysAfter($this->question->change->at);
            $medium = $entry->payload instanceof MediaCharge || $entry->payload instanceof MediaRemoval
                ? $entry->payload->medium
                : null;
            $found[] = new Confounder(
                Text::of('{what}, {when}.', what: $entry->payload->summary(), when: Confounder::when($day)),
                // What does not bind the nutrient, or was off for hours, is named, and stands in the way of nothing.
                $medium?->moves($this->question->parameter === Parameter::Phosphate) === false
                    || $spell?->isLong() === false ? null : $day,
                $wears,
            );
        }

        return $found;
    }

    /** @return list<Confounder> */
    private function tankChanges(): array
    {
        $found = [];
        foreach ($this->question->also->tank as $at) {
            $day = ($at->getTimestamp() - $this->question->change->at->getTimestamp()) / 86400;
            if (abs($day) <= $this->question->windowDays) {
                $found[] = new Confounder(
                    Text::of('The tank or its path was changed {when}.', when: Confounder::when($day)),
                    $day,
                );
            }
        }

        return $found;
    }

    /** @return list<Confounder> routines that changed in the window, but for the one that is picked */
    private function routines(): array
    {
        $question = $this->question;
        $least = $question->assumptions->value(Assumed::RateShare);
        $found = [];
        foreach ($question->also->routines as $one) {
            $day = ($one->at->getTimestamp() - $question->change->at->getTimestamp()) / 86400;
            $isPicked = $one->entry !== null && $one->entry === $question->change->id
                || $one->of->kind() === $question->change->kind()->key() && abs($day) < self::SAME;
            if (
                ! $isPicked
                && $question->coversMoment($one->at)
                && Kinds::named($one->of->kind())->lever()?->confounds === Confounds::Routine
                && $one->isBeyond($least)
            ) {
                $found[] = new Confounder(
                    Text::of('{what}, {when}.', what: $one->says, when: Confounder::when($day)),
                    $day,
                );
            }
        }

        return $found;
    }
}
