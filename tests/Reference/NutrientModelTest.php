<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Scenario\ScenarioDocument;
use Ithys\Nutrient\Scenario\ScenarioResult;

/** @return array<mixed> */
function ledgerFile(string $name): array
{
    return (array) json_decode((string) file_get_contents(__DIR__."/ledger/{$name}.json"), true);
}

/**
 * @param  array<mixed>  $lists
 * @return array<string, list<float>> every series in it, by its path
 */
function seriesIn(array $lists, string $path = ''): array
{
    $series = [];
    foreach ($lists as $key => $value) {
        if (is_array($value) && array_is_list($value) && is_numeric($value[0] ?? null)) {
            $series["{$path}{$key}"] = array_map(floatval(...), $value);
        } elseif (is_array($value)) {
            $series += seriesIn($value, "{$path}{$key}.");
        }
    }

    return $series;
}

// Source: tests/Reference/ledger, solved outside the project with scipy 1.x DOP853 at 1e-11, restarted at every entry,
// and again in R with deSolve lsoda (largest difference 1e-9). All tanks are made up.
it('follows nitrogen and phosphorus as an outside solver does', function (string $name): void {
    $wanted = ledgerFile("{$name}.result");
    $ours = ScenarioResult::of(ScenarioDocument::read(ledgerFile($name), Parameters::of(Assumptions::standard())));
    $series = seriesIn($ours);
    $held = array_intersect_key($wanted, array_flip(['no3', 'po4', 'states', 'ledger']));
    foreach (seriesIn($held) as $key => $values) {
        expect($series)->toHaveKey($key);
        $most = 1e-9;
        foreach ($values as $day => $value) {
            $most = max($most, abs($value));
            $off = abs($series[$key][$day] - $value) / $most;
            if ($off > 1e-6) {
                $this->fail("{$key} on day {$day}: {$series[$key][$day]}, wanted {$value}");
            }
        }
    }
    expect(max($ours['closure']))->toBeLessThan(1e-12);
    foreach (seriesIn($ours['states']) as $state) {
        expect(min($state))->toBeGreaterThanOrEqual(0.0);
    }
})->with(['01-sock-linear', '02-skimmer-water', '03-refugium', '04-gfo-spent', '05-carbon-to-zero', '06-nano-55']);

it('has the defaults that the outside solver was given', function (): void {
    $parameters = Parameters::of(Assumptions::standard());
    foreach (ledgerFile('defaults') as $key => $value) {
        if (! is_array($value)) {
            expect([$key, $parameters->value($key)])->toEqual([$key, (float) $value]);

            continue;
        }
        foreach ($value as $name => $row) {
            expect([$name, $parameters->row($key, $name)])->toEqual([$name, array_map(floatval(...), (array) $row)]);
        }
    }
});
