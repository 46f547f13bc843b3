<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Ithys\Nutrient\Calibration\Calibration;
use Ithys\Nutrient\Calibration\Fit;
use Ithys\Nutrient\Calibration\TooFewReadings;
use Ithys\Nutrient\Timeline\Missing;

/** What was last learned of a tank. It stays while a newer one is reckoned. */
final readonly class FitShelf
{
    /** Raised when fits of before mean something else. */
    private const FORM = 1;

    public function __construct(private System $system)
    {
    }

    public function last(): ?Fit
    {
        $row = $this->row();
        $document = $row === null ? null : json_decode((string) $row->document, true);

        return is_array($document) && ($document['form'] ?? null) === self::FORM
            ? Fit::from($document)
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
        return (string) ($this->row()->stamp ?? 'none');
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
        $fit = Calibration::of(TankHistory::of($this->system, $now));
        DB::table('nutrient_fits')->updateOrInsert(['system_id' => $this->system->id], [
            'stamp' => $stamp,
            'made_at' => Journal::stamp($now),
            'document' => json_encode(['form' => self::FORM, ...$fit->toArray()], JSON_THROW_ON_ERROR),
        ]);

        return $fit;
    }

    /** @return ?object{stamp: ?string, made_at: string, document: string} */
    private function row(): ?object
    {
        /** @var ?object{stamp: ?string, made_at: string, document: string} */
        return DB::table('nutrient_fits')->where('system_id', $this->system->id)->first();
    }
}
