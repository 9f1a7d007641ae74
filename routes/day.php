<?php

declare(strict_types=1);

use App\Http\Controllers\Day\DayController;
use App\Http\Controllers\Day\PublicController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/day')->name('day.')->middleware('can:view,event')->group(function (): void {
    Route::get('/', [DayController::class, 'show'])->name('show');
    Route::get('pack', [DayController::class, 'pack'])->name('pack');
    Route::get('live', [DayController::class, 'live'])->name('live');
    Route::get('public', [PublicController::class, 'manage'])->name('for-all');
    Route::get('public/sheet', [PublicController::class, 'sheet'])->name('for-all.sheet');
    Route::post('public', [PublicController::class, 'open'])->name('for-all.open')->can('update', 'event');
    Route::delete('public', [PublicController::class, 'close'])->name('for-all.close')->can('update', 'event');
    Route::post('entries', [DayController::class, 'store'])->name('entries');
});

Route::get('events/{event}/day-worker.js', [DayController::class, 'worker'])->name('day.worker')->can('view', 'event');
