<?php

declare(strict_types=1);

use App\Http\Controllers\RunSheet\CueController;
use App\Http\Controllers\RunSheet\FileController;
use App\Http\Controllers\RunSheet\SheetController;
use App\Http\Controllers\RunSheet\SubscriptionController;
use App\Http\Controllers\RunSheet\TemplateController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/run-sheet')->name('runsheet.')->scopeBindings()->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [SheetController::class, 'show'])->name('show');
        Route::get('run-sheet.ics', [FileController::class, 'calendar'])->name('calendar');
        Route::get('run-sheet.csv', [FileController::class, 'csv'])->name('csv');
        Route::get('run-sheet.json', [FileController::class, 'json'])->name('json');
        Route::get('wall-{wall}.pdf', [FileController::class, 'wall'])->name('wall');
    });
    Route::middleware('can:update,event')->group(function (): void {
        Route::get('cues/create', [CueController::class, 'create'])->name('create');
        Route::get('cues/{cue}/edit', [CueController::class, 'edit'])->name('edit');
        Route::post('cues', [CueController::class, 'save'])->name('save');
        Route::put('cues/{cue}/move', [SheetController::class, 'move'])->name('move');
        Route::delete('cues/{cue}', [CueController::class, 'destroy'])->name('destroy');
        Route::post('propose', [SheetController::class, 'propose'])->name('propose');
        Route::post('import', [TemplateController::class, 'import'])->name('import');
        Route::post('templates', [TemplateController::class, 'store'])->name('templates.store');
        Route::post('templates/{sheetTemplate}/use', [TemplateController::class, 'use'])->name('templates.use');
        Route::delete('templates/{sheetTemplate}', [TemplateController::class, 'destroy'])->name('templates.destroy');
        Route::post('address', [SubscriptionController::class, 'store'])->name('address.store');
        Route::delete('address', [SubscriptionController::class, 'destroy'])->name('address.destroy');
        Route::put('hours', [SheetController::class, 'hours'])->name('hours');
        Route::post('undo', [SheetController::class, 'undo'])->name('undo');
        Route::post('redo', [SheetController::class, 'redo'])->name('redo');
    });
});
