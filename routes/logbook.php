<?php

declare(strict_types=1);

use App\Http\Controllers\Logbook\IncidentController;
use App\Http\Controllers\Logbook\InstrumentController;
use App\Http\Controllers\Logbook\LogController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/logbook')->name('logbook.')->scopeBindings()->middleware('can:view,event')->group(function (): void {
    Route::get('/', [LogController::class, 'show'])->name('show');
    Route::get('log.csv', [LogController::class, 'csv'])->name('csv');
    Route::get('sheets/{observationKind}/{sheetPaper}.pdf', [LogController::class, 'sheet'])->name('sheet');
    Route::get('incidents/{incident}', [IncidentController::class, 'show'])->name('incidents.show');
    Route::get('incidents', [IncidentController::class, 'index'])->name('incidents');
    Route::get('instruments', [InstrumentController::class, 'index'])->name('instruments');
    Route::middleware('can:update,event')->group(function (): void {
        Route::get('incidents/create', [IncidentController::class, 'create'])->name('incidents.create');
        Route::post('incidents', [IncidentController::class, 'store'])->name('incidents.store');
        Route::get('incidents/{incident}/edit', [IncidentController::class, 'edit'])->name('incidents.edit');
        Route::post('incidents/{incident}', [IncidentController::class, 'correct'])->name('incidents.correct');
        Route::get('paper', [LogController::class, 'paper'])->name('paper');
        Route::post('paper', [LogController::class, 'store'])->name('paper.store');
        Route::get('lines/{dayEntry}', [LogController::class, 'edit'])->name('lines.edit');
        Route::post('lines/{dayEntry}', [LogController::class, 'correct'])->name('lines.correct');
        Route::delete('lines/{dayEntry}', [LogController::class, 'takeOut'])->name('lines.destroy');
        Route::post('instruments', [InstrumentController::class, 'store'])->name('instruments.store');
        Route::get('instruments/{instrumentLog}', [InstrumentController::class, 'edit'])->name('instruments.edit');
        Route::put('instruments/{instrumentLog}', [InstrumentController::class, 'update'])->name('instruments.update');
        Route::delete('instruments/{instrumentLog}', [InstrumentController::class, 'destroy'])->name('instruments.destroy');
        Route::post('instruments/{instrumentLog}/restore', [InstrumentController::class, 'restore'])->name('instruments.restore');
    });
});
