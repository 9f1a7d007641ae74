<?php

declare(strict_types=1);

use App\Http\Controllers\Eyewear\LotController;
use App\Http\Controllers\Eyewear\MeasureController;
use App\Http\Controllers\Eyewear\PairCheckController;
use App\Http\Controllers\Eyewear\ScanController;
use App\Models\Eyewear\Lot;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/glasses')->name('eyewear.')->middleware('can:view,event')->group(function (): void {
    Route::get('/', [LotController::class, 'index'])->name('index');
    Route::get('measure', MeasureController::class)->name('measure');
    Route::get('create', [LotController::class, 'create'])->name('create')->can('create', Lot::class);
    Route::post('/', [LotController::class, 'store'])->name('store')->can('create', Lot::class);
    Route::get('{lot}', [LotController::class, 'show'])->name('show')->can('view', 'lot');
    Route::get('{lot}/edit', [LotController::class, 'edit'])->name('edit')->can('update', 'lot');
    Route::put('{lot}', [LotController::class, 'update'])->name('update')->can('update', 'lot');
    Route::get('{lot}/scans', [ScanController::class, 'index'])->name('scans')->can('view', 'lot');
    Route::post('{lot}/scans', [ScanController::class, 'store'])->name('scans.store')->can('update', 'lot');
    Route::delete('{lot}/scans/{lotScan}', [ScanController::class, 'destroy'])->name('scans.destroy')->can('update', 'lot');
    Route::post('{lot}/scans/{lotScan}/restore', [ScanController::class, 'restore'])->name('scans.restore')->withTrashed()->can('update', 'lot');
    Route::post('{lot}/checks', [PairCheckController::class, 'store'])->name('checks.store')->can('check', 'lot');
    Route::post('{lot}/checks/{pairCheck}/take-back', [PairCheckController::class, 'takeBack'])->name('checks.take-back')->can('check', 'lot');
});
