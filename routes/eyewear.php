<?php

declare(strict_types=1);

use App\Http\Controllers\Eyewear\HoldController;
use App\Http\Controllers\Eyewear\LotController;
use App\Http\Controllers\Eyewear\LotFileController;
use App\Http\Controllers\Eyewear\MeasureController;
use App\Http\Controllers\Eyewear\MeterReadingController;
use App\Http\Controllers\Eyewear\PairCheckController;
use App\Http\Controllers\Eyewear\PairController;
use App\Http\Controllers\Eyewear\ScanController;
use App\Http\Controllers\Eyewear\StationController;
use App\Http\Controllers\Eyewear\StockController;
use App\Http\Controllers\Eyewear\SupplierController;
use App\Http\Controllers\Eyewear\TableController;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\Supplier;
use Illuminate\Support\Facades\Route;

// What the code of a label holds: it stays right from event to event.
Route::get('tags/{lot}/{tag}', [PairController::class, 'find'])->name('eyewear.tag')->can('view', 'lot');
Route::prefix('events/{event}/glasses')->name('eyewear.')->middleware('can:view,event')->group(function (): void {
    Route::get('/', [LotController::class, 'index'])->name('index');
    Route::get('measure', MeasureController::class)->name('measure');
    Route::get('create', [LotController::class, 'create'])->name('create')->can('create', Lot::class);
    Route::post('/', [LotController::class, 'store'])->name('store')->can('create', Lot::class);
    Route::get('lots.csv', [TableController::class, 'lots'])->name('csv');
    Route::post('lots', [TableController::class, 'store'])->name('csv.store')->can('create', Lot::class);
    Route::get('inspections.csv', [TableController::class, 'checks'])->name('checks.csv');
    Route::get('spectra', [ScanController::class, 'several'])->name('spectra');
    Route::get('stock', [StockController::class, 'show'])->name('stock');
    Route::post('stock', [StockController::class, 'store'])->name('stock.store')->can('count', Lot::class);
    Route::post('stock/{stockEntry}/take-back', [StockController::class, 'takeBack'])->name('stock.take-back')->can('count', Lot::class);
    Route::get('suppliers', [SupplierController::class, 'index'])->name('suppliers');
    Route::get('suppliers/create', [SupplierController::class, 'create'])->name('suppliers.create')->can('create', Supplier::class);
    Route::post('suppliers', [SupplierController::class, 'store'])->name('suppliers.store')->can('create', Supplier::class);
    Route::get('suppliers/{supplier}/edit', [SupplierController::class, 'edit'])->name('suppliers.edit')->can('update', 'supplier');
    Route::put('suppliers/{supplier}', [SupplierController::class, 'update'])->name('suppliers.update')->can('update', 'supplier');
    Route::get('{lot}', [LotController::class, 'show'])->name('show')->can('view', 'lot');
    Route::get('{lot}/edit', [LotController::class, 'edit'])->name('edit')->can('update', 'lot');
    Route::put('{lot}', [LotController::class, 'update'])->name('update')->can('update', 'lot');
    Route::get('{lot}/papers', [LotController::class, 'papers'])->name('papers')->can('view', 'lot');
    Route::post('{lot}/files', [LotFileController::class, 'store'])->name('files.store')->can('update', 'lot');
    Route::get('{lot}/files/{lotFile}', [LotFileController::class, 'show'])->name('files.show')->can('view', 'lot');
    Route::delete('{lot}/files/{lotFile}', [LotFileController::class, 'destroy'])->name('files.destroy')->can('update', 'lot');
    Route::post('{lot}/files/{lotFile}/restore', [LotFileController::class, 'restore'])->name('files.restore')->withTrashed()->can('update', 'lot');
    Route::post('{lot}/holds', [HoldController::class, 'store'])->name('holds.store')->can('update', 'lot');
    Route::post('{lot}/holds/lift', [HoldController::class, 'lift'])->name('holds.lift')->can('update', 'lot');
    Route::get('{lot}/scans', [ScanController::class, 'index'])->name('scans')->can('view', 'lot');
    Route::post('{lot}/scans', [ScanController::class, 'store'])->name('scans.store')->can('update', 'lot');
    Route::delete('{lot}/scans/{lotScan}', [ScanController::class, 'destroy'])->name('scans.destroy')->can('update', 'lot');
    Route::post('{lot}/scans/{lotScan}/restore', [ScanController::class, 'restore'])->name('scans.restore')->withTrashed()->can('update', 'lot');
    Route::post('{lot}/readings', [MeterReadingController::class, 'store'])->name('readings.store')->can('update', 'lot');
    Route::delete('{lot}/readings/{meterReading}', [MeterReadingController::class, 'destroy'])->name('readings.destroy')->can('update', 'lot');
    Route::post('{lot}/readings/{meterReading}/restore', [MeterReadingController::class, 'restore'])->name('readings.restore')->withTrashed()->can('update', 'lot');
    Route::get('{lot}/labels', [PairController::class, 'labels'])->name('labels')->can('view', 'lot');
    Route::get('{lot}/pairs/{tag}', [PairController::class, 'show'])->name('pair')->can('view', 'lot');
    Route::get('{lot}/station', [StationController::class, 'show'])->name('station')->can('check', 'lot');
    Route::post('{lot}/trays', [StationController::class, 'take'])->name('trays.take')->can('check', 'lot');
    Route::post('{lot}/trays/release', [StationController::class, 'release'])->name('trays.release')->can('check', 'lot');
    Route::post('{lot}/entries', [StationController::class, 'store'])->name('entries.store')->can('check', 'lot');
    Route::post('{lot}/checks', [PairCheckController::class, 'store'])->name('checks.store')->can('check', 'lot');
    Route::post('{lot}/checks/{pairCheck}/take-back', [PairCheckController::class, 'takeBack'])->name('checks.take-back')->can('check', 'lot');
});
