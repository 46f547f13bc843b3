<?php

declare(strict_types=1);

use App\Exchange\UploadStore;
use App\Http\Pages\JournalTableView;
use App\Http\Pages\SystemFrame;
use App\Http\Pages\TankForm;
use App\Http\Pages\TideSheet;
use App\Http\Pages\WorkingVolumeView;
use App\Journal\AlreadyInJournal;
use App\Journal\Fingerprint;
use App\Journal\Journal;
use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Water\TankDocument;

beforeEach(function (): void {
    $this->keeper = User::factory()->create();
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->now = new DateTimeImmutable('2026-11-25 12:00Z');
    $this->entry = fn (string $ago, Payload $payload): Entry => new Entry($this->now->modify($ago), $payload);
});

it('turns a tank into a form that reads back as the same tank', function (UnitSystem $units, array $typed): void {
    $tank = TankDocument::typed($typed, $units);
    $again = TankDocument::typed(TankForm::of($tank, $units), $units);
    expect($again->workingVolume()->litres)->toAgreeWith($tank->workingVolume()->litres, 1e-5)
        ->and($again->water->celsius)->toAgreeWith($tank->water->celsius, 1e-5)
        ->and($again->school)->toBe($tank->school)
        ->and($again->display->shape)->toBe($tank->display->shape);
    $other = $units === UnitSystem::Metric ? UnitSystem::Us : UnitSystem::Metric;
    expect(TankDocument::typed(TankForm::of($tank, $other), $other)->workingVolume()->litres)->toAgreeWith(
        $tank->workingVolume()->litres,
        1e-4,
    );
})->with([
    [
        UnitSystem::Metric,
        [
            'shape' => 'box',
            'length' => '104',
            'width' => '47',
            'height' => '52',
            'belowRim' => '3.5',
            'rock' => '24',
            'school' => 'brisk',
        ],
    ],
    [
        UnitSystem::Us,
        [
            'shape' => 'box',
            'length' => '48 1/2',
            'width' => '24',
            'height' => '20',
            'sump' => '20',
            'flow' => '530',
            'temperature' => '78',
        ],
    ],
    [UnitSystem::Metric, ['shape' => 'cylinder', 'length' => '60', 'height' => '50', 'sand' => '9.5']],
    [UnitSystem::Us, ['shape' => 'volume', 'volume' => '75', 'plumbing' => '1.5']],
]);

it('shows the frame the same figures as the path', function (): void {
    $frame = SystemFrame::of($this->system, new Words(UnitSystem::Metric));
    $view = WorkingVolumeView::of($this->system->setupAt(now()), new Words(UnitSystem::Metric));
    expect($frame['workingLitres'])->toBe($view['litres'])
        ->and($frame['turnoverPerHour'])->toBe($view['turnoverPerHour'])
        ->and($frame['displayLitres'])->toBe(200.0);
});

it('uses the description of the day, and the first one before there was any', function (): void {
    $this->system
        ->revisions()
        ->create([
            'in_force_from' => '2026-05-01',
            'document' => ['schema' => 1] + $this->system->revisions[0]->document,
        ]);
    $this->system->unsetRelation('revisions');
    expect($this->system->revisionAt(new DateTimeImmutable('2026-04-30'))->id)
        ->toBe($this->system->revisions[0]->id)
        ->and($this->system->revisionAt(new DateTimeImmutable('2026-05-02'))->id)
        ->toBe($this->system->revisions[1]->id)
        ->and($this->system->revisionAt(new DateTimeImmutable('1999-01-01'))->id)
        ->toBe($this->system->revisions[0]->id);
});

it('reads back what it recorded, in order of time and then of saving', function (): void {
    $journal = new Journal($this->system);
    $late = ($this->entry)('-1 hour', SockChange::of(3));
    $early = ($this->entry)('-2 days', Reading::of(Parameter::Nitrate, 8.5, step: 0.1, method: 'colour comparison'));
    $same = ($this->entry)('-2 days', Reading::of(Parameter::Phosphate, 0.06, step: 0.01));
    $journal->record([$late, $early, $same], $this->keeper);
    $read = $journal->between($this->now->modify('-3 days'), $this->now);
    expect(array_map(fn (Entry $entry): Payload => $entry->payload, $read))
        ->toEqual([$early->payload, $same->payload, $late->payload])
        ->and($read[0]->at->getTimestamp())
        ->toBe($early->at->getTimestamp())
        ->and($journal->around($this->now, 1))
        ->toHaveCount(1);
});

it('records all of a batch or nothing', function (): void {
    $journal = new Journal($this->system);
    $reading = ($this->entry)('-2 days', Reading::of(Parameter::Nitrate, 8.5));
    $journal->record([$reading], $this->keeper);
    expect(fn () => $journal->record([($this->entry)('-1 day', SockChange::of()), $reading], $this->keeper))
        ->toThrow(AlreadyInJournal::class)
        ->and(JournalEntry::query()->count())
        ->toBe(1);
});

it('takes two readings for the same only where nutrient, minute, figure and method agree', function (): void {
    $at = $this->now;
    $print = fn (DateTimeImmutable $at, Reading $reading): string => Fingerprint::of(new Entry($at, $reading));
    $reading = Reading::of(Parameter::Nitrate, 8.5, method: 'a');
    expect($print($at, $reading))
        ->toBe(
            $print(
                $at->modify('+20 seconds'),
                Reading::of(Parameter::Nitrate, 8.5, step: 0.1, cloudy: true, method: 'a'),
            ),
        )
        ->and($print($at->setTimezone(new DateTimeZone('Asia/Tokyo')), $reading))
        ->toBe($print($at, $reading));
    foreach (
        [
            $print($at->modify('+1 minute'), $reading),
            $print($at, Reading::of(Parameter::Phosphate, 8.5, method: 'a')),
            $print($at, Reading::of(Parameter::Nitrate, 8.6, method: 'a')),
            $print($at, Reading::of(Parameter::Nitrate, 8.5, method: 'b')),
            $print($at, Reading::of(Parameter::Nitrate, 8.5, belowLimit: true, method: 'a')),
        ] as $other
    ) {
        expect($other)->not->toBe($print($at, $reading));
    }
});

it('opens the sheet on the last phosphate charge, else on the first of any medium', function (
    array $charges,
    ?string $opening,
): void {
    $entries = array_map(
        fn (array $charge): Entry => ($this->entry)($charge[0], MediaCharge::grams($charge[1], 50)),
        $charges,
    );
    (new Journal($this->system))->record($entries, $this->keeper);
    $change = TideSheet::of($this->system, '16w', $this->now)->openingChange();
    expect($change === null ? null : said($change->payload->summary()))->toBe($opening);
})->with([
    [[], null],
    [[['-9 days', Medium::Resin], ['-5 days', Medium::Zeolite]], 'Resin 50 g'],
    [
        [['-30 days', Medium::Gfo], ['-9 days', Medium::Alumina], ['-5 days', Medium::Resin]],
        'Alumina phosphate remover 50 g',
    ],
    [[['-200 days', Medium::Gfo]], null],
]);

it('shows as much of the journal as is asked for', function (string $range, int $shown): void {
    $entries = array_map(fn (int $days): Entry => ($this->entry)("-{$days} days", SockChange::of()), [
        1,
        100,
        200,
        400,
        4000,
    ]);
    (new Journal($this->system))->record($entries, $this->keeper);
    expect(TideSheet::of($this->system, $range, $this->now)->toArray($this->keeper)['changes'])
        ->toHaveCount($range === 'all' ? 0 : $shown)
        ->and(JournalTableView::of($this->system, $this->keeper, $range, '', 1, $this->now)['rows'])
        ->toHaveCount($shown);
})->with([['16w', 2], ['1y', 3], ['all', 5]]);

it('shows routine levers of a long time as rates on the sheet, and each by itself in the table', function (): void {
    $entries = array_map(fn (int $week): Entry => ($this->entry)("-{$week} weeks", WaterChange::of(20)), range(1, 100));
    (new Journal($this->system))->record(
        [...$entries, ($this->entry)('-90 weeks', MediaCharge::grams(Medium::Gfo, 50))],
        $this->keeper,
    );
    $sheet = TideSheet::of($this->system, 'all', $this->now);
    $drawn = $sheet->toArray($this->keeper);
    expect($drawn['changes'])->toHaveCount(1)
        ->and(array_sum(array_column($drawn['rates']->water, 'perDay')) * 7)->toAgreeWith(10.0, 0.03)
        ->and($drawn['rates']->water[3]['text'])->toBe('10 % a week');
    $table = fn (string $words, int $page): array => JournalTableView::of(
        $this->system,
        $this->keeper,
        'all',
        $words,
        $page,
        $this->now,
    );
    expect($table('', 1))->toMatchArray(['found' => 101, 'all' => 101, 'pages' => 2])
        ->and($table('', 1)['rows'])->toHaveCount(100)
        ->and($table('', 2)['rows'])->toHaveCount(1)
        ->and($table('', 99)['page'])->toBe(2)
        ->and($table('GFO 50', 1))->toMatchArray(['found' => 1, 'all' => 101, 'pages' => 1])
        ->and($table('GFO 50', 1)['rows'][0]['what'])->toBe('GFO 50 g')
        ->and($table('nothing of that', 1))->toMatchArray(['found' => 0, 'rows' => [], 'pages' => 1]);
    expect(TideSheet::of($this->system, '1y', $this->now)->toArray($this->keeper)['changes'])
        // With the charge that was in already when the year began.
        ->toHaveCount(53);
});

it('keeps an upload until it is forgotten, and none for more than a day', function (): void {
    $store = new UploadStore($this->system);
    $old = $store->keep(UploadedFile::fake()->createWithContent('old.csv', 'a'));
    touch((string) $store->path($old), time() - 90_000);
    $new = $store->keep(UploadedFile::fake()->createWithContent('new.csv', 'b'));
    expect($store->path($old))->toBeNull()
        ->and($store->path($new))->not->toBeNull()
        ->and($store->originalName($new))->toBe('new.csv')
        ->and($store->path('../'.$new))->toBeNull();
    $store->forget($new);
    expect($store->path($new))->toBeNull();
    File::deleteDirectory(storage_path("ithys/imports/{$this->system->id}"));
});
