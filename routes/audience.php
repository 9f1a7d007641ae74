<?php

declare(strict_types=1);

use App\Http\Controllers\Audience\AudienceController;
use App\Http\Controllers\Audience\CrowdController;
use App\Http\Controllers\Audience\GroupController;
use App\Http\Controllers\Audience\ListController;
use App\Http\Controllers\Audience\MethodsController;
use App\Http\Controllers\Audience\StationController;
use App\Http\Controllers\Audience\StripController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/audience')->name('audience.')->scopeBindings()->group(function (): void {
    Route::get('/', [AudienceController::class, 'index'])->name('index')->can('view', 'event');
    Route::get('methods', MethodsController::class)->name('methods')->can('view', 'event');
    Route::get('phase-strip', [StripController::class, 'show'])->name('strip')->can('view', 'event');
    Route::get('phase-strip-{sheetPaper}.pdf', [StripController::class, 'sheet'])->name('strip.sheet')->can('view', 'event');
    Route::get('queues', CrowdController::class)->name('crowd')->can('view', 'event');
    Route::get('stations', [StationController::class, 'index'])->name('stations')->can('view', 'event');
    Route::get('list', [ListController::class, 'index'])->name('list')->can('view', 'event');
    Route::get('list.csv', [ListController::class, 'csv'])->name('list.csv')->can('view', 'event');
    Route::middleware('can:update,event')->group(function (): void {
        Route::post('list', [ListController::class, 'tick'])->name('tick');
        Route::put('policy', [AudienceController::class, 'policy'])->name('policy');
        Route::get('create', [GroupController::class, 'create'])->name('create');
        Route::get('stations/{method}', [StationController::class, 'edit'])->name('stations.edit');
        Route::put('stations/{method}', [StationController::class, 'update'])->name('stations.update');
        Route::post('/', [GroupController::class, 'store'])->name('store');
        Route::get('{audienceGroup}/edit', [GroupController::class, 'edit'])->name('edit');
        Route::put('{audienceGroup}', [GroupController::class, 'update'])->name('update');
        Route::put('{audienceGroup}/methods', [GroupController::class, 'choose'])->name('choose');
        Route::delete('{audienceGroup}', [GroupController::class, 'destroy'])->name('destroy');
        Route::post('{audienceGroup}/restore', [GroupController::class, 'restore'])->name('restore')->withTrashed();
    });
});
