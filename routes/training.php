<?php

declare(strict_types=1);

use App\Http\Controllers\Training\ExerciseController;
use App\Http\Controllers\Training\PrintedController;
use App\Http\Controllers\Training\QueueCardController;
use App\Http\Controllers\Training\TeachersKitController;
use App\Http\Controllers\Training\TrainingController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/training')->name('training.')->middleware('can:view,event')->group(function (): void {
    Route::get('/', [TrainingController::class, 'index'])->name('index');
    Route::get('crew', [TrainingController::class, 'crew'])->name('crew');
    Route::get('cards/{trainingDuty}', [ExerciseController::class, 'cards'])->name('cards');
    Route::get('scenes/{exercise}', [ExerciseController::class, 'scene'])->name('scene');
    Route::get('steps/{exercise}', [ExerciseController::class, 'steps'])->name('steps');
    Route::get('lenses', [ExerciseController::class, 'lenses'])->name('lenses');
    Route::get('drill', [ExerciseController::class, 'drill'])->name('drill');
    Route::post('results', [ExerciseController::class, 'store'])->name('results');

    Route::get('printed', [PrintedController::class, 'index'])->name('printed');
    Route::get('handout-{handoutPrint}-{sheetPaper}.pdf', [PrintedController::class, 'handout'])->name('handout');
    Route::get('letter-{sheetPaper}.pdf', [PrintedController::class, 'letter'])->name('letter');
    Route::get('signs-{sheetPaper}.pdf', [PrintedController::class, 'signs'])->name('signs');
    Route::get('demonstrations-{sheetPaper}.pdf', [PrintedController::class, 'demonstrations'])->name('demonstrations');
    Route::get('crew-{sheetPaper}.pdf', [PrintedController::class, 'crew'])->name('crew.print');
    Route::get('queue-{sheetPaper}.pdf', [PrintedController::class, 'queue'])->name('queue.print');
    Route::get('kit', [TeachersKitController::class, 'index'])->name('kit');
    Route::get('kit/{placeBundle}', [TeachersKitController::class, 'show'])->name('kit.show')->scopeBindings();
    Route::get('kit/{placeBundle}/{position}/{bundledFile}', [TeachersKitController::class, 'file'])->name('kit.file')->scopeBindings();
    Route::middleware('can:update,event')->prefix('queue')->name('queue.')->group(function (): void {
        Route::post('/', [QueueCardController::class, 'store'])->name('store');
        Route::post('usual', [QueueCardController::class, 'usual'])->name('usual');
        Route::put('{queueCard}', [QueueCardController::class, 'update'])->name('update')->can('view', 'queueCard');
        Route::delete('{queueCard}', [QueueCardController::class, 'destroy'])->name('destroy')->can('view', 'queueCard');
        Route::post('{queueCard}/restore', [QueueCardController::class, 'restore'])->name('restore')->withTrashed()->can('view', 'queueCard');
    });
});
