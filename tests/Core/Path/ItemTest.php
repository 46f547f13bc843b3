<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Assumption\Overlay;
use Ithys\Path\Flag;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Review\Situation;
use Ithys\Path\Sizing\Power;
use Ithys\Path\Sizing\Sizing;
use Ithys\Path\Stage;
use Ithys\Path\Stock;
use Ithys\Path\Style;
use Ithys\Water\Tank;
use Tests\Support\Sketch;

function item(string $sketch): Item
{
    return Sketch::path($sketch)->items()[0];
}

it('knows how fine a stage catches: by its micron rating, else its grade, else its kind', function (
    string $sketch,
    ?int $fineness,
): void {
    expect(item($sketch)->fineness(Assumptions::standard()))->toBe($fineness);
})->with([
    ['sock', 3], ['sock(micron=200)', 3], ['sock(micron=300)', 3], ['sock(micron=400)', 2], ['sock(micron=1000)', 1],
    ['roller', 3], ['floss', 3], ['pre-filter', 1], ['sponge', 1], ['pad', 2],
    ['sponge(grade=fine)', 3], ['pad(grade=coarse)', 1], ['pad(grade=fine)', 3], ['pre-filter(grade=medium)', 2],
    ['pad(grade=coarse, micron=100)', 3], ['dual-pad', null], ['skimmer', null], ['bag(gfo)', null],
]);

it('knows which of the three stages an item serves', function (string $sketch, array $stages): void {
    expect(item($sketch)->stages())->toBe($stages);
})->with([
    ['sock', [Stage::Solids]],
    ['skimmer', [Stage::Organics]],
    ['refugium', [Stage::Uptake]],
    ['algae-reactor', [Stage::Uptake]],
    ['scrubber', [Stage::Uptake]],
    ['zeolite', [Stage::Uptake]],
    ['bag(activated-carbon)', [Stage::Organics]],
    ['bag(resin)', [Stage::Organics]],
    ['bag(gfo)', [Stage::Uptake]],
    ['basket(activated-carbon, alumina)', [Stage::Organics, Stage::Uptake]],
    ['bag', []],
    ['biological', []],
    ['return-pump', []],
    ['bubble-trap', []],
]);

it('says in a few words what tells an item from others of its kind', function (string $sketch, string $brief): void {
    expect(said(item($sketch)->brief(Assumptions::standard())))->toBe($brief);
})->with([
    ['sock(count=2, micron=200, material=felt, hole=4in)', '×2, felt, 4 in, 200 µm'],
    ['sock(material=mesh, hole=7in)', 'mesh, 7 in'],
    ['reactor(gfo=120.5)', 'GFO 121 g'],
    ['basket(activated-carbon, alumina=300)', 'Activated carbon, Alumina phosphate remover 300 g'],
    ['refugium', '12 h light'],
    ['refugium(hours=7.5)', '7.5 h light'],
    ['zeolite(grams=1500)', '1.5 kg'],
    ['pad(grade=fine)', 'fine'],
    ['return-pump', ''],
]);

it('sheds dust only with carbon or GFO in it', function (string $sketch, bool $dusty, bool $media): void {
    expect(item($sketch)->isDusty())->toBe($dusty)->and(item($sketch)->isBiologicalOrChemical())->toBe($media);
})->with([
    ['bag(gfo)', true, true],
    ['reactor(activated-carbon)', true, true],
    ['bag(alumina)', false, true],
    ['bag(resin)', false, true],
    ['bag', false, false],
    ['biological', false, true],
    ['zeolite', false, true],
    ['sock', false, false],
]);

it('takes the keeper\'s figures before those usual for the water and the flow', function (
    string $sketch,
    float $watts,
    int $sockets,
    float $hours,
): void {
    // 200 L of 25 °C in a room of 21 °C, and 1,400 L/h through it.
    $here = Sketch::in(Sketch::path($sketch));
    $item = $here->path->items()[0];
    $power = new Power($here);
    expect($power->watts($item))->toAgreeWith($watts, 1e-9)
        ->and($power->sockets($item))->toBe($sockets)
        ->and($power->kilowattHoursAYear($item))->toAgreeWith($watts * $hours * 365.25 / 1000, 1e-9);
})->with([
    'by its flow' => ['return-pump', 1.4 * 13, 1, 24.0],
    'keeper' => ['return-pump(watts=18)', 18.0, 1, 24.0],
    'a heater by the water, and by how cold the room is' => ['heater', 200.0, 1, 6.0],
    'two heaters share it' => ['heater(count=2)', 200.0, 2, 6.0],
    'two of them' => ['skimmer(count=2)', 30.0, 2, 24.0],
    'a chiller takes two sockets' => ['chiller', 150.0, 2, 6.0],
    'so does an algae reactor with a pump of its own' => ['algae-reactor', 25.0, 2, 12.0],
    'light by the hour' => ['refugium(watts=40, hours=6)', 40.0, 1, 6.0],
    'switched off' => ['uv(hours=0)', 18.0, 1, 0.0],
    'nothing to plug in' => ['sock', 0.0, 0, 24.0],
]);

it('asks a nano of 50 L for a small heater and a small pump', function (): void {
    $here = Sketch::in(Sketch::path('weir > heater > return-pump', 'rear-chamber'), 50, 500);
    [, $heater, $pump] = $here->path->items();
    $power = new Power($here);
    expect($power->watts($heater))->toBe(50.0)->and($power->watts($pump))->toBeLessThan(10.0)
        ->and($power->kilowattHoursAYear($heater) + $power->kilowattHoursAYear($pump))->toBeLessThan(200.0);
});

it('runs a heater longer in a colder room, and never more than the day', function (float $room, float $hours): void {
    $here = Sketch::in(Sketch::path('heater'));
    $in = new Tank(
        $here->tank->display,
        $here->tank->beside,
        $here->tank->ground,
        $here->tank->water,
        1400,
        $here->tank->school,
        Assumptions::standard()->with(['room-celsius' => new Overlay($room, 'measured')]),
    );
    expect((new Power(new Situation($here->path, $in)))->hours($here->path->items()[0]))->toBe($hours);
})->with([[21.0, 6.0], [17.0, 12.0], [25.0, 0.0], [30.0, 0.0], [5.0, 24.0]]);

it('counts one socket and no pump for an algae reactor that the line feeds', function (
    string $sketch,
    string $style,
): void {
    $sizing = Sizing::of(Sketch::in(Sketch::path($sketch, $style)));
    expect($sizing->pumps)->toBe(1)->and($sizing->sockets)->toBe(2);
})->with([
    'a canister' => ['intake(surface) > algae-reactor > return-pump', 'canister'],
    'a manifold' => [
        'overflow-drilled > return-pump; branch from return-pump to return-pump 300: algae-reactor',
        'sump',
    ],
    'behind the return' => ['overflow-drilled > return-pump > algae-reactor', 'sump'],
]);

it('sorts its kinds: every one belongs somewhere, and none to two rules that exclude each other', function (
    Kind $kind,
): void {
    expect($kind->isInlet() && $kind->isMechanical())
        ->toBeFalse()
        ->and($kind->isService() && $kind->drives())
        ->toBeFalse()
        ->and($kind->isAlgae() && $kind->holdsMedia())
        ->toBeFalse()
        ->and($kind->label())
        ->toBe($kind->spec()->label);
})->with(Kind::cases());

it('gives usual limits where practice has them: rollers, socks and zeolite', function (
    Kind $kind,
    ?string $hole,
    ?float $usGalPerHour,
): void {
    expect($kind->usualLimit($hole, Assumptions::standard())?->value)->toBe(
        $usGalPerHour === null ? null : $usGalPerHour * 3.785411784,
    );
})->with([
    [Kind::Roller, '4in', 750],
    [Kind::Roller, null, 750],
    [Kind::Roller, '7in', 1800],
    [Kind::Skimmer, null, null],
    [Kind::ReturnPump, null, null],
]);

it(
    'doses zeolite in full at 500 L/h (common practice)',
    fn () => expect(Kind::Zeolite->usualLimit(null, Assumptions::standard())?->value)
        ->toBe(500.0)
        ->and(Kind::Zeolite->usualLimit(null, Assumptions::standard())?->kind->value)
        ->toBe('common practice'),
);

it('labels what a keeper can say of an item', function (Flag $flag): void {
    expect(strlen($flag->label()))->toBeGreaterThan(10)->and(item("pad({$flag->value})")->is($flag))->toBeTrue();
})->with(Flag::cases());

it('weighs stock the heavier the more there is', function (): void {
    $weights = array_map(fn (Stock $stock): float => $stock->weight(Assumptions::standard())->value, Stock::cases());
    $sorted = $weights;
    sort($sorted);
    expect($weights)
        ->toBe($sorted)
        ->and($weights[0])
        ->toBe(1.0)
        ->and(array_filter(Stock::cases(), fn (Stock $one): bool => ! str_starts_with($one->label(), $one->value)))
        ->toBe([]);
});

it('knows which styles have open chambers', function (): void {
    $open = array_filter(Style::cases(), fn (Style $style): bool => $style->hasOpenChambers());
    expect(array_values(array_map(fn (Style $style): string => $style->value, $open)))->toBe(['rear-chamber', 'sump']);
});

it('says of every stage what it does, what stands in and what would mend it', function (Stage $stage): void {
    expect($stage->verb())
        ->not->toBe('')
        ->and($stage->stands())
        ->toStartWith('Without it')
        ->and($stage->remedy())
        ->toStartWith('Add ');
})->with(Stage::cases());
