<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Effect\ChargeAccount;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Words;

/** What a charge did, as Media and the verdict draw it. */
final class ChargeAccountView
{
    /** @return ?array<string, mixed> mg of what it binds */
    public static function of(?ChargeAccount $account, Words $words): ?array
    {
        return $account === null ? null : [
            'of' => Parameter::Phosphate->label(),
            'room' => $account->room,
            'gross' => $account->gross,
            'net' => $account->net === null
                ? null
                : [$account->net->estimate, $account->net->low, $account->net->high],
            'expected' => $account->expected,
            'why' => $words->say($account->why()),
        ];
    }
}
