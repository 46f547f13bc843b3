<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Dosing\Calendar;
use Ithys\Dosing\DoseMethods;
use Ithys\Dosing\Reach;
use Ithys\History\Course\Fresh;
use Ithys\Journal\MediaCharge\MediaChargeKind;
use Ithys\Journal\Table\Done;
use Ithys\Learning\Charges\ChargeForecasts;
use Ithys\Media\Medium;
use Ithys\Path\Item;
use Ithys\Path\Stage;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Tests\Support\Logged;

// What the product makes of a medium that a test added: run by itself, and told as JSON.

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

$medium = Medium::from('testite');
$assumptions = Assumptions::standard();
$methods = new DoseMethods($assumptions);
$words = new Words(UnitSystem::Metric);
$lines = [[0, 'feeding plan 2 g pellet a day']];
foreach (range(0, 77, 7) as $day) {
    $lines[] = [$day, 'no3 8 po4 0.12'];
}
$path = Logged::path([['id' => 'gfo', 'kind' => 'reactor', 'media' => [['medium' => 'testite']]]]);
$with = Logged::timeline([...$lines, [20, 'testite 60 g reactor']], 84, $path);
$item = $path->items()[0];
assert($item instanceof Item);

echo json_encode([
    'log' => $words->say(Logged::entries([[1, 'test granules 60 g reactor']])[0]->payload->summary()),
    'out' => $words->say(Logged::entries([[1, 'testite out of bag']])[0]->payload->summary()),
    'import' => Done::named('Testit changed')?->line('40', 'g', false),
    'lane' => array_column(array_map(
        static fn ($lane): array => [$lane->key, $lane->name],
        (new MediaChargeKind)->lanes(),
    ), 1, 0)['testite'] ?? null,
    'byVolume' => $methods->byVolume($medium, 300.0, null)->grams,
    'byBudget' => $methods->byBudget($medium, new Reach(1.0, 4800.0, 300.0), 0.12, 0.05, 60.0)->grams,
    'calendar' => Calendar::days($medium, $assumptions, null),
    'price' => $assumptions->value((string) $medium->key('price')),
    'part' => array_map(static fn (Stage $stage): string => $stage->name, $item->stages()),
    'model' => Logged::timeline($lines, 84, $path)->simulation()->at(84.0)->phosphate()
        - $with->simulation()->at(84.0)->phosphate(),
    'media' => array_values(ChargeForecasts::of($with, null))[0]->gross[0],
    'forecast' => Fresh::chosen(['medium' => 'testite', 'place' => 'bag', 'mediaGrams' => 30.0])[0]->medium->label(),
], JSON_THROW_ON_ERROR);
