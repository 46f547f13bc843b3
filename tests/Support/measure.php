<?php

declare(strict_types=1);

// Answers one address as the demo's keeper, or learns tank 1, and prints the answer, the CPU it took and the memory.

use App\Journal\FitShelf;
use App\Models\System;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

require __DIR__.'/../../vendor/autoload.php';

$app = require __DIR__.'/../../bootstrap/app.php';
$http = $app->make(Kernel::class);
$app->make(Console::class)->bootstrap();
config(['session.driver' => 'array']);
Auth::setUser(User::query()->firstOrFail());
$spent = static function (): float {
    $used = getrusage() ?: [];

    return array_sum([$used['ru_utime.tv_sec'] ?? 0, $used['ru_stime.tv_sec'] ?? 0])
        + array_sum([$used['ru_utime.tv_usec'] ?? 0, $used['ru_stime.tv_usec'] ?? 0]) / 1e6;
};
$before = $spent();
$what = (string) ($argv[1] ?? '/');
if ($what === 'learn') {
    (new FitShelf(System::query()->findOrFail(1)))->learn(now()->toDateTimeImmutable());
    $answer = 'learned';
} else {
    $answer = $http->handle(Request::create($what))->getStatusCode();
}
echo json_encode([$answer, round($spent() - $before, 2), intdiv(memory_get_peak_usage(true), 1_000_000)]);
