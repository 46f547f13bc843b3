<?php

declare(strict_types=1);

use Ithys\Journal\QuickEntry\Chip;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Past;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Journal\QuickEntry\Understood;
use Ithys\Quantity\UnitSystem;

// Lines as keepers write them, and what must come of each. All of them are made up.

/** Wednesday, 25 November 2026, half past nine, in a tank of 350 L whose nitrate was read with one kit so far. */
function keptLine(string $line): Understood
{
    return QuickEntry::read($line, new Context(
        new DateTimeImmutable('2026-11-25 09:30:20', new DateTimeZone('Europe/Berlin')),
        UnitSystem::Metric,
        350,
        kits: ['alk' => 'drop kit'],
    ));
}

it('understands a line', function (string $line, string ...$chips): void {
    $understood = keptLine($line);
    expect(array_column($understood->problems, 'sentence'))->toBe([], $line)
        ->and(array_map(fn (Chip $chip): string => $chip->text, array_slice($understood->chips, 0, -1)))->toBe($chips);
})->with([
    // In more words.
    ['dose plan vinegar 12 ml a day', 'Dose plan: vinegar 12 mL a day'],
    ['dosing plan vodka 2 ml of 96 % 3 days a week', 'Dose plan: vodka 2 mL a day, 3 d a week, of 96 %'],
    ['dose plan vinegar off', 'Dose plan: no vinegar'],
    ['activated carbon 60 g bag 3 days a week', 'Activated carbon 60 g, bag, 3 d a week'],
    ['stock 3 small fish and 1 large fish', 'Stock 3 small fish 1 large fish, about 74.5 g'],
    ['new kit no3', 'New test kit for nitrate'],
    ['new test kit for po4 white drops', 'New test kit for phosphate: white drops'],
    ['another alk kit', 'New test kit for alkalinity'],
    ['gfo out', 'GFO taken out'],
    ['gfo out of the reactor', 'GFO taken out of reactor'],
    ['gfo bag out', 'GFO taken out of bag'],
    ['took out the carbon from the canister', 'Activated carbon taken out of canister'],
    ['took out the carbon', 'Activated carbon taken out'],
    ['removed gac', 'Activated carbon taken out'],
    ['feeding plan 2 cubes a day', 'Feeding plan: 7 g frozen, 2 cubes a day'],
    ['feed plan 6 g pellet daily', 'Feeding plan: 6 g pellet a day'],
    ['feeding plan off', 'No feeding plan'],
    ['feeding plan 3 g pellet a day growing with stock', 'Feeding plan: 3 g pellet a day, with the stock'],
    ['activated carbon 60 g in bag for 3 days', 'Activated carbon 60 g, bag, for 3 d'],
    ['gfo 40 g reactor for 3 days top up', 'GFO 40 g, reactor, topped up, for 3 d'],
    ['gfo 40 g reactor top up', 'GFO 40 g, reactor, topped up'],
    ['bio media 500 g basket', 'Biological media 500 g, basket'],
    ['polishing sheet 20 g', 'Polishing sheet 20 g'],
    ['unlisted medium 100 g bag', 'Unlisted medium 100 g, bag'],
    ['reactor po4 in 0.08 out 0.03', 'Reactor: phosphate 0.08 ppm in, 0.03 ppm out'],
    ['renewed a third of the bio media', '33 % of the biological media renewed'],
    ['bio media quarter renewed', '25 % of the biological media renewed'],
    ['clarity 8', 'clarity 8'],
    ['stock 250 g', 'Stock 250 g'],
    ['stock is 250 g growing 1.5 % a week', 'Stock 250 g, growing 1.5 % a week'],
    ['visitors 40 g for 2 weeks', 'Visitors 40 g for 14 d'],
    ['fleece 14 m left', 'Fleece 14 m left'],
    ['roller 13.5 m left', 'Fleece 13.5 m left'],
    ['fleece 250 mm a day', 'Fleece 0.25 m a day'],
    ['refugium 8 h 2 days a week at 50 %', 'Refugium light 8 h a day, 2 days a week, at 50 %'],
    ['refugium 8 h every other day', 'Refugium light 8 h a day, 3.5 days a week'],
    ['skimmer on off 1.5 h a day', 'Skimmer on, off 1.5 h a day'],
    ['lanthanum 5 ml holding 100 mg', 'Lanthanum 5 mL with 100 mg'],
    ['siphon lost', 'Siphon lost'],
    ['skimmer cup overflowed', 'Cup overflow'],
    ['pump gulping air', 'Pump gulping air'],
    ['skimmer back on', 'Skimmer on'],
    ['harvested 150 g chaeto', 'Algae harvested, 150 g'],
    ['trimmed macroalgae 200 g wet', 'Algae harvested, 200 g'],
    ['fed half a cube', 'Fed 1.75 g frozen, 1/2 cube'],
    ['nori half sheet', 'Fed 1.35 g seaweed, 1/2 sheet'],
    ['nori half a sheet', 'Fed 1.35 g seaweed, 1/2 sheet'],
    ['refugium light off', 'Refugium light 0 h a day'],
    ['wc 15 pct', 'Water change 52.5 L'],
    ['water change 15 percent', 'Water change 52.5 L'],
    ['temp 78.2', 'temperature 25.7 °C'],
    ['new fleece', 'Roller changed'],
    ['filter floss replaced', 'Floss changed'],
    ['lost a wrasse', '1 wrasse died'],
    ['power cut 2 h', 'Power cut, 2 h'],
    ['alk 8.4 ca 430 mg 1350', 'alkalinity 8.4 dKH, drop kit', 'calcium 430 ppm', 'magnesium 1,350 ppm'],
    ['ph 8.1 orp 380', 'pH 8.1', 'ORP 380 mV'],
    ['sg 1.0255', 'salinity 33.8 ppt'],
    // Readings.
    ['no3 8.5 po4 0.06', 'nitrate 8.5 ppm', 'phosphate 0.06 ppm'],
    ['no3 8.50', 'nitrate 8.50 ppm'],
    ['po4 0.10', 'phosphate 0.10 ppm'],
    ['nitrate 8', 'nitrate 8 ppm'],
    ['Nitrate: 8', 'nitrate 8 ppm'],
    ['nitrates at 8', 'nitrate 8 ppm'],
    ['nitrate was 8', 'nitrate 8 ppm'],
    ['tested nitrate 8', 'nitrate 8 ppm'],
    ['NO3=8,5', 'nitrate 8.5 ppm'],
    ['8.5 nitrate', 'nitrate 8.5 ppm'],
    ['8.5 ppm nitrate', 'nitrate 8.5 ppm'],
    ['no3 ~8', 'nitrate about 8 ppm'],
    ['no3 about 8', 'nitrate 8 ppm'],
    ['no3 <0.2', 'nitrate below 0.2 ppm'],
    ['no3 .5', 'nitrate 0.5 ppm'],
    ['no3-n 2', 'nitrate 8.85 ppm'],
    ['no3 2 ppm n', 'nitrate 8.85 ppm'],
    ['nitrate nitrogen 2', 'nitrate 8.85 ppm'],
    ['po4 60 ppb', 'phosphate 0.060 ppm'],
    ['po4-p 20 ppb', 'phosphate 0.061 ppm'],
    ['phosphat 0,06', 'phosphate 0.06 ppm'],
    ['po4 0.06 0.08 0.07', 'phosphate 0.06 ppm', 'phosphate 0.08 ppm', 'phosphate 0.07 ppm'],
    ['po4 60 80 ppb', 'phosphate 0.060 ppm', 'phosphate 0.080 ppm'],
    ['nitrite 0.02', 'nitrite 0.02 ppm'],
    ['no2 0', 'nitrite 0 ppm'],
    ['ammonia 0.25', 'ammonia 0.25 ppm'],
    ['nh3 0.1', 'ammonia 0.1 ppm'],
    ['alk 8.1', 'alkalinity 8.1 dKH, drop kit'],
    ['alk 8.1 dkh', 'alkalinity 8.1 dKH, drop kit'],
    ['kh 8', 'alkalinity 8 dKH, drop kit'],
    ['alk 2.9 meq/l', 'alkalinity 8.1 dKH, drop kit'],
    ['alk 145 ppm', 'alkalinity 8.1 dKH, drop kit'],
    ['alkalinity 145', 'alkalinity 8.1 dKH, drop kit'],
    ['ca 420 mg 1350', 'calcium 420 ppm', 'magnesium 1,350 ppm'],
    ['calcium 420 magnesium 1350', 'calcium 420 ppm', 'magnesium 1,350 ppm'],
    ['ph 8.2', 'pH 8.2'],
    ['orp 380', 'ORP 380 mV'],
    ['redox 380 mv', 'ORP 380 mV'],
    ['temp 25.3', 'temperature 25.3 °C'],
    ['temp 77f', 'temperature 25 °C'],
    ['temperature 77', 'temperature 25 °C'],
    ['temp 25.3c', 'temperature 25.3 °C'],
    ['salinity 35', 'salinity 35 ppt'],
    ['sg 1.026', 'salinity 34.5 ppt'],
    ['salinity 35 ppt', 'salinity 35 ppt'],
    ['no3 8 cloudy', 'nitrate 8 ppm', 'cloudy'],
    ['no3 8, po4 0.05', 'nitrate 8 ppm', 'phosphate 0.05 ppm'],
    ['no3 8; po4 0.05', 'nitrate 8 ppm', 'phosphate 0.05 ppm'],
    ['no3 8 & po4 0.05', 'nitrate 8 ppm', 'phosphate 0.05 ppm'],
    ['no3 8 kit white drops', 'nitrate 8 ppm, white drops'],
    ['no3 8 kit "white drops two"', 'nitrate 8 ppm, white drops two'],
    ['no3 8 with drop kit', 'nitrate 8 ppm, drop kit'],
    ['alk 8 kit other drops', 'alkalinity 8 dKH, other drops'],
    ['po4 6 sure', 'phosphate 6 ppm'],
    // Water changes.
    ['water change 40 l', 'Water change 40 L'],
    ['water change 40', 'Water change 40 L'],
    ['water change 40l', 'Water change 40 L'],
    ['20 l water change', 'Water change 20 L'],
    ['20l water change', 'Water change 20 L'],
    ['10% wc', 'Water change 35 L'],
    ['wc 10%', 'Water change 35 L'],
    ['wc 10 %', 'Water change 35 L'],
    ['10 % water change', 'Water change 35 L'],
    ['did a 10% water change', 'Water change 35 L'],
    ['changed the water 40 l', 'Water change 40 L'],
    ['water change of 40 l', 'Water change 40 L'],
    ['water change 10 us gal', 'Water change 37.9 L'],
    ['wc 80 % sure', 'Water change 280 L'],
    ['water change 40 l mix no3 10', 'Water change 40 L, nitrate 10 ppm in it'],
    ['wc 10% new water no3 2 po4 20 ppb', 'Water change 35 L, nitrate 2 ppm in it, phosphate 0.02 ppm in it'],
    // Socks and other care.
    ['sock', 'Sock changed'],
    ['socks', 'Sock changed'],
    ['sock changed', 'Sock changed'],
    ['changed the sock', 'Sock changed'],
    ['new sock', 'Sock changed'],
    ['swapped socks', 'Sock changed'],
    ['sock changed soiling 4', 'Sock changed, soiling 4 of 5'],
    ['sock and fed 2 g', 'Sock changed', 'Fed 2 g'],
    ['sock yesterday', 'Sock changed'],
    ['sock no3 8', 'Sock changed', 'nitrate 8 ppm'],
    ['sock rinsed', 'Sock cleaned'],
    ['washed the socks', 'Sock cleaned'],
    ['roller advanced', 'Roller advanced'],
    ['advanced the roller', 'Roller advanced'],
    ['roller changed', 'Roller changed'],
    ['new roll', 'Roller changed'],
    ['floss changed', 'Floss changed'],
    ['changed filter floss', 'Floss changed'],
    ['pads replaced', 'Pad changed'],
    ['rinsed the sponge', 'Sponge cleaned'],
    ['sponge cleaned', 'Sponge cleaned'],
    ['pre-filter cleaned', 'Pre-filter cleaned'],
    ['emptied skimmer cup', 'Skimmer cup emptied'],
    ['skimmer cup emptied', 'Skimmer cup emptied'],
    ['cleaned the skimmer cup', 'Skimmer cup cleaned'],
    ['skimmer neck cleaned', 'Skimmer cup cleaned'],
    ['cleaned the skimmer', 'Skimmer cup cleaned'],
    ['skimmer cleaned', 'Skimmer cup cleaned'],
    ['cleaned glass', 'Glass cleaned'],
    ['siphoned sand', 'Sand siphoned'],
    ['vacuumed the sump', 'Sump siphoned'],
    ['return pump cleaned', 'Pump cleaned'],
    // Food.
    ['fed 6 g pellet', 'Fed 6 g pellet'],
    ['fed pellets 6 g', 'Fed 6 g pellet'],
    ['fed 2 cubes', 'Fed 7 g frozen, 2 cubes'],
    ['2 cubes', 'Fed 7 g frozen, 2 cubes'],
    ['fed 3 cubes mysis', 'Fed 10.5 g frozen, 3 cubes'],
    ['fed a cube', 'Fed 3.5 g frozen, 1 cube'],
    ['fed 1 frozen cube', 'Fed 3.5 g frozen, 1 cube'],
    ['2 frozen', 'Fed 7 g frozen, 2 cubes'],
    ['frozen 2', 'Fed 7 g frozen, 2 cubes'],
    ['fed 60 pellets', 'Fed 0.12 g pellet, 60 pellets'],
    ['nori 1 sheet', 'Fed 2.7 g seaweed, 1 sheet'],
    ['fed 1/2 sheet nori', 'Fed 1.35 g seaweed, 1/2 sheet'],
    ['nori 2', 'Fed 5.4 g seaweed, 2 sheets'],
    ['fed a pinch of flakes', 'Fed 0.1 g flake, 1 pinch'],
    ['2 pinches flake', 'Fed 0.2 g flake, 2 pinches'],
    ['feed 3 g', 'Fed 3 g'],
    ['flake 0.5 g', 'Fed 0.5 g flake'],
    ['0.5 g flake', 'Fed 0.5 g flake'],
    // Media.
    ['gfo 120 g', 'GFO 120 g'],
    ['120 g gfo', 'GFO 120 g'],
    ['120g of gfo in the reactor', 'GFO 120 g, reactor'],
    ['new gfo 120 g', 'GFO 120 g'],
    ['gfo changed 120 g reactor', 'GFO 120 g, reactor'],
    ['activated carbon 1 cup bag', 'Activated carbon 237 mL, bag'],
    ['gac 200 ml', 'Activated carbon 200 mL'],
    ['carbon 60 g', 'Activated carbon 60 g'],
    ['alumina 1/2 cup', 'Alumina phosphate remover 118 mL'],
    ['zeolite 500 g', 'Zeolite 500 g'],
    ['resin 100 ml', 'Resin 100 mL'],
    // Doses.
    ['vinegar 10 ml', 'Organic carbon, vinegar 10 mL'],
    ['10 ml vinegar', 'Organic carbon, vinegar 10 mL'],
    ['dosed vinegar 10 ml', 'Organic carbon, vinegar 10 mL'],
    ['spirit 2 ml', 'Organic carbon, spirit 2 mL'],
    ['lanthanum 5 ml', 'Lanthanum 5 mL'],
    ['dosed lanthanum 5 ml', 'Lanthanum 5 mL'],
    ['dosed calcium 30 ml', 'Dosed calcium 30 mL'],
    ['dosed 30 ml calcium', 'Dosed calcium 30 mL'],
    ['dosed trace elements 5 ml', 'Dosed trace elements 5 mL'],
    ['dosed soda 12 g', 'Dosed soda 12 g'],
    // Devices and light.
    ['skimmer off', 'Skimmer off'],
    ['turned off the skimmer', 'Skimmer off'],
    ['skimmer is on', 'Skimmer on'],
    ['uv off', 'UV off'],
    ['switched on the uv', 'UV on'],
    ['return pump off', 'Return pump off'],
    ['ozone on', 'Ozone on'],
    ['lights off', 'Lights off'],
    ['heater turned off', 'Heater off'],
    ['refugium 8 h', 'Refugium light 8 h a day'],
    ['refugium light 8h', 'Refugium light 8 h a day'],
    ['photoperiod 9 hours', 'Refugium light 9 h a day'],
    ['light 9 h', 'Display light 9 h a day'],
    ['display light 9h a day', 'Display light 9 h a day'],
    // Animals, harvests, what went wrong.
    ['added 2 fish', 'Added 2 fish'],
    ['new coral', 'Added 1 coral'],
    ['3 snails died', '3 snails died'],
    ['fish died', '1 fish died'],
    ['lost a goby', '1 goby died'],
    ['removed 2 hermit crabs', 'Removed 2 hermit crabs'],
    ['harvested 200 g', 'Algae harvested, 200 g'],
    ['algae harvest 200 g', 'Algae harvested, 200 g'],
    ['harvested 200 g of macro', 'Algae harvested, 200 g'],
    ['power cut 3 h', 'Power cut, 3 h'],
    ['power outage for 90 minutes', 'Power cut, 1.5 h'],
    ['leak because of a torn hose, floor wet', 'Leak: a torn hose, floor wet'],
    ['heater failure', 'Heater failure'],
    ['overflow due to a clogged sock', 'Overflow: a clogged sock'],
    // What a day says after the words is no part of them.
    ['flood lost 12 l took 90 min because of a torn hose did new hose 3 days ago',
        'Flood, 12 L of water lost, 90 minutes of work: a torn hose. Done: new hose'],
    ['siphon lost because of snails yesterday', 'Siphon lost: snails'],
    ['skimmer off 3 h', 'Skimmer off for 3 h'],
    ['skimmer off 3 days ago', 'Skimmer off'],
    ['uv off for 2 days', 'UV off for 48 h'],
    ['turned off the skimmer for 3 h', 'Skimmer off for 3 h'],
    ['skimmer off for a day', 'Skimmer off for 24 h'],
    ['skimmer off since monday', 'Skimmer off'],
    ['skimmer on off 1 h a day', 'Skimmer on, off 1 h a day'],
    ['feeding pause', 'Feeding pause, skimmer: 30 min'],
    ['feeding pause 2 h ago', 'Feeding pause, skimmer: 30 min'],
    ['return pump paused for 10 min', 'Feeding pause, return pump: 10 min'],
    ['first hour levels ok noise bad valve 2.5 turns open',
        'First hour: noise not as it should be; valve 2.5 turns open'],
    // Notes.
    ['note fish fine, all good; nothing else', 'fish fine, all good; nothing else'],
    ['no3 8 note a bit pink', 'nitrate 8 ppm', 'a bit pink'],
    ['note: lid, again', 'lid, again'],
]);

it('knows when a line means', function (string $when, string $local): void {
    $understood = keptLine("no3 8.5 {$when}");
    expect(array_column($understood->problems, 'sentence'))->toBe([], $when)
        ->and($understood->entries)->toHaveCount(1)
        ->and($understood->entries[0]->at->format('Y-m-d H:i'))->toBe($local);
})->with([
    ['at 8am', '2026-11-25 08:00'],
    ['8:15 am', '2026-11-25 08:15'],
    ['yesterday at 8pm', '2026-11-24 20:00'],
    ['yesterday 20h15', '2026-11-24 20:15'],
    ['yesterday evening', '2026-11-24 19:00'],
    ['yesterday noon', '2026-11-24 12:00'],
    ['this morning', '2026-11-25 08:00'],
    ['last night', '2026-11-24 21:00'],
    ['monday', '2026-11-23 12:00'],
    ['on monday at 8pm', '2026-11-23 20:00'],
    ['on wednesday', '2026-11-18 12:00'],
    ['sunday morning', '2026-11-22 08:00'],
    ['3 days ago', '2026-11-22 12:00'],
    ['a week ago', '2026-11-18 12:00'],
    ['two weeks ago', '2026-11-11 12:00'],
    ['an hour ago', '2026-11-25 08:30'],
    ['30 minutes ago', '2026-11-25 09:00'],
    ['4 mar', '2026-03-04 12:00'],
    ['mar 4', '2026-03-04 12:00'],
    ['march 4th', '2026-03-04 12:00'],
    ['4 march 2025', '2025-03-04 12:00'],
    ['on 4 march at 20:15', '2026-03-04 20:15'],
    ['4 dec', '2025-12-04 12:00'],
    ['20.11.2026', '2026-11-20 12:00'],
    ['4.3.', '2026-03-04 12:00'],
    ['20/11/2026', '2026-11-20 12:00'],
    ['11/20/2026', '2026-11-20 12:00'],
    ['11/20', '2026-11-20 12:00'],
    ['@ 8am', '2026-11-25 08:00'],
    ['2026/03/04', '2026-03-04 12:00'],
    ['2026-03-04 8pm', '2026-03-04 20:00'],
]);

it('asks before it keeps what is likely a slip, with what could be meant', function (
    string $line,
    string $says,
    string ...$instead,
): void {
    $understood = keptLine($line);
    expect($understood->mayBeSaved())->toBeFalse($line)
        ->and($understood->problems[0]->sentence)->toContain($says)
        ->and($understood->problems[0]->instead)->toBe($instead);
    // Each of what is offered can be kept.
    foreach ($instead as $other) {
        expect(keptLine($other)->mayBeSaved())->toBeTrue($other);
    }
})->with([
    ['po4 6', 'is not what tanks have: 0 ppm to 2 ppm', 'po4 6 ppb', 'po4 6 ppb P', 'po4 6 sure'],
    ['ph 6.1 note new probe', 'is not what tanks have', 'ph 6.1 sure note new probe'],
    ['no3 300', 'is not what tanks have', 'no3 300 ppb', 'no3 300 ppb N', 'no3 300 sure'],
    ['temp 12', 'is not what tanks have', 'temp 12 sure'],
    ['ph 6.1', 'is not what tanks have', 'ph 6.1 sure'],
    ['fed 500 g', 'far more than a tank of 350 L is fed', 'fed 500 g sure'],
    ['wc 300 l', 'is most of the 350 L', 'wc 300 l sure'],
    ['carbon 5', 'Say in what', 'activated carbon 5 g', 'activated carbon 5 ml'],
    ['carbon 5 ml', 'may be activated carbon', 'activated carbon 5 ml', 'vinegar 5 ml'],
    ['gfo 120', 'Say in what', 'gfo 120 g', 'gfo 120 ml'],
    ['fed 2', 'Say in what', 'fed 2 g pellet', 'fed 2 pinches flake', 'fed 2 cubes'],
    ['harvested 200', 'Say in what', 'harvested 200 g', 'harvested 200 oz'],
    ['dosed calcium 30', 'Say in what', 'dosed calcium 30 ml', 'dosed calcium 30 g'],
    ['water change 10 gal', 'US gallon', 'water change 10 US gal', 'water change 10 imp gal'],
    ['sock chnged', 'Did you mean “sock changed”?', 'sock changed'],
    ['sock dirty but left in', 'not understood', 'note sock dirty but left in'],
    ['fish look pale', 'not understood', 'note fish look pale'],
    [
        'no3 8 fish look pale',
        'not understood',
        'no3 8 note fish look pale',
        'note no3 8 fish look pale',
    ],
    [
        'sock changed, torn at the seam',
        'not understood',
        'sock changed note torn at the seam',
        'note sock changed, torn at the seam',
    ],
]);

it('never drops or misreads a word of any line', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(11));
    $pieces = [
        'no3', 'po4', 'alk', 'mg', 'ca', '8.5', '0.06', '~8', '<0.02', '1/2', 'g', 'ml', 'l', '%', 'water', 'change',
        'wc',
        'sock', 'changed', 'fed', 'cubes', 'nori', 'sheet', 'gfo', 'vinegar', 'skimmer', 'off', 'cup', 'emptied', 'the',
        'a', 'of', 'and', 'at', '8pm', 'yesterday', 'monday', '4', 'mar', 'ago', 'days', '3', 'kit', 'note', 'sure',
        'died', 'fish', 'leak', 'because', 'dosed', 'xyzzy', 'ü', '٣', '12:30', '-', 'light', 'h', 'every', 'weekly',
        'from', 'to', '2026-03-04', 'harvested', 'nd', '-5', '900', '=', ':', 'n',
    ];
    $joining = ['and', 'the', 'a', 'of', 'sure', '-', 'my', 'about'];
    for ($i = 0; $i < 6000; $i++) {
        $line = implode(' ', array_map(
            fn () => $pieces[$random->getInt(0, count($pieces) - 1)],
            range(1, $random->getInt(1, 9)),
        ));
        $understood = keptLine($line);
        expect($understood->mayBeSaved() || $understood->problems !== [])->toBeTrue($line);
        if (! $understood->mayBeSaved()) {
            continue;
        }
        $spans = $understood->chips;
        foreach (preg_split('~ ~', $line, -1, PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$word, $byte]) {
            $at = mb_strlen(substr($line, 0, $byte));
            $inside = array_filter(
                $spans,
                fn ($span): bool => $span->start <= $at && $span->end >= $at + mb_strlen($word),
            );
            expect($inside !== [] || in_array($word, [...$joining, 'kit', ':', '='], true))
                ->toBeTrue("“{$word}” of “{$line}” is lost");
        }
    }
});

it('offers what was done to this tank before: what was done most often first', function (): void {
    $done = [];
    foreach ([
        'gfo 85 g reactor', 'sock changed', 'no3 8.5', 'sock changed soiling 4', 'gfo 120 g reactor',
        'sock changed', 'note gone for a week', 'gfo 85 g reactor', 'carbon 100 g bag',
    ] as $line) {
        $done = [...$done, ...keptLine($line)->entries];
    }
    expect(Past::like('g', $done))->toBe(['gfo 85 g in reactor', 'gfo 120 g in reactor'])
        ->and(Past::like('GFO 1', $done))->toBe(['gfo 120 g in reactor'])
        ->and(Past::like('sock', $done))->toBe(['sock changed', 'sock changed soiling 4'])
        ->and(Past::like('sock changed', $done))->toBe(['sock changed soiling 4'])
        ->and(Past::like('c', $done))->toBe([])
        ->and(Past::like('carb', $done))->toBe(['activated carbon 100 g in bag'])
        ->and(Past::like('no', $done))->toBe([])
        ->and(Past::like(' ', $done))->toBe([])
        ->and(Past::like('fo', $done))->toBe([]);
});
