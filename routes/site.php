<?php

declare(strict_types=1);

use App\Http\Controllers\Site\PlanController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/site')->name('site.')->scopeBindings()->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [PlanController::class, 'show'])->name('show');
        Route::get('look', [PlanController::class, 'look'])->name('look');
        Route::get('shade', [PlanController::class, 'shade'])->name('shade');
    });
    Route::middleware('can:update,event')->group(function (): void {
        Route::put('/', [PlanController::class, 'update'])->name('update');
        Route::post('undo', [PlanController::class, 'undo'])->name('undo');
        Route::post('redo', [PlanController::class, 'redo'])->name('redo');
    });
});
