<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Effect\ChargeAccount;
use Ithys\Effect\Judgement;
use Ithys\History\Charge;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaChargeKind;
use Ithys\Journal\MediaRemoval\MediaRemovalKind;
use Ithys\Journal\Reading\Parameter;
use Ithys\Learning\Charges\ChargeState;
use Ithys\Learning\Charges\ChargeWords;
use Ithys\Media\Medium;

/** The charges of a tank by its whole journal, with what each did: one answer for every page. */
final class TankCharges
{
    private const YEAR = 364 * 86_400;

    /** @var array<int, ChargeState> */
    private array $states;

    /** @var list<Charge> in order of time */
    public array $all;

    private function __construct(private System $system, private DateTimeImmutable $now)
    {
        $this->all = Charge::all((new Journal($system))->ofKinds(
            [MediaChargeKind::KEY, MediaRemovalKind::KEY],
            $now,
        ));
        $this->states = (new FitShelf($system))->charges();
    }

    public static function of(System $system, DateTimeImmutable $now): self
    {
        return new self($system, $now);
    }

    /** What one has removed and has left; null where the model does not follow it, or nothing is learned yet. */
    /** The last charge of a medium that was put in; null where there was none. */
    public function last(Medium $medium): ?Charge
    {
        $of = array_filter($this->all, static fn (Charge $one): bool => $one->medium() === $medium);

        return end($of) ?: null;
    }

    public function state(Charge $charge): ?ChargeState
    {
        return $this->states[$charge->entry] ?? null;
    }

    public function words(Charge $charge): ?ChargeWords
    {
        $state = $this->state($charge);

        return $state === null ? null : ChargeWords::of($charge, $state, $this->now);
    }

    /** What a charge that binds phosphate did; null for others, and where nothing is learned yet. */
    public function account(int $entry): ?ChargeAccount
    {
        foreach ($this->all as $charge) {
            $state = $charge->entry === $entry && $charge->medium()->mayBind() ? $this->state($charge) : null;
            if ($state !== null) {
                $kept = Kept::of(
                    $this->system,
                    "account {$entry}",
                    $this->now,
                    fn (DateTimeImmutable $hour): array => [
                        serialize(ChargeAccount::of($state, $this->judgement($charge, $hour->modify('+1 hour')))),
                    ],
                );
                $account = unserialize($kept[0]);

                return $account instanceof ChargeAccount ? $account : null;
            }
        }

        return null;
    }

    /**
     * How much of its life is left to what an item of the path holds: of the days to its likely end, the least there;
     * and whether it is exhausted.
     *
     * @return array<string, array{float, bool}> per cent and whether, by item
     */
    public function left(): array
    {
        $left = [];
        foreach (Charge::in($this->all) as $charge) {
            $state = $this->state($charge);
            if ($state === null) {
                continue;
            }
            $end = $state->exhausted[0] ?? $this->now->getTimestamp() + self::YEAR;
            $days = max(1, $end - $charge->from->getTimestamp());
            $share = max(0.0, min(1.0, ($end - $this->now->getTimestamp()) / $days));
            [$least, $isExhausted] = $left[$charge->vessel()] ?? [100.0, false];
            $left[$charge->vessel()] = [
                min($least, round(100 * $share)),
                $isExhausted || $this->words($charge)?->condition->isExhausted() === true,
            ];
        }

        return $left;
    }

    /** @return list<Charge> those that are exhausted and still in */
    public function exhausted(): array
    {
        return array_values(array_filter(
            Charge::in($this->all),
            fn (Charge $one): bool => $this->words($one)?->condition->isExhausted() === true,
        ));
    }

    private function judgement(Charge $charge, DateTimeImmutable $now): Judgement
    {
        return (new TankVerdicts($this->system, $now, TankVerdicts::WINDOW))->on(
            new Entry($charge->from, $charge->filling, $charge->entry),
            [Parameter::Phosphate],
        )[0];
    }
}
