<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Calibration;
use Ithys\Learning\Charges\Lives;
use Ithys\Learning\Fit;
use Ithys\Learning\TooFewReadings;

/** What was last learned of a tank. It stays while a newer one is reckoned. */
final readonly class FitShelf
{
    /** Another once what is stored with a fit changes: it is then learned anew. */
    private const FORM = 3;

    private const YEAR = 364 * 86_400;

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
        $timeline = TankHistory::of($this->system, $now);
        $fit = Calibration::of($timeline);
        DB::table('nutrient_fits')->updateOrInsert(['system_id' => $this->system->id], [
            'stamp' => $stamp,
            'made_at' => Journal::stamp($now),
            'document' => json_encode(['form' => self::FORM, ...$fit->toArray()], JSON_THROW_ON_ERROR),
            'lives' => json_encode(
                ['form' => self::FORM, 'lives' => (object) self::livesOf($timeline, $fit)],
                JSON_THROW_ON_ERROR,
            ),
        ]);

        return $fit;
    }

    /** @return array<int, array<string, mixed>> what charges take, by their entry; moments in seconds since 1970 */
    public function lives(): array
    {
        // Much smaller than the fit beside it, and asked for with every page.
        $stored = json_decode((string) DB::table('nutrient_fits')
            ->where('system_id', $this->system->id)
            ->value('lives'), true);

        // What another Ithys stored may say something else.
        $lives = is_array($stored) && ($stored['form'] ?? null) === self::FORM ? $stored['lives'] ?? [] : [];

        /** @var array<int, array<string, mixed>> */
        return is_array($lives) ? $lives : [];
    }

    /**
     * How much of its life is left to what an item of the path holds: of the days to its likely end, the least there;
     * and whether it is surely spent.
     *
     * @return array<string, array{float, bool}> per cent and whether, by item
     */
    public function left(DateTimeImmutable $now): array
    {
        $left = [];
        foreach ($this->lives() as $life) {
            /** @var array{item: string, isIn: bool, isSpent: bool, from: int, spent: ?array{?int, ?int, ?int}} $life */
            if ($life['isIn']) {
                $end = $life['spent'][0] ?? $now->getTimestamp() + self::YEAR;
                $days = max(1, $end - $life['from']);
                $share = max(0.0, min(1.0, ($end - $now->getTimestamp()) / $days));
                [$least, $isSpent] = $left[$life['item']] ?? [100.0, false];
                $left[$life['item']] = [min($least, round(100 * $share)), $isSpent || $life['isSpent']];
            }
        }

        return $left;
    }

    /** @return array<int, list<array{int, float}>> moments and shares of what a fresh one would take, by entry */
    public function courses(): array
    {
        return array_map(static function (array $life): array {
            /** @var array{course: list<array{int, float}>} $life */
            return $life['course'];
        }, $this->lives());
    }

    /** @return array<int, array<string, mixed>> */
    private static function livesOf(Timeline $timeline, Fit $fit): array
    {
        $start = $timeline->read->from->getTimestamp();
        $moment = static fn (?float $day): ?int => $day === null ? null : $start + (int) round(86_400 * $day);
        $lives = [];
        foreach (Lives::of($timeline, $fit) as $life) {
            $one = $life->toArray();
            $lives[$life->placed->entry] = [
                ...$one,
                'item' => $life->placed->vessel,
                'isIn' => $life->placed->to === null,
                'from' => $moment($life->placed->from),
                'spent' => $life->spent === null ? null : array_map(
                    static fn (float $day): ?int => is_finite($day) ? $moment($day) : null,
                    $life->spent,
                ),
                'course' => array_map(
                    static fn (array $at): array => [$moment($at[0]), round($at[1], 4)],
                    $life->course,
                ),
                'measured' => $life->measured === null
                    ? null
                    : [
                        $life->measured[0],
                        $life->measured[1],
                        $moment($life->measured[2]),
                        $life->measured[3],
                    ],
            ];
        }

        return $lives;
    }

    /** @return ?object{stamp: ?string, made_at: string, document: string} */
    private function row(): ?object
    {
        /** @var ?object{stamp: ?string, made_at: string, document: string} */
        return DB::table('nutrient_fits')->where('system_id', $this->system->id)->first();
    }
}
