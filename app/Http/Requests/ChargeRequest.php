<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\System;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** A charge as it is planned or put in: medium, where, how much, and what is wanted of it. */
final class ChargeRequest extends FormRequest
{
    private const LONGEST = 500;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function medium(): Medium
    {
        return Medium::tryFrom($this->word('medium')) ?? Medium::Alumina;
    }

    /** The part of the path it goes into, or a place without a name. */
    public function where(System $system): Container|Place
    {
        $asked = $this->word('where');
        foreach ($system->setupAt(now())->containers() as $container) {
            if ($container->item === $asked) {
                return $container;
            }
        }

        return Place::tryFrom($asked) ?? Place::Bag;
    }

    /**
     * What is typed.
     *
     * @return array{amount: ?float, level: ?float, days: ?float} the amount in g
     *
     * @throws ValidationException
     */
    public function figures(User $keeper, System $system): array
    {
        $reader = Reader::typed($this->all(), $keeper->units);
        $amount = $reader->figure(Field::of('amount', 'The amount', null, 0.0, 1_000_000.0));
        $level = $reader->figure(Field::of('level', 'Phosphate', Dimension::Concentration, 0.001, 5.0));
        $days = $reader->figure(Field::of('days', 'The days', null, 3.0, 364.0));
        try {
            $reader->close();
        } catch (Refused $refused) {
            throw ValidationException::withMessages($refused->problems);
        }

        return [
            'amount' => $amount === null ? null : $amount * $this->gramsEach($system),
            'level' => $level,
            'days' => $days,
        ];
    }

    /**
     * The charge as the journal takes it.
     *
     * @throws ValidationException
     */
    public function charge(User $keeper, System $system): MediaCharge
    {
        $grams = $this->figures($keeper, $system)['amount'];
        if ($grams === null) {
            throw ValidationException::withMessages(['amount' => 'Enter how much goes in.']);
        }
        $stay = $this->input('stay');
        try {
            return MediaCharge::grams($this->medium(), $grams, $this->where($system))->meant(
                is_numeric($stay) ? (float) $stay : null,
                $this->boolean('topUp'),
            );
        } catch (InvalidEntry $invalid) {
            throw ValidationException::withMessages(['amount' => $keeper->words()->say($invalid->says)]);
        }
    }

    /** What was done with it before, and why otherwise than its maker says. */
    public function note(): ?string
    {
        $parts = array_filter([
            'Made ready: ' => $this->word('prepared'),
            'The maker says: ' => $this->word('maker'),
            'Otherwise because: ' => $this->word('because'),
        ], static fn (string $said): bool => $said !== '');
        $note = implode(' ', array_map(
            static fn (string $before, string $said): string => $before.rtrim($said, '.').'.',
            array_keys($parts),
            $parts,
        ));

        return $note === '' ? null : mb_substr($note, 0, self::LONGEST);
    }

    /** Why it is meant otherwise than is usual. */
    public function reason(): string
    {
        return $this->word('because');
    }

    private function gramsEach(System $system): float
    {
        $assumptions = $system->assumptions();
        $density = $assumptions->value((string) $this->medium()->key('density'));

        return match ($this->word('unit')) {
            'ml' => $density,
            'cups' => 1000 * Unit::UsCup->factor() * $density,
            'scoops' => $assumptions->value('scoop') * $density,
            'oz' => Unit::Ounce->factor(),
            default => 1.0,
        };
    }

    private function word(string $key): string
    {
        $value = $this->input($key);

        return is_string($value) ? trim(mb_substr($value, 0, self::LONGEST)) : '';
    }
}
