<?php

declare(strict_types=1);

use Ithys\Effect\Alarm\Recent;
use Ithys\Journal\KitChange\Kits;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Tests\Support\Logged;

/** @return list<?string> of its readings of nitrate */
function kitsOf(array $lines): array
{
    $kits = [];
    foreach (Kits::told(Logged::entries($lines)) as $entry) {
        if ($entry->payload instanceof Reading && $entry->payload->parameter === Parameter::Nitrate) {
            $kits[] = $entry->payload->method;
        }
    }

    return $kits;
}

it('leaves readings as they are where no new kit was logged', function (): void {
    expect(kitsOf([[0, 'no3 8'], [1, 'no3 8 kit drops'], [2, 'new kit po4']]))->toBe([null, 'drops']);
});

it('tells readings before a new kit from those since, named or not', function (): void {
    [$before, $same, $since, $named] = kitsOf([
        [0, 'no3 8'], [1, 'no3 8'], [2, 'new kit no3'], [3, 'no3 9'], [4, 'no3 9 kit drops'],
    ]);
    expect($before)->toBe($same)->not->toBe($since)->and($named)->not->toBe($since);
    // A new bottle of the same kit.
    [$old, $new] = kitsOf([[0, 'no3 8 kit drops'], [2, 'new kit no3 drops'], [3, 'no3 9 kit drops']]);
    expect($old)->not->toBe($new);
    // One that is named once is meant until another is.
    [$first, $second] = kitsOf([[0, 'new kit no3 drops'], [1, 'no3 8'], [2, 'no3 9 kit drops']]);
    expect($first)->toBe($second);
});

it('lets an alert compare readings by one kit alone', function (): void {
    $entries = Kits::told(Logged::entries([[0, 'no3 20'], [3, 'no3 21'], [5, 'new kit no3'], [6, 'no3 9']]));
    expect(array_map(
        static fn (array $one): float => $one[1]->value,
        Recent::of($entries, Parameter::Nitrate)->readings,
    ))->toBe([9.0]);
});
