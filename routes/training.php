<?php

declare(strict_types=1);

use App\Http\Controllers\Training\ExerciseController;
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
});
