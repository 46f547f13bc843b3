<?php

declare(strict_types=1);

use App\Console\Stopwatch;
use Illuminate\Support\Facades\Process;

// The figures are for people; here only that each command runs on a scratch database and prints them.

/** Runs a benchmark in a process of its own, since it changes the database under the application. */
function bench(string $command): string
{
    $run = Process::path(base_path())->timeout(120)->run("php artisan {$command}");
    expect($run->exitCode())->toBe(0, $run->output().$run->errorOutput());

    return $run->output();
}

it('times the verdict', function (): void {
    expect(bench('bench:verdict --runs=1'))
        ->toMatch('~verdict over all 4,177 entries of ten years: median [\d.]+ ms~')
        ->toMatch('~a list of 20 changes, of both nutrients: median \d+ ms~');
});

it('times the import, streams it, and leaves nothing behind', function (): void {
    $before = glob(sys_get_temp_dir().'/ithys-bench*');
    $output = bench('bench:import --rows=3000');
    expect($output)->toContain('3,000 rows')->toContain('3,000 accepted, 3,000 readings saved');
    preg_match('~peak memory ([\d.]+) MB~', $output, $peak);
    expect((float) $peak[1])->toBeGreaterThan(0.0)->toBeLessThan(64.0)
        ->and(glob(sys_get_temp_dir().'/ithys-bench*'))->toBe($before);
});

it('times the tide sheet over a real server', function (): void {
    expect(bench('bench:sheet --runs=1'))->toContain('8,780 entries over ten years')->toMatch('~range=all +median~');
});

it('times the review of thirty items, and the answer to an edit', function (): void {
    expect(bench('bench:review --runs=1'))
        ->toMatch('~review and sizing of 30 items in the core: median [\d.]+ ms~')
        ->toMatch('~an edit answered median [\d.]+ ms~');
});

it('times the sump of eight chambers, and the answer to an edit', function (): void {
    expect(bench('bench:section --runs=1'))
        ->toMatch('~water lines and findings of 8 chambers in the core: median [\d.]+ ms~')
        ->toMatch('~an edit answered median [\d.]+ ms~');
});

it('measures a median and a 95th percentile', function (): void {
    $calls = 0;
    $times = Stopwatch::milliseconds(20, function () use (&$calls): void {
        usleep(++$calls > 19 ? 20_000 : 1_000);
    });
    expect($calls)->toBe(21)
        ->and($times->median)->toBeGreaterThanOrEqual(1.0)->toBeLessThan($times->p95)
        ->and($times->p95)->toBeGreaterThanOrEqual(20.0);
});

it('times the nutrient model', function (): void {
    expect(bench('bench:model --times=3'))
        ->toMatch('~365 days of a typical tank, a figure a week: median [\d.]+ ms~')
        ->toMatch('~learning from two years of weekly readings: median [\d.]+ s~')
        ->toMatch('~twelve weeks ahead on two courses: median [\d.]+ ms~');
});

it('times the list of care of ten tanks, and its pages', function (): void {
    expect(bench('bench:care --runs=1'))
        ->toMatch('~Core: 10 tanks of 1,225 entries that are care: median [\d.]+ ms~')
        ->toMatch('~care/stock +median~');
});
