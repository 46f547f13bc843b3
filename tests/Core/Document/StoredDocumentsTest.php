<?php

declare(strict_types=1);

use Ithys\Journal\Binder\Binder;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\ChoreWord\ChoreWord;
use Ithys\Journal\DosePlan\DosePlan;
use Ithys\Journal\Equipment\Equipment;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\FeedPlan\FeedPlan;
use Ithys\Journal\FirstHour\FirstHour;
use Ithys\Journal\Fleece\Fleece;
use Ithys\Journal\Harvest\Harvest;
use Ithys\Journal\Incident\Incident;
use Ithys\Journal\Kinds;
use Ithys\Journal\KitChange\KitChange;
use Ithys\Journal\Livestock\Fate;
use Ithys\Journal\Livestock\Livestock;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\MediaRemoval\MediaRemoval;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Renewal\Renewal;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\RoutineWord\RoutineWord;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\Spell\Spell;
use Ithys\Journal\Stock\Stock;
use Ithys\Journal\StoredPayload;
use Ithys\Journal\Supplement\Supplement;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;
use Ithys\Path\PathDocument;
use Ithys\Path\Style;
use Ithys\Path\Styles\Cabinet;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\RoomDocument;
use Ithys\Path\Template;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Build\BuildDocument;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\LeakResult;
use Ithys\Sump\Build\LeakTest;
use Ithys\Sump\Build\Measured;
use Ithys\Sump\SumpDocument;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TankDocument;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Golden;
use Tests\Support\RandomPath;
use Tests\Support\RandomSump;

// Every document as it is stored today. What keepers have stored must open for ever: a change of the form shows here as
// a difference, and then asks for a new schema and a step that lifts this one.

function storedTank(): Tank
{
    return new Tank(
        Display::box(1000, 500, 450, 30),
        new BesideDisplay(40, 5, 12.5),
        new Ground(10, 20),
        new Conditions(35, 25),
        1800,
        TurnoverSchool::Brisk,
    );
}

it('stores documents as it did, and opens them the same', function (): void {
    $day = new DateTimeImmutable('2026-03-04', new DateTimeZone('UTC'));
    $documents = [
        'tank' => [storedTank(), TankDocument::stored(...)],
        'path' => [RandomPath::of(4), PathDocument::stored(...)],
        'template' => [Template::of(Style::Sump), PathDocument::stored(...)],
        'room' => [
            new Room(225.0, 1000.0, new Cabinet(900.0, 400.0, 700.0), 250.0, drilled: true),
            static fn (array $stored): Room => RoomDocument::stored($stored, storedTank()),
        ],
        'sump' => [RandomSump::of(7), SumpDocument::stored(...)],
        'build' => [
            new BuildRecord(
                true,
                48.0,
                ['leak-empty' => $day],
                [new LeakTest($day, 380.0, LeakResult::Dry, 'a day, to the brim')],
                ['weir' => new Measured(array_fill_keys(array_keys(Measured::CORNERS), 200.5))],
            ),
            BuildDocument::stored(...),
        ],
    ];
    $stored = [];
    foreach ($documents as $name => [$document, $open]) {
        $stored[$name] = json_decode((string) json_encode($document->toArray()), true);
        expect($open($stored[$name])->toArray())->toEqual($document->toArray(), $name);
    }
    Golden::json('documents', $stored);
});

it('stores entries of every kind as it did, and opens them the same', function (): void {
    $payloads = [
        ChoreWord::stillFine(Chore::Cup),
        ChoreWord::skipped(Chore::PreFilter),
        Reading::of(Parameter::Nitrate, 8.5, step: 0.5, method: 'colour comparison'),
        Reading::of(Parameter::Phosphate, 0.02, cloudy: true, belowLimit: true),
        Reading::of(Parameter::Alkalinity, 8.1)->approximately(),
        KitChange::to(Parameter::Nitrate),
        KitChange::to(Parameter::Phosphate, 'colour comparison'),
        RoutineWord::goesOn(Repeated::Feeding),
        RoutineWord::goesOn(Repeated::Spirit),
        RoutineWord::stopped(Repeated::Water),
        SockChange::of(),
        MediaRemoval::of(Medium::ActivatedCarbon),
        MediaRemoval::of(Medium::Gfo, Place::Canister),
        MediaRemoval::of(Medium::Gfo, new Container('i7', 'Carbon bag', Place::Bag)),
        Renewal::of(0.33),
        MediaCharge::grams(Medium::ActivatedCarbon, 60, Place::Canister)->meant(null, false, 3.0),
        MediaCharge::grams(Medium::Gfo, 60, Place::Reactor),
        MediaCharge::grams(Medium::ActivatedCarbon, 60, new Container('i7', 'Carbon bag', Place::Bag))->meant(3, true),
        Outlet::of(0.08, 0.03),
        MediaCharge::litres(Medium::ActivatedCarbon, 0.4, new Container('i7', 'Carbon bag', Place::Bag)),
        Photoperiod::of(9.5),
        Photoperiod::of(10, true),
        Photoperiod::of(8, daysPerWeek: 3.5, dim: 0.5),
        Spell::off(Spell::SKIMMER, 3.0),
        Spell::off('UV', 48.0),
        Spell::pause('return pump', 0.25),
        SkimmerSwitch::of(false),
        SkimmerSwitch::of(true, 1.5),
        DosePlan::of(CarbonSource::Vinegar, 12.0),
        DosePlan::of(CarbonSource::Spirit, 2.0, 3.0, 0.96),
        DosePlan::of(CarbonSource::Vinegar, 0.0),
        CarbonDose::of(CarbonSource::Vinegar, 12),
        FeedPlan::of(Feed::of(6, Food::Pellet)),
        FeedPlan::of(null),
        FeedPlan::of(Feed::of(6, Food::Pellet), true),
        Feed::of(3.5, Food::Pellet),
        Feed::of(7, Food::Frozen, '2 cubes'),
        WaterChange::of(40),
        WaterChange::of(40, 2.5, 0.02),
        Binder::of(5),
        Binder::of(5, 100),
        Harvest::of(200),
        Fleece::left(14000),
        Fleece::advancing(250),
        new Care(Part::SkimmerCup, Deed::Emptied),
        Supplement::of('calcium', 0.03, Dimension::Dose),
        Supplement::of('soda', 12, Dimension::Mass),
        new Equipment('UV', false),
        Stock::living(74.5, 0.01, '3 small fish 1 large fish'),
        Stock::living(250),
        Stock::living(250, 0.01),
        Stock::visiting(40, 14),
        Livestock::of(Fate::Died, 2, 'snails'),
        Incident::of('power cut', 3.5, 'a fuse'),
        Incident::of('flood', 1.0, 'a torn hose', 'a new hose', 12.0, 90.0),
        FirstHour::of(['levels' => true, 'trickle' => false], '2.5 turns open'),
        Note::of('A new light.'),
    ];
    $stored = [];
    foreach ($payloads as $payload) {
        $kind = $payload->kind()->key();
        $entry = json_decode((string) json_encode(StoredPayload::of($payload)), true);
        $stored[] = ['kind' => $kind, 'payload' => $entry];
        expect(Kinds::payload($kind, $entry))->toEqual($payload, $kind);
        // As a line of the log it reads back as the same too.
        $line = QuickEntry::read($payload->line(), new Context(
            new DateTimeImmutable('2026-11-25 09:30'),
            UnitSystem::Us,
            350,
            containers: [new Container('i7', 'Carbon bag', Place::Bag)],
        ));
        expect(array_column($line->problems, 'sentence'))->toBe([], $payload->line())
            ->and($line->entries[0]->payload->toArray())->toEqual([...$payload->toArray(), ...array_filter([
                'step' => $payload instanceof Reading ? $line->entries[0]->payload->step : null,
            ], fn (?float $step): bool => $step !== null)]);
    }
    expect(array_values(array_unique(array_column($stored, 'kind'))))->toBe(array_keys(Kinds::all()));
    Golden::json('entries', $stored);
});
