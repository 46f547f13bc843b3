<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Care\Stock\Consumable;
use Ithys\Care\Stock\Move;
use Ithys\Journal\InvalidEntry;
use Ithys\Quantity\Decimal;
use Ithys\Quantity\InvalidQuantity;

/** An item of the stock, or what came in, went out or was counted of one. */
final class SupplyRequest extends FormRequest
{
    private const LONGEST = ['name' => 80, 'size' => 60, 'place' => 80];

    private const MOST = 1_000_000.0;

    private const LONGEST_DELIVERY = 120;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return array{
     *     consumable: string, name: string, size: string, place: string, per_pack: float, price: ?float,
     *     opened: ?string, best_before: ?string, delivery_days: int,
     * }
     *
     * @throws ValidationException with a sentence at each field
     */
    public function item(): array
    {
        $problems = [];
        if (Consumable::named($this->text('consumable')) === null) {
            $problems['consumable'] = 'Choose what it is.';
        }
        if ($this->text('name') === '') {
            $problems['name'] = 'Give it a name that you find again.';
        }
        foreach (self::LONGEST as $field => $most) {
            if (mb_strlen($this->text($field)) > $most) {
                $problems[$field] = "Write at most {$most} characters.";
            }
        }
        $pack = $this->figure('per_pack', $problems);
        if ($pack === null || $pack <= 0.0 || $pack > self::MOST) {
            $problems['per_pack'] = 'Write how much is in a pack, more than zero.';
        }
        $price = $this->figure('price', $problems);
        if ($price !== null && ($price < 0.0 || $price > self::MOST)) {
            $problems['price'] = 'Write the price of a pack, zero or more.';
        }
        $delivery = $this->figure('delivery_days', $problems) ?? 7.0;
        if ($delivery < 0.0 || $delivery > self::LONGEST_DELIVERY) {
            $problems['delivery_days'] = 'Write days from 0 to '.self::LONGEST_DELIVERY.'.';
        }
        foreach (['opened', 'best_before'] as $field) {
            $day = DateTimeImmutable::createFromFormat('!Y-m-d', $this->text($field));
            if ($this->text($field) !== ''
                && (! $day instanceof DateTimeImmutable || $day->format('Y-m-d') !== $this->text($field))) {
                $problems[$field] = 'Write the day as year, month and day, such as 2026-12-24.';
            }
        }

        return $problems === [] ? [
            'consumable' => $this->text('consumable'),
            'name' => $this->text('name'),
            'size' => $this->text('size'),
            'place' => $this->text('place'),
            'per_pack' => (float) $pack,
            'price' => $price,
            'opened' => $this->text('opened') ?: null,
            'best_before' => $this->text('best_before') ?: null,
            'delivery_days' => (int) round($delivery),
        ] : throw ValidationException::withMessages($problems);
    }

    /**
     * @return list<int> the tanks that it serves, of those that its keeper plans
     *
     * @throws ValidationException where none is chosen
     */
    public function tanks(User $keeper): array
    {
        $typed = $this->input('tanks');
        $wanted = array_map(intval(...), array_filter(is_array($typed) ? $typed : [], is_numeric(...)));
        $tanks = $keeper->systems()->whereIn('systems.id', $wanted)->get()
            ->filter(static fn (mixed $one): bool => $keeper->can('design', $one))
            ->pluck('id')->map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->values()->all();

        return $tanks === []
            ? throw ValidationException::withMessages(['tanks' => 'Choose at least one tank that uses it.'])
            : array_values($tanks);
    }

    /** @throws ValidationException with a sentence */
    public function amount(DateTimeImmutable $now, string $what): Move
    {
        $problems = [];
        $amount = $this->figure('amount', $problems);
        try {
            return $amount === null
                ? throw ValidationException::withMessages(['amount' => 'Write how much, zero or more.'])
                : Move::of($now, $what, $amount);
        } catch (InvalidEntry) {
            throw ValidationException::withMessages(['amount' => $what === Move::COUNTED
                ? 'A stock is never below zero: write what is there, zero or more.'
                : 'Write how much, more than zero.']);
        }
    }

    private function text(string $field): string
    {
        $typed = $this->input($field);

        return is_string($typed) || is_int($typed) || is_float($typed) ? trim((string) $typed) : '';
    }

    /** @param  array<string, string>  $problems */
    private function figure(string $field, array &$problems): ?float
    {
        $typed = $this->text($field);
        if ($typed === '') {
            return null;
        }
        try {
            return str_starts_with($typed, '-') ? -1.0 : Decimal::parse($typed)->value;
        } catch (InvalidQuantity) {
            $problems[$field] = 'Write a figure.';

            return null;
        }
    }
}
