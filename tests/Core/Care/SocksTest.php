<?php

declare(strict_types=1);

use Ithys\Care\Socks;

// Common practice: a wash every two weeks and a change every three days want six socks, every three weeks eight.
it('says how many socks to own', function (int $wash, int $change, int $own): void {
    expect(Socks::toOwn($wash, $change))->toBe($own);
})->with([[14, 3, 6], [21, 3, 8], [14, 14, 2], [1, 7, 2]]);

it('counts every holder', function (): void {
    expect(said(Socks::says(14, 4, 2)))->toBe(
        'With a wash every 14 days own 5 socks for each holder, 10 in all.',
    );
});
