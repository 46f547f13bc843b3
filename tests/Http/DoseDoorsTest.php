<?php

declare(strict_types=1);

use App\Journal\FitShelf;
use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->system = System::query()->oldest('id')->firstOrFail();
    $this->actingAs(User::query()->firstOrFail());
    $this->count = fn (): int => JournalEntry::query()->count();
});

afterEach(fn () => File::deleteDirectory(storage_path('ithys/imports/1')));

/** What was found to pass the doors without a question, as a line of the log. */
const HARMFUL_LINES = [
    'lanthanum 50 ml holding 5 g', 'dose plan vinegar 24 ml a day', 'dose plan vodka 15 ml of 96 % a day',
    'vinegar 24 ml', 'vinegar 100 ml', 'spirit 20 ml', 'gfo 750 g', 'ozone on',
    'activated carbon 600 g in gfo reactor', 'gfo 850 g in gfo reactor', 'dosed kalk 5 l', 'dosed bleach 20 ml',
    'reactor po4 in 0.05 out 0.08', 'po4 1.9', 'no3 98',
];

it('asks at the log, and records with the reason what was done', function (string $line): void {
    $before = ($this->count)();
    $understood = $this->postJson('/systems/1/journal/understand', ['line' => $line])->assertOk()->json();
    expect($understood['mayBeSaved'])->toBeFalse()
        ->and($understood['problems'][0]['sentence'])->toEndWith('add “sure because” and your reason.')
        ->and($understood['problems'][0]['instead'])->toBe(["{$line} sure because "]);
    foreach ([$line, "{$line} sure", "{$line} sure because"] as $short) {
        $this->post('/systems/1/journal', ['line' => $short])->assertSessionHasErrors('line');
    }
    expect(($this->count)())->toBe($before);
    $this->post('/systems/1/journal', ['line' => "{$line} sure because it went in already"])
        ->assertSessionHasNoErrors();
    expect(JournalEntry::query()->latest('id')->firstOrFail()->note)->toBe('it went in already');
})->with(HARMFUL_LINES);

it('asks at a correction', function (string $line): void {
    $this->post('/systems/1/journal', ['line' => 'dosed calcium 10 ml 2 hours ago'])->assertSessionHasNoErrors();
    $entry = JournalEntry::query()->latest('id')->firstOrFail();
    $form = $this->getJson("/systems/1/journal/{$entry->id}")->assertOk()->json();
    $to = fn (string $line) => $this->put("/systems/1/journal/{$entry->id}", [...$form, 'line' => $line]);
    $to($line)->assertSessionHasErrors('line');
    expect($entry->fresh()->kind)->toBe('supplement');
    $to("{$line} sure because I mistook the bottle")->assertSessionHasNoErrors();
    expect($entry->fresh()->note)->toBe('I mistook the bottle');
})->with(HARMFUL_LINES);

it('asks at an import, and takes all with one reason', function (string $line): void {
    $day = now()->subDays(2)->format('Y-m-d');
    $address = (string) $this->post('/systems/1/import', [
        'file' => UploadedFile::fake()->createWithContent('mine.csv', "date,entry\n{$day},{$line}\n"),
    ])->assertSessionHasNoErrors()->headers->get('Location');
    $preview = $this->get($address)->inertiaProps('preview');
    expect($preview['counts']['doubted'])->toBe(1)
        ->and($preview['counts']['entries'])->toBe(0)
        ->and($preview['rows'][0]['leftOut'][0])->toContain(': ');
    $taken = $this->get("{$address}?because=an+old+book")->inertiaProps('preview');
    expect($taken['counts']['entries'])->toBe(1);
    $this->post($address, ['because' => 'an old book'])->assertSessionHasNoErrors();
    expect(JournalEntry::query()->latest('id')->firstOrFail()->note)->toBe('an old book');
})->with(HARMFUL_LINES);

it('refuses or asks where a medium is dosed', function (array $dose, string $answer): void {
    $preview = $this->postJson('/systems/1/media/dose/preview', $dose)->assertOk()->json('view.doubts');
    expect($preview[0]['answer'])->toBe($answer);
    $this->post('/systems/1/media', $dose)->assertSessionHasErrors('amount');
    $meant = $this->post('/systems/1/media', [...$dose, 'sure' => true, 'because' => 'I mean it']);
    $answer === 'refuse' ? $meant->assertSessionHasErrors('amount') : $meant->assertSessionHasNoErrors();
})->with([
    [['medium' => 'gfo', 'where' => 'bag', 'amount' => '750', 'unit' => 'g'], 'refuse'],
    [['medium' => 'gfo', 'where' => 'gfo', 'amount' => '850', 'unit' => 'g'], 'refuse'],
    [['medium' => 'activated-carbon', 'where' => 'gfo', 'amount' => '60', 'unit' => 'g'], 'ask'],
    // 50,001 g are more than any tank is given; so are 5,000 ounces. Both are told, not answered with a fault.
    [['medium' => 'gfo', 'where' => 'bag', 'amount' => '50001', 'unit' => 'g'], 'refuse'],
    [['medium' => 'gfo', 'where' => 'bag', 'amount' => '5000', 'unit' => 'oz'], 'refuse'],
]);

it('refuses a scenario that would harm, and says so beside one that is asked about', function (): void {
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $levers = $this->get('/systems/1/forecast')->inertiaProps('levers');
    foreach ([['mediaGrams' => '2000'], ['feedTimes' => '0'], ['spirit' => '20']] as $harm) {
        $body = ['name' => 'harm', 'levers' => [...$levers, ...$harm], 'weeks' => 12];
        expect($this->postJson('/systems/1/forecast/preview', $body)->assertOk()->json('view.doubts'))->not->toBe([]);
        $this->post('/systems/1/forecast/courses', $body)->assertSessionHasErrors('name');
    }
    expect($this->postJson('/systems/1/forecast/preview', ['levers' => $levers, 'weeks' => 4])->json('view.doubts'))
        ->toBe([]);
});

it('asks at every door out of which vessel a medium comes, where it is in two', function (): void {
    $this->post('/systems/1/journal', ['line' => 'gfo 20 g bag 200 days ago sure because'])->assertSessionHasErrors();
    $this->post('/systems/1/journal', ['line' => 'gfo 20 g bag 200 days ago sure because a test'])
        ->assertSessionHasNoErrors();
    $understood = $this->postJson('/systems/1/journal/understand', ['line' => 'gfo out'])->assertOk()->json();
    expect($understood['mayBeSaved'])->toBeFalse()
        ->and($understood['problems'][0]['sentence'])
        ->toContain('GFO is in 2 vessels', '“gfo out of Carbon bag”', '“gfo out of GFO reactor”');
    $this->post('/systems/1/journal', ['line' => 'gfo out'])->assertSessionHasErrors('line');
    $in = fn (): array => array_values(array_filter(
        array_column(array_filter(
            $this->get('/systems/1/media')->inertiaProps('view')['charges'],
            fn (array $one): bool => $one['medium'] === 'gfo' && $one['to'] === null,
        ), 'where'),
    ));
    expect($in())->toHaveCount(2);
    $this->post('/systems/1/journal', ['line' => 'gfo out of gfo reactor'])->assertSessionHasNoErrors();
    expect($in())->toBe(['Carbon bag']);
    // What is not in there is asked about as well.
    $this->post('/systems/1/journal', ['line' => 'gfo out of canister'])->assertSessionHasErrors('line');
    $this->post('/systems/1/journal', ['line' => 'gfo out'])->assertSessionHasNoErrors();
    expect($in())->toBe([]);
});
