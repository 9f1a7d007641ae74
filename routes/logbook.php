<?php

declare(strict_types=1);

use App\Http\Controllers\Logbook\InstrumentController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/logbook')->name('logbook.')->scopeBindings()->middleware('can:view,event')->group(function (): void {
    Route::get('instruments', [InstrumentController::class, 'index'])->name('instruments');
    Route::middleware('can:update,event')->group(function (): void {
        Route::post('instruments', [InstrumentController::class, 'store'])->name('instruments.store');
        Route::get('instruments/{instrumentLog}', [InstrumentController::class, 'edit'])->name('instruments.edit');
        Route::put('instruments/{instrumentLog}', [InstrumentController::class, 'update'])->name('instruments.update');
        Route::delete('instruments/{instrumentLog}', [InstrumentController::class, 'destroy'])->name('instruments.destroy');
        Route::post('instruments/{instrumentLog}/restore', [InstrumentController::class, 'restore'])->name('instruments.restore');
    });
});
