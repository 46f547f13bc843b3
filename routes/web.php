<?php

declare(strict_types=1);

use App\Http\Controllers\BinController;
use App\Http\Controllers\FirstRunController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\JournalController;
use App\Http\Controllers\PathController;
use App\Http\Controllers\ReadingsExportController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SystemController;
use App\Http\Middleware\ReadOnlySession;
use Illuminate\Support\Facades\Route;

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

    Route::get('/systems/create', [SystemController::class, 'create'])->name('systems.create');
    Route::post('/systems', [SystemController::class, 'store'])->name('systems.store');
    Route::post('/systems/{id}/restore', [SystemController::class, 'restore'])->whereNumber('id')->name('systems.restore');
    Route::post('/tank-preview', [PathController::class, 'preview'])->middleware([ReadOnlySession::class, 'throttle:preview'])->name('tank.preview');

    Route::prefix('/systems/{system}')->whereNumber(['system', 'entry'])->group(function (): void {
        Route::middleware('can:view,system')->group(function (): void {
            Route::get('/path', [PathController::class, 'show'])->name('path.show');
            Route::get('/journal', [JournalController::class, 'show'])->name('journal.show');
            Route::get('/bin', [BinController::class, 'show'])->name('bin.show');
            Route::get('/readings.csv', ReadingsExportController::class)->name('readings.export');
        });
        Route::middleware('can:update,system')->group(function (): void {
            Route::put('/path', [PathController::class, 'update'])->name('path.update');
            Route::post('/journal/understand', [JournalController::class, 'understand'])->middleware([ReadOnlySession::class, 'throttle:preview'])->name('journal.understand');
            Route::post('/journal', [JournalController::class, 'store'])->name('journal.store');
            Route::delete('/journal/{entry}', [JournalController::class, 'destroy'])->name('journal.destroy');
            Route::post('/journal/undo/{batch}', [JournalController::class, 'undo'])->name('journal.undo');
            Route::post('/bin/{entry}/restore', [BinController::class, 'restore'])->name('bin.restore');
            Route::post('/bin/batch/{batch}/restore', [BinController::class, 'restoreBatch'])->name('bin.restore-batch');
            Route::get('/import', [ImportController::class, 'create'])->name('import.create');
            Route::post('/import', [ImportController::class, 'store'])->name('import.store');
            Route::get('/import/{upload}', [ImportController::class, 'show'])->name('import.show');
            Route::post('/import/{upload}', [ImportController::class, 'confirm'])->name('import.confirm');
        });
        Route::delete('/', [SystemController::class, 'destroy'])->middleware('can:delete,system')->name('systems.destroy');
    });
});
