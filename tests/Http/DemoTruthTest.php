<?php

declare(strict_types=1);

use App\Http\Pages\VerdictView;
use App\Journal\Journal;
use App\Journal\TankHistory;
use App\Journal\TankRoutines;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Ithys\Journal\Entry;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Learning\Fit;

// The demo's water follows a known truth, so its verdicts can be held against it.

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->system = System::query()->oldest('id')->firstOrFail();
    $this->judge = function (string $medium, int $window): array {
        $change = $this->system
            ->entries()
            ->where('kind', 'media')
            ->where('payload->medium', $medium)
            ->sole()
            ->toEntry();
        $now = now()->toDateTimeImmutable();
        $view = VerdictView::of($this->system, User::query()->sole(), $change, $window, 0.5, $now);

        return array_column($view['judgements'], null, 'parameter');
    };
});

it('finds the phosphate that the GFO takes out, by about its true size', function (int $window): void {
    $verdict = ($this->judge)('gfo', $window);
    // By the model it takes 3 mg a day from the same water on its first day, then less and less as it fills.
    expect($verdict['po4']['verdict'])->toBe('lower')
        ->and($verdict['po4']['difference']['perDay'])->toBeLessThan(-0.6)
        ->toBeGreaterThan(-2.0)
        ->and($verdict['no3']['verdict'])->toBe('no difference shown');
})->with(VerdictView::WINDOWS);

it('finds nothing where nothing was done to nitrate', function (int $window): void {
    $verdict = ($this->judge)('activated-carbon', $window);
    expect($verdict['no3']['verdict'])->toBe('no difference shown')
        ->and($verdict['no3']['difference']['low'])->toBeLessThan(0.0)
        ->and($verdict['no3']['difference']['high'])->toBeGreaterThan(0.0)
        ->and($verdict['po4']['verdict'])->not->toBe('lower')
        ->not->toBe('higher');
})->with(VerdictView::WINDOWS);

it('takes no sock, feeding or water change of the demo for a change of anything', function (): void {
    $asked = TankRoutines::changes($this->system, now()->toDateTimeImmutable());
    $entries = (new Journal($this->system))->between(
        now()->subDays(200)->toDateTimeImmutable(),
        now()->toDateTimeImmutable(),
    );
    $kinds = array_map(
        static fn (Entry $entry): string => $entry->kind()->key(),
        array_filter($entries, $asked->has(...)),
    );
    // Its stock and its light were said on the first day: they describe the tank.
    expect(array_count_values($kinds))->toBe(['media' => 2, 'skimmer' => 2]);
});

it('finds the nitrate that the tank really gains', function (): void {
    $timeline = TankHistory::of($this->system, now()->toDateTimeImmutable());
    $water = $timeline->simulation(...Fit::applied(array_map(log(...), DemoSeeder::TRUTH), $timeline));
    // What came in over the days before the GFO, with what water changes took undone.
    $litres = $timeline->litres();
    $first = $water->at(0.0);
    $last = $water->before(75.0);
    $gained = $litres * ($last->nitrate() - $first->nitrate()) / 75;
    $changes = array_filter(
        (new Journal($this->system))->between(now()->subDays(200)->toDateTimeImmutable(), now()->toDateTimeImmutable()),
        fn (Entry $entry): bool => $entry->payload instanceof WaterChange
            && $timeline->day($entry->at) > 0.0 && $timeline->day($entry->at) < 75.0,
    );
    $taken = 0.0;
    $again = $timeline->simulation(...Fit::applied(array_map(log(...), DemoSeeder::TRUTH), $timeline));
    foreach ($changes as $change) {
        $taken += $change->payload->changedLitres * $again->before($timeline->day($change->at))->nitrate();
    }
    $before = ($this->judge)('gfo', 84)['no3']['before'];
    expect($gained + $taken / 75)->toBeGreaterThan($before['low'])->toBeLessThan($before['high']);
});
