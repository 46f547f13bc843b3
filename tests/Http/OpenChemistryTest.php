<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Ithys\Statistics\LinearFit;
use Ithys\Statistics\TheilSen;

/**
 * Source: the data set "rhone" of the R package ade4 1.7-22 (Debian r-cran-ade4, GPL 2 or later), after Carrel,
 * Barthelemy, Auda and Chessel 1986: 39 dated water samples, here of temperature, pH, calcium, magnesium and nitrite.
 * The data set counts days; the year 2023 is ours. Slopes a day: R 4.2.2, lm(y ~ day) and the median of
 * outer(y, y, "-") / outer(day, day, "-") above the diagonal.
 */
it('takes open water chemistry through import, sheet, export and trend', function (): void {
    $this->travelTo('2024-02-01 12:00:00');
    $keeper = User::factory()->create(['timezone' => 'Europe/Paris']);
    $system = System::factory()->ownedBy($keeper)->create();
    $this->actingAs($keeper);
    $file = base_path('tests/tables/river-chemistry.csv');
    $this->post(
        "/systems/{$system->id}/import",
        ['file' => UploadedFile::fake()->createWithContent('river.csv', (string) file_get_contents($file))],
    )->assertRedirect();
    $upload = pathinfo((glob(storage_path("ithys/imports/{$system->id}/*.csv")) ?: [''])[0], PATHINFO_FILENAME);
    // The water of a river changes as no tank does, which is asked about.
    $this->post("/systems/{$system->id}/import/{$upload}", ['because' => 'a river'])->assertSessionHasNoErrors();

    $lines = array_slice((array) file($file, FILE_IGNORE_NEW_LINES), 2);
    $wanted = ['temp' => 1, 'ph' => 2, 'ca' => 3, 'mg' => 4, 'no2' => 5];
    $sheet = $this->get("/systems/{$system->id}/journal?range=all&view=sheet")->inertiaProps('sheet');
    $series = [];
    foreach ($sheet['readings'] as $reading) {
        $series[$reading['parameter']][] = $reading;
    }
    foreach ($wanted as $key => $column) {
        expect(array_map(fn (array $one): array => [gmdate('d.m.Y', $one['t']), $one['value']], $series[$key]))
            ->toEqual(array_map(function (string $line) use ($column): array {
                $cells = explode(',', $line);

                return [$cells[0], (float) $cells[$column]];
            }, $lines));
    }
    foreach ([
        'no2' => [0.000281426094667012, 0.000297029702970297],
        'ca' => [0.0168917821474694, 0.0190476190476193],
        'ph' => [-0.000464674328528916, 0.0],
    ] as $key => [$least, $median]) {
        $days = array_map(fn (array $one): float => round(($one['t'] - $series[$key][0]['t']) / 86_400), $series[$key]);
        $values = array_map(fn (array $one): float => $one['value'], $series[$key]);
        $fit = LinearFit::of(array_map(fn (float $day): array => [1.0, $day], $days), $values);
        expect($fit->coefficients[1])->toAgreeWith($least, 1e-9)
            ->and(abs(TheilSen::slope($days, $values) - $median))->toBeLessThan(1e-15);
    }
    $export = $this->get("/systems/{$system->id}/journal.csv")->streamedContent();
    expect(substr_count($export, "\n"))->toBe(1 + 5 * 39);
});
