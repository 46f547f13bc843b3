<?php

declare(strict_types=1);

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Tests\Support\Logged;

/** Made-up tanks: journals by days back from now, and the lines of each. */
const MADE_UP = [
    'a bag of GFO and logged meals' => [
        'every' => [1 => 'fed 1.5 g pellet', 7 => 'no3 6 po4 0.09', 10 => 'water change 25 l', 5 => 'sock changed'],
        'once' => [60 => 'gfo 20 g bag', 30 => 'activated carbon 40 g canister'],
    ],
    'two vessels and a pump' => [
        'every' => [7 => 'no3 12 po4 0.18', 14 => 'water change 40 l'],
        'once' => [
            119 => 'feeding plan 2 g pellet a day', 90 => 'gfo 25 g reactor', 50 => 'gfo 20 g canister',
            40 => 'dose plan vinegar 3 ml a day', 20 => 'gfo out of canister',
        ],
    ],
    'silent of late' => [
        'every' => [3 => 'no3 9 po4 0.06', 8 => 'water change 20 l'],
        'meals' => [119, 40],
        'once' => [70 => 'alumina 60 g bag', 10 => 'skimmer off', 6 => 'skimmer on'],
    ],
];

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->user = User::query()->firstOrFail());
    $this->props = fn (System $system, string $page): array => $this->get("/systems/{$system->id}/{$page}")
        ->assertOk()->viewData('page')['props'];
});

/** A tank with such a journal; null for the demo's. */
function tankWith(User $user, ?string $name): System
{
    if ($name === null) {
        return System::query()->oldest('id')->firstOrFail();
    }
    $system = System::factory()->ownedBy($user)->create();
    $made = MADE_UP[$name];
    $lines = [];
    foreach ($made['every'] as $each => $line) {
        foreach (range(119, 1, -$each) as $ago) {
            $lines[] = [-$ago + $each / 100, $line];
        }
    }
    foreach (isset($made['meals']) ? range(...[...$made['meals'], -1]) : [] as $ago) {
        $lines[] = [-$ago + 0.3, 'fed 1.2 g pellet'];
    }
    foreach ($made['once'] as $ago => $line) {
        $lines[] = [-$ago + 0.2, $line];
    }
    $shift = now()->getTimestamp() - (new DateTimeImmutable(Logged::START))->getTimestamp();
    $entries = array_map(
        fn ($entry) => new Ithys\Journal\Entry(
            DateTimeImmutable::createFromInterface($entry->at)->modify("+{$shift} seconds"),
            $entry->payload,
        ),
        Logged::entries($lines),
    );
    (new Journal($system))->record($entries, $user);

    return $system->fresh();
}

// The law: a fact that two screens show is the same on both.
it('shows the same figure of a fact on every screen', function (?string $name): void {
    $system = tankWith($this->user, $name);
    (new FitShelf($system))->learn(now()->toDateTimeImmutable());
    $system = $system->fresh();
    $pages = [];
    foreach (['journal', 'ledger', 'forecast', 'media', 'media/dose?medium=gfo&where=bag', 'media/organic'] as $page) {
        $pages[strtok($page, '?')] = ($this->props)($system, $page);
    }
    // Water, flow and the stages stand in the frame of every page.
    foreach ($pages as $page) {
        expect($page['frame'])->toEqual($pages['journal']['frame']);
    }
    $media = array_column($pages['media']['view']['charges'], null, 'entry');
    $marks = array_column($pages['journal']['sheet']->changes ?? $pages['journal']['sheet']['changes'], null, 'id');
    $courses = (array) $pages['journal']['courses'];
    expect($media)->not->toBe([]);
    foreach ($media as $entry => $charge) {
        // Each charge from the day it went in to the day it came out, in the chart as on Media.
        if (isset($marks[$entry])) {
            expect($marks[$entry]['t'])->toBe($charge['from'])->and($marks[$entry]['until'])->toBe($charge['to']);
        } else {
            expect($charge['to'])->not->toBeNull();
        }
        if ($charge['life'] === null) {
            continue;
        }
        expect(round(100 * end($courses[$entry])[1]))->toEqual($charge['life']['share'][0]);
        $account = $charge['life']['account'];
        $verdict = ($this->props)($system, "journal?change={$entry}")['verdict'] ?? null;
        if ($account !== null && $verdict !== null && $verdict['id'] === $entry) {
            expect($verdict['account'])->toEqual($account)
                ->and($account['gross'])->toEqual($charge['life']['held']);
        }
    }
    // The end of a charge that is exhausted is told alike.
    $exhausted = array_filter($media, fn (array $one): bool => str_starts_with(
        $one['life']['condition'] ?? '',
        'exhausted',
    ));
    expect($pages['forecast']['counsel']['exhausted'] ?? [])
        ->toHaveCount($pages['forecast']['counsel'] === null ? 0 : count($exhausted))
        ->and(array_filter(
            $pages['journal']['alerts'],
            fn (array $one): bool => $one['code'] === 'alert.exhausted',
        ))->toHaveCount(count($exhausted));
    // What is dosed now, as Forecast and Organic carbon have it.
    $spirit = array_column($pages['media/organic']['view']['sources'], null, 'key')['spirit'];
    $asSpirit = (float) $pages['forecast']['levers']['spirit'];
    preg_match('~about ([\d.]+) mL of~u', (string) $pages['media/organic']['view']['running'], $given);
    $each = array_column($pages['media/organic']['view']['sources'], null, 'key')[
        $pages['media/organic']['view']['source']
    ];
    expect((float) ($given[1] ?? 0.0) * $each['mgEach'] / $spirit['mgEach'])
        ->toEqualWithDelta($asSpirit, 0.02 + 0.06 * $asSpirit);
    // Silence is asked about in the same words.
    $asked = array_column(array_column($pages['forecast']['silences'], 'finding'), 'sentence');
    $remarks = array_column($pages['ledger']['ledger']['remarks'], 'sentence');
    expect(array_diff($asked, $remarks))->toBe([]);
    // A change has one answer, in the list and in its own panel.
    $ranked = ($this->props)($system, 'journal?view=changes')['ranked']['changes'] ?? [];
    foreach (array_slice($ranked, 0, 4) as $change) {
        $verdict = ($this->props)($system, "journal?change={$change['id']}")['verdict'];
        $answers = array_column($verdict['judgements'], 'verdict', 'parameter');
        foreach ($change['answers'] as $answer) {
            expect($answers[$answer['parameter']])->toBe($answer['verdict'])
                ->and($verdict['text'])->toBe($change['text']);
        }
    }
    expect($pages['forecast']['target'])->toEqual($pages['journal']['target']);
})->with([
    'the demo' => [null],
    'a bag of GFO and logged meals' => ['a bag of GFO and logged meals'],
    'two vessels and a pump' => ['two vessels and a pump'],
    'silent of late' => ['silent of late'],
]);

it('has the costs, the power and the days of care the same on every screen', function (): void {
    $system = tankWith($this->user, null);
    $costs = ($this->props)($system, 'care/costs')['costs'];
    $approaches = ($this->props)($system, 'media')['view']['schools'];
    expect(array_column($costs['ways'][1]['ways'], 'cost', 'name'))
        ->toEqual(array_column($approaches, 'cost', 'label'));
    $review = json_decode((string) json_encode(($this->props)($system, 'path/r1/parts')['review']), true);
    $sizing = $review['sizing'];
    $power = $costs['power'];
    expect(array_sum(array_column($power['items'], 'hours')))->toEqualWithDelta($sizing['kilowattHoursAYear'], 3.0)
        ->and(array_sum(array_column($power['items'], 'cost')))->toEqualWithDelta($sizing['costAYear'], 3.0)
        ->and($power['price'])->toEqual($sizing['pricePerKilowattHour']);
    $pump = array_column($power['items'], 'watts', 'name')['Return pump'];
    $battery = ($this->props)($system, 'care')['powerCut']['batteries'];
    expect(array_column($battery, 'watts', 'what')['Return pump'])->toEqual($pump);

    // The day of each task on Care is its day on the water line.
    $page = ($this->props)($system, 'care');
    $tank = $page['care']['tanks'][0];
    $due = array_column($tank['due'], 'when', 'key');
    $stages = array_column($page['frame']['path']['stops'], 'due', 'kind');
    expect($stages['skimmer'])->toBe($due['cup'])->and($stages['pad'])->toBe($due['pad'])
        ->and($stages['top-off'])->toBe($due['top-off'])->and($stages['sock'])->toBeNull();
});
