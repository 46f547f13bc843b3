<?php

declare(strict_types=1);

use App\Http\Pages\VerdictView;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;

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
        $view = VerdictView::of($this->system, User::query()->sole(), $change, $window, 0.5, new DateTimeImmutable());

        return array_column($view['judgements'], null, 'parameter');
    };
});

it('finds the phosphate that the GFO takes out, by about its true size', function (int $window): void {
    $verdict = ($this->judge)('gfo', $window);
    // True: about 0.15 mg/L × 272 L × 0.048 a day on the first day, falling with the level and as the medium wears out.
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
    $entries = (new App\Journal\Journal($this->system))->between(
        new DateTimeImmutable('-200 days'),
        new DateTimeImmutable(),
    );
    expect(Ithys\Effect\Schedules::shifts($entries, 285.0, $this->system->assumptions()))->toBe([]);
});

it('finds the nitrate that the tank really gains', function (): void {
    // True net input: 29 mg a day less a loss of 0.3 % of about 2,000 mg a day.
    $before = ($this->judge)('gfo', 84)['no3']['before'];
    expect($before['low'])->toBeLessThan(23.0)
        ->and($before['high'])->toBeGreaterThan(21.0);
});
