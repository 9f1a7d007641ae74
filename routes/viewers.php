<?php

declare(strict_types=1);

use App\Http\Controllers\Viewers\BuildController;
use App\Http\Controllers\Viewers\DesignFileController;
use App\Http\Controllers\Viewers\TrialController;
use App\Http\Controllers\Viewers\ViewerController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/viewers')->name('viewers.')->scopeBindings()->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [ViewerController::class, 'index'])->name('index');
        Route::get('preview', [ViewerController::class, 'preview'])->name('preview');
        Route::get('compare', [ViewerController::class, 'compare'])->name('compare');
        Route::get('image', [ViewerController::class, 'image'])->name('image');
        Route::get('{viewer}', [ViewerController::class, 'show'])->name('show');
        Route::get('{viewer}/build', [BuildController::class, 'show'])->name('build');
        Route::get('{viewer}/parts-{paper}.pdf', [BuildController::class, 'pdf'])->name('pdf');
        Route::get('{viewer}/part-{part}.svg', [BuildController::class, 'svg'])->name('svg');
        Route::get('{viewer}/tried', [TrialController::class, 'index'])->name('trials');
        Route::get('{viewer}/tried/{viewerTrial}/photo', [TrialController::class, 'photo'])->name('trials.photo');
        Route::get('{viewer}/design.json', [DesignFileController::class, 'show'])->name('file');
    });
    Route::middleware('can:update,event')->group(function (): void {
        Route::get('create', [ViewerController::class, 'create'])->name('create');
        Route::post('/', [ViewerController::class, 'store'])->name('store');
        Route::put('{viewer}', [ViewerController::class, 'update'])->name('update');
        Route::put('{viewer}/wanted', [ViewerController::class, 'wanted'])->name('wanted');
        Route::delete('{viewer}', [ViewerController::class, 'destroy'])->name('destroy');
        Route::post('file', [DesignFileController::class, 'store'])->name('file.store');
        Route::post('outline', [DesignFileController::class, 'outline'])->name('outline');
        Route::post('{viewer}/tried', [TrialController::class, 'store'])->name('trials.store');
        Route::post('{viewer}/tried/{viewerTrial}/void', [TrialController::class, 'void'])->name('trials.void');
        Route::post('{viewer}/copy', [DesignFileController::class, 'copy'])->name('copy');
        Route::post('{viewer}/restore', [ViewerController::class, 'restore'])->name('restore')->withTrashed();
    });
});
