<?php

declare(strict_types=1);

use Ithys\Path\Drawn;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Severity;
use Tests\Support\Logged;

/** A display and a further tank of 1,500 L/h on one pump. */
function twoTanks(bool $saysEmergency = false): Path
{
    return PathDocument::stored([
        'format' => Path::FORMAT, 'schema' => Path::SCHEMA, 'name' => 'Two', 'style' => 'sump',
        'stockNow' => 'medium', 'stockPlanned' => 'medium',
        'lines' => [
            ['id' => 'main', 'items' => [
                ['id' => 'weir', 'kind' => 'overflow-drilled', ...$saysEmergency ? ['flags' => ['emergency']] : []],
                ['id' => 'sock', 'kind' => 'sock'],
                ['id' => 'pump', 'kind' => 'return-pump'],
            ]],
            ['id' => 'second', 'to' => 'sock', 'tank' => true, 'litresPerHour' => 1500, 'tankLitres' => 200,
                'items' => [['id' => 'weir2', 'kind' => 'overflow-drilled']]],
        ],
    ]);
}

it('shows no more flow than the drawn pump gives, shared over the tanks', function (): void {
    $path = twoTanks();
    $here = new Situation($path, Logged::tank(), new Drawn(litresPerHour: 4218));
    $at = fn (string $item): float => (float) $here->course->flowAt($path->find($item));
    expect($at('pump'))->toEqualWithDelta(4218, 1e-6)
        ->and($at('weir'))->toEqualWithDelta(4218 - 1500, 1e-6)
        ->and($at('weir2'))->toEqualWithDelta(1500, 1e-6);
});

it('takes the drawn emergency pipe for what it is, and asks of the display alone', function (
    ?float $carries,
    bool $isSaid,
    Severity $severity,
): void {
    $path = twoTanks($isSaid);
    $here = new Situation($path, Logged::tank(), new Drawn(
        litresPerHour: 2000,
        givesUpLitres: 60,
        emergencyLitresPerHour: $carries,
    ));
    $floods = array_values(array_filter(
        Review::of($here)->findings,
        static fn ($finding): bool => $finding->code === 'flood',
    ));
    expect($floods)->toHaveCount(1)->and($floods[0]->at)->toBe('weir')->and($floods[0]->severity)->toBe($severity);
})->with([
    'drawn and wide' => [23_002.0, false, Severity::Caution],
    'drawn and narrow' => [500.0, true, Severity::Fault],
    'none drawn, one said' => [null, true, Severity::Caution],
    'none' => [null, false, Severity::Fault],
]);
