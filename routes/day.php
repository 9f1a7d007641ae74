<?php

declare(strict_types=1);

use App\Http\Controllers\Day\DayController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/day')->name('day.')->middleware('can:view,event')->group(function (): void {
    Route::get('/', [DayController::class, 'show'])->name('show');
    Route::get('pack', [DayController::class, 'pack'])->name('pack');
    Route::get('live', [DayController::class, 'live'])->name('live');
    Route::post('entries', [DayController::class, 'store'])->name('entries');
});
