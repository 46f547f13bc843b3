<?php

declare(strict_types=1);

use App\Http\Controllers\AlertController;
use App\Http\Controllers\AssumptionController;
use App\Http\Controllers\BinController;
use App\Http\Controllers\BuildController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CareController;
use App\Http\Controllers\CostController;
use App\Http\Controllers\CourseController;
use App\Http\Controllers\DraftController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FirstRunController;
use App\Http\Controllers\ForecastController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\IncidentController;
use App\Http\Controllers\JournalController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\MediaController;
use App\Http\Controllers\MovedController;
use App\Http\Controllers\PathController;
use App\Http\Controllers\PathRevisionController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\SectionController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SitterController;
use App\Http\Controllers\StateController;
use App\Http\Controllers\StockController;
use App\Http\Controllers\StopController;
use App\Http\Controllers\StyleController;
use App\Http\Controllers\SumpRevisionController;
use App\Http\Controllers\SystemController;
use App\Http\Controllers\TankTrialController;
use App\Http\Controllers\TargetController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\TrialSheetController;
use App\Http\Controllers\WaterController;
use App\Http\Middleware\LearnAfterWrites;
use App\Http\Middleware\ReadOnlySession;
use Illuminate\Support\Facades\Route;

// Brings the token of the present session to a page that stood open long.
Route::get('/token', static fn () => response()->noContent())->name('token');

// A calendar asks for it without a session.
Route::get('/calendar/{secret}.ics', [CalendarController::class, 'feed'])
    ->where('secret', '[A-Za-z0-9]{1,100}')
    ->middleware('throttle:60,1')
    ->name('calendar.feed');

// A sitter needs no account.
Route::middleware('throttle:120,1')->prefix('/sitter/{secret}')->where(['secret' => '[A-Za-z0-9]{1,100}'])->group(
    static function (): void {
        Route::get('/', [SitterController::class, 'sheet'])->name('sitter.sheet');
        Route::post('/{chore}', [SitterController::class, 'done'])->name('sitter.done');
    },
);

Route::middleware('guest')->group(function (): void {
    Route::get('/first-run', [FirstRunController::class, 'create'])->name('first-run');
    Route::post('/first-run', [FirstRunController::class, 'store']);
    Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store']);
});

Route::middleware('auth')->group(function (): void {
    Route::get('/', HomeController::class)->name('home');
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');

    Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
    Route::put('/settings', [SettingsController::class, 'update']);
    Route::put('/settings/units', [SettingsController::class, 'units'])->name('settings.units');
    Route::put('/settings/password', [SettingsController::class, 'password'])->name('settings.password');

    Route::get('/orders.csv', [StockController::class, 'orders'])->name('stock.orders');
    Route::get('/care.ics', [CalendarController::class, 'file'])->name('calendar.file');
    Route::post('/settings/calendar', [CalendarController::class, 'store'])->name('calendar.store');
    Route::delete('/settings/calendar', [CalendarController::class, 'destroy'])->name('calendar.destroy');

    Route::get('/systems/create', [SystemController::class, 'create'])->name('systems.create');
    Route::post('/systems', [SystemController::class, 'store'])->name('systems.store');
    Route::post('/systems/{id}/restore', [SystemController::class, 'restore'])->name('systems.restore');
    Route::post('/tank-preview', [WaterController::class, 'preview'])
        ->middleware([ReadOnlySession::class, 'throttle:preview'])
        ->name('tank.preview');

    // Previews answer while something is typed; they save nothing, not even in the session.
    $preview = [ReadOnlySession::class, 'throttle:preview'];

    Route::prefix('/systems/{system}')->middleware(LearnAfterWrites::class)->group(function () use ($preview): void {
        Route::middleware('can:read,system')->group(function () use ($preview): void {
            Route::get('/path', [PathController::class, 'show'])->name('path.show');
            Route::get('/path/water', [WaterController::class, 'show'])->name('water.show');
            Route::get('/path/styles', [StyleController::class, 'show'])->name('styles.show');
            Route::get('/path/compare', [PathController::class, 'compare'])->name('path.compare');
            Route::get('/path/{mark}/parts', [PathController::class, 'parts'])->name('path.parts');
            Route::get('/path/{mark}/path.json', [PathController::class, 'json'])->name('path.json');
            Route::get('/path/{mark}/path.svg', [PathController::class, 'svg'])->name('path.svg');
            Route::get('/section', [SectionController::class, 'show'])->name('section.show');
            Route::get('/section/sheet', [SectionController::class, 'sheet'])->name('section.sheet');
            Route::get('/section/sump.json', [SectionController::class, 'json'])->name('section.json');
            Route::get('/section/cuts.{format}', [SectionController::class, 'cuts'])
                ->whereIn('format', ['svg', 'dxf'])
                ->name('section.cuts');
            Route::get('/section/build', [BuildController::class, 'show'])->name('build.show');
            Route::get('/care', [CareController::class, 'show'])->name('care.show');
            Route::get('/trials', [TrialController::class, 'index'])->name('trials.index');
            Route::get('/trials/{trial}', [TrialController::class, 'show'])->name('trials.show');
            Route::get('/trials/{trial}/trial.json', [TrialSheetController::class, 'json'])->name('trials.json');
            Route::get('/trials/{trial}/readings.csv', [TrialSheetController::class, 'csv'])->name('trials.csv');
            Route::get('/trials/{trial}/report.svg', [TrialSheetController::class, 'svg'])->name('trials.svg');
            Route::get('/care/stock', [StockController::class, 'show'])->name('stock.show');
            Route::get('/care/costs', CostController::class)->name('costs.show');
            Route::get('/care/incidents', [IncidentController::class, 'show'])->name('incidents.show');
            Route::get('/journal', [JournalController::class, 'show'])->name('journal.show');
            Route::get('/state', StateController::class)->name('state.show');
            Route::get('/ledger', [LedgerController::class, 'show'])->name('ledger.show');
            Route::get('/ledger/why', [LedgerController::class, 'why'])->name('ledger.why');
            Route::get('/media', [MediaController::class, 'show'])->name('media.show');
            Route::get('/media/dose', [MediaController::class, 'dose'])->name('media.dose');
            Route::get('/media/organic', [MediaController::class, 'organic'])->name('media.organic');
            Route::get('/media/others', [MediaController::class, 'others'])->name('media.others');
            Route::get('/media/ozone', [MediaController::class, 'ozone'])->name('media.ozone');
            Route::get('/stops/{item}', [StopController::class, 'show'])
                ->where('item', '[a-z0-9-]{1,24}')
                ->name('stops.show');
            Route::get('/forecast', [ForecastController::class, 'show'])->name('forecast.show');
            // Addresses of earlier versions, as bookmarks have them.
            foreach (['foresee' => 'forecast', 'charges' => 'media'] as $was => $is) {
                Route::get("/{$was}/{page?}", MovedController::class)
                    ->whereIn('page', ['dose', 'organic', 'others', 'ozone'])
                    ->defaults('area', $is);
            }
            Route::get('/assumptions', [AssumptionController::class, 'show'])->name('assumptions.show');
            Route::get('/photos/{photo}/{size}', [PhotoController::class, 'show'])
                ->whereIn('size', ['picture', 'thumbnail'])
                ->name('photos.show');
            Route::get('/bin', [BinController::class, 'show'])->name('bin.show');
            Route::get('/readings.csv', [ExportController::class, 'readings'])->name('readings.export');
            Route::get('/journal.csv', [ExportController::class, 'journal'])->name('journal.export');
            Route::middleware($preview)->group(function (): void {
                Route::post('/media/dose/preview', [MediaController::class, 'preview'])->name('media.preview');
                Route::post('/media/ozone/preview', [MediaController::class, 'tryOzone'])->name('ozone.preview');
                Route::post('/trials/preview', [TrialController::class, 'preview'])->name('trials.preview');
                Route::post('/trials/tank/preview', [TankTrialController::class, 'preview'])->name('trials.tank');
                Route::post('/forecast/preview', [ForecastController::class, 'preview'])->name('forecast.preview');
                Route::post('/forecast/media/preview', [ForecastController::class, 'media'])->name('forecast.media');
                Route::post('/path/preview', [PathController::class, 'preview'])->name('path.preview');
                Route::post('/path/water/preview', [WaterController::class, 'preview'])->name('water.preview');
                Route::post('/path/styles/preview', [StyleController::class, 'preview'])->name('styles.preview');
                Route::post('/section/preview', [SectionController::class, 'preview'])->name('section.preview');
                Route::post('/section/build/preview', [BuildController::class, 'preview'])->name('build.preview');
            });
        });
        Route::middleware('can:journal,system')->group(function () use ($preview): void {
            Route::post('/journal/understand', [JournalController::class, 'understand'])
                ->middleware($preview)
                ->name('journal.understand');
            Route::get('/care/sitters', [SitterController::class, 'index'])->name('sitters.index');
            Route::post('/care/sitters', [SitterController::class, 'store'])->name('sitters.store');
            Route::delete('/care/sitters/{sitter}', [SitterController::class, 'destroy'])->name('sitters.destroy');
            Route::put('/trials/{trial}/readings', [TrialSheetController::class, 'update'])->name('trials.read');
            Route::post('/trials/{trial}/table', [TrialSheetController::class, 'import'])->name('trials.import');
            Route::post('/trials/{trial}/switches/{planned}', [TankTrialController::class, 'made'])
                ->whereNumber('planned')->name('trials.switch');
            Route::put('/trials/{trial}/change', [TankTrialController::class, 'pick'])->name('trials.pick');
            Route::put('/trials/{trial}/lessons', [TrialController::class, 'learn'])->name('trials.learn');
            Route::post('/care/stock/{supply}/{what}', [StockController::class, 'record'])
                ->whereIn('what', ['counted', 'bought', 'binned'])->name('stock.record');
            Route::post('/care/incidents', [IncidentController::class, 'store'])->name('incidents.store');
            Route::post('/care/first-hour', [IncidentController::class, 'firstHour'])->name('first-hour.store');
            Route::post('/journal', [JournalController::class, 'store'])->name('journal.store');
            Route::get('/journal/{entry}', [EntryController::class, 'show'])->name('entry.show');
            Route::put('/journal/{entry}', [EntryController::class, 'update'])->name('entry.update');
            Route::delete('/journal/{entry}', [JournalController::class, 'destroy'])->name('journal.destroy');
            Route::post('/journal/undo/{batch}', [JournalController::class, 'undo'])->name('journal.undo');
            Route::post('/bin/{entry}/restore', [BinController::class, 'restore'])->name('bin.restore');
            Route::post('/bin/batch/{batch}/restore', [BinController::class, 'restoreBatch'])->name(
                'bin.restore-batch',
            );
            Route::post('/photos', [PhotoController::class, 'store'])->name('photos.store');
            Route::delete('/photos/{photo}', [PhotoController::class, 'destroy'])->name('photos.destroy');
            Route::post('/photos/{photo}/restore', [PhotoController::class, 'restore'])->name('photos.restore');
            Route::post('/forecast/courses', [CourseController::class, 'store'])->name('courses.store');
            Route::post('/forecast/courses/{course}/plan', [CourseController::class, 'plan'])->name('courses.plan');
            Route::delete('/forecast/courses/{course}', [CourseController::class, 'destroy'])->name('courses.destroy');
            Route::post('/forecast/courses/{course}/restore', [CourseController::class, 'restore'])
                ->name('courses.restore');
            Route::post('/media', [MediaController::class, 'store'])->name('media.store');
            Route::put('/media/school', [MediaController::class, 'school'])->name('media.school');
            Route::post('/media/ramp', [MediaController::class, 'begin'])->name('ramps.begin');
            Route::delete('/media/ramp/{ramp}', [MediaController::class, 'end'])->name('ramps.end');
            Route::put('/target', [TargetController::class, 'update'])->name('target.update');
            Route::post('/alerts', [AlertController::class, 'store'])->name('alerts.store');
            Route::delete('/alerts', [AlertController::class, 'destroy'])->name('alerts.destroy');
            Route::get('/import', [ImportController::class, 'create'])->name('import.create');
            Route::post('/import', [ImportController::class, 'store'])->name('import.store');
            Route::get('/import/{upload}', [ImportController::class, 'show'])->name('import.show');
            Route::post('/import/{upload}', [ImportController::class, 'confirm'])->name('import.confirm');
        });
        Route::middleware('can:design,system')->group(function () use ($preview): void {
            Route::post('/trials', [TrialController::class, 'store'])->name('trials.store');
            Route::post('/trials/{trial}/start', [TrialController::class, 'start'])->name('trials.start');
            Route::post('/trials/{trial}/amendments', [TrialController::class, 'amend'])->name('trials.amend');
            Route::post('/trials/{trial}/end', [TrialController::class, 'end'])->name('trials.end');
            Route::delete('/trials/{trial}', [TrialController::class, 'destroy'])->name('trials.destroy');
            Route::post('/trials/{trial}/restore', [TrialController::class, 'restore'])->name('trials.restore');
            Route::post('/care/stock', [StockController::class, 'store'])->name('stock.store');
            Route::put('/care/stock/{supply}', [StockController::class, 'update'])->name('stock.update');
            Route::delete('/care/stock/{supply}', [StockController::class, 'destroy'])->name('stock.destroy');
            Route::post('/care/stock/{supply}/restore', [StockController::class, 'restore'])->name('stock.restore');
            Route::put('/care/plan', [CareController::class, 'plan'])->name('care.plan');
            Route::put('/care/{chore}', [CareController::class, 'interval'])->name('care.interval');
            Route::put('/care/{chore}/doer', [CareController::class, 'doer'])->name('care.doer');
            Route::put('/path/water', [WaterController::class, 'update'])->name('water.update');
            Route::put('/path/styles', [StyleController::class, 'update'])->name('styles.update');
            Route::post('/drafts', [DraftController::class, 'store'])->name('drafts.store');
            Route::post('/drafts/import', [DraftController::class, 'import'])->name('drafts.import');
            Route::put('/drafts/{draft}', [DraftController::class, 'update'])->name('drafts.update');
            Route::delete('/drafts/{draft}', [DraftController::class, 'destroy'])->name('drafts.destroy');
            Route::post('/drafts/{draft}/restore', [DraftController::class, 'restore'])->name('drafts.restore');
            Route::post('/drafts/{draft}/in-force', [DraftController::class, 'force'])->name('drafts.force');
            Route::post('/path-revisions/{revision}/take-back', [PathRevisionController::class, 'takeBack'])->name(
                'path-revisions.take-back',
            );
            Route::post('/path-revisions/{revision}/restore', [PathRevisionController::class, 'restore'])->name(
                'path-revisions.restore',
            );
            Route::post('/section/open', [SectionController::class, 'open'])
                ->middleware($preview)
                ->name('section.open');
            Route::put('/section', [SectionController::class, 'update'])->name('section.update');
            Route::post('/section/in-force', [SectionController::class, 'force'])->name('section.force');
            Route::post('/sump-revisions/{revision}/take-back', [SumpRevisionController::class, 'takeBack'])->name(
                'sump-revisions.take-back',
            );
            Route::post('/sump-revisions/{revision}/restore', [SumpRevisionController::class, 'restore'])->name(
                'sump-revisions.restore',
            );
            Route::put('/section/build', [BuildController::class, 'update'])->name('build.update');
            Route::put('/assumptions/{key}', [AssumptionController::class, 'update'])->name('assumptions.update');
            Route::post('/assumptions/{key}', [AssumptionController::class, 'update'])->name('assumptions.restore');
            Route::delete('/assumptions/{key}', [AssumptionController::class, 'destroy'])->name('assumptions.destroy');
        });
        Route::middleware('can:own,system')->delete('/', [SystemController::class, 'destroy'])->name('systems.destroy');
    });
});
