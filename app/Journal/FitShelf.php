<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Ithys\History\Story;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Charges\ChargeForecasts;
use Ithys\Learning\Charges\ChargeState;
use Ithys\Learning\Fit;
use Ithys\Learning\Learned;
use Ithys\Learning\TooFewReadings;

/** What was last learned of a tank. It stays while a newer one is reckoned. */
final readonly class FitShelf
{
    /** Another once what is stored with a fit changes: it is then learned anew. */
    private const FORM = 6;

    public function __construct(private System $system)
    {
    }

    /** By the likeliest story of what is silent. */
    public function last(): ?Fit
    {
        return $this->learned()?->fit();
    }

    /** In each story that the silences of the journal allow. */
    public function learned(): ?Learned
    {
        $row = $this->row();
        $document = $row === null ? null : json_decode((string) $row->document, true);

        return is_array($document) && ($document['form'] ?? null) === self::FORM
            && is_array($document['stories'] ?? null)
            ? Learned::from($document['stories'])
            : null;
    }

    /** Whether it rests on the journal as it is now. */
    public function isCurrent(): bool
    {
        $stamp = $this->row()?->stamp;

        return $stamp !== null && $stamp === $this->system->stamp && $this->last() !== null;
    }

    /** Names the fit among others of the tank. */
    public function mark(): string
    {
        // Without the fit itself, which is large.
        $stamp = DB::table('nutrient_fits')->where('system_id', $this->system->id)->value('stamp');

        return is_string($stamp) ? $stamp : 'none';
    }

    public function madeAt(): ?DateTimeImmutable
    {
        $row = $this->row();

        return $row === null ? null : Journal::moment((string) $row->made_at);
    }

    /**
     * Learns anew from the journal as it is.
     *
     * @throws Missing
     * @throws TooFewReadings
     */
    public function learn(DateTimeImmutable $now): Fit
    {
        // What is logged meanwhile asks for another fit.
        $stamp = $this->system->stamp;
        $learned = Learned::of(fn (Story $story): Timeline => TankHistory::of($this->system, $now, null, $story));
        DB::table('nutrient_fits')->updateOrInsert(['system_id' => $this->system->id], [
            'stamp' => $stamp,
            'made_at' => Journal::stamp($now),
            'document' => json_encode(
                ['form' => self::FORM, 'stories' => $learned->toArray()],
                JSON_THROW_ON_ERROR,
            ),
            'lives' => json_encode(
                ['form' => ChargeState::FORM, 'charges' => (object) array_map(
                    static fn (ChargeState $state): array => $state->toArray(),
                    ChargeForecasts::of(
                        TankHistory::of($this->system, $now, null, $learned->story()),
                        $learned->fit(),
                    ),
                )],
                JSON_THROW_ON_ERROR,
            ),
        ]);

        return $learned->fit();
    }

    /** @return array<int, ChargeState> what charges have removed and have left, by their entry */
    public function charges(): array
    {
        // Much smaller than the fit beside it, and asked for with every page.
        $stored = json_decode((string) DB::table('nutrient_fits')
            ->where('system_id', $this->system->id)
            ->value('lives'), true);
        // What another Ithys stored may say something else.
        $isOurs = is_array($stored) && ($stored['form'] ?? null) === ChargeState::FORM;
        /** @var array<int, array<mixed>> $charges */
        $charges = $isOurs ? $stored['charges'] ?? [] : [];

        return array_map(ChargeState::from(...), $charges);
    }

    /** @return array<int, list<array{int, float}>> moments and shares of what a fresh one would take, by entry */
    public function courses(): array
    {
        return array_map(static fn (ChargeState $state): array => $state->course, $this->charges());
    }

    /** @return ?object{stamp: ?string, made_at: string, document: string} */
    private function row(): ?object
    {
        /** @var ?object{stamp: ?string, made_at: string, document: string} */
        return DB::table('nutrient_fits')->where('system_id', $this->system->id)->first();
    }
}
