<?php

declare(strict_types=1);

use App\Http\Controllers\Site\DoorwayController;
use App\Http\Controllers\Site\FileController;
use App\Http\Controllers\Site\MirrorController;
use App\Http\Controllers\Site\PlanController;
use App\Http\Controllers\Site\PositionController;
use App\Http\Controllers\Site\ShadowController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/site')->name('site.')->scopeBindings()->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [PlanController::class, 'show'])->name('show');
        Route::get('spot-view', [PlanController::class, 'spotView'])->name('spot-view');
        Route::get('doorway', DoorwayController::class)->name('doorway');
        Route::get('mirror', MirrorController::class)->name('mirror');
        Route::get('shadows', ShadowController::class)->name('shadows');
        Route::get('files', [FileController::class, 'index'])->name('files');
        Route::get('plan.geojson', [FileController::class, 'geoJson'])->name('geojson');
        Route::get('plan.gpx', [FileController::class, 'gpx'])->name('gpx');
        Route::get('horizon.csv', [FileController::class, 'horizon'])->name('horizon');
        Route::get('position/{positionReading}', [PositionController::class, 'show'])->name('position.show');
        Route::get('shade', [PlanController::class, 'shade'])->name('shade');
    });
    Route::middleware('can:update,event')->group(function (): void {
        Route::put('/', [PlanController::class, 'update'])->name('update');
        Route::post('import', [FileController::class, 'import'])->name('import');
        Route::post('position/read', [PositionController::class, 'read'])->name('position.read');
        Route::post('position', [PositionController::class, 'use'])->name('position.use');
        Route::post('sighting', [PlanController::class, 'sighting'])->name('sighting');
        Route::post('undo', [PlanController::class, 'undo'])->name('undo');
        Route::post('redo', [PlanController::class, 'redo'])->name('redo');
    });
});
