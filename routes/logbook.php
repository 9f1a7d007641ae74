<?php

declare(strict_types=1);

use App\Http\Controllers\Logbook\AfterController;
use App\Http\Controllers\Logbook\DatasetController;
use App\Http\Controllers\Logbook\EyeController;
use App\Http\Controllers\Logbook\IncidentController;
use App\Http\Controllers\Logbook\InstrumentController;
use App\Http\Controllers\Logbook\LogController;
use App\Http\Controllers\Logbook\PictureController;
use App\Http\Controllers\Logbook\ReportController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/logbook')->name('logbook.')->scopeBindings()->middleware('can:view,event')->group(function (): void {
    Route::get('/', [LogController::class, 'show'])->name('show');
    Route::get('log.csv', [LogController::class, 'csv'])->name('csv');
    Route::get('sheets/{observationKind}/{sheetPaper}.pdf', [LogController::class, 'sheet'])->name('sheet');
    Route::get('pictures', [PictureController::class, 'index'])->name('pictures');
    Route::get('pictures/{logPicture}', [PictureController::class, 'show'])->name('pictures.show');
    Route::get('sites', [InstrumentController::class, 'sites'])->name('sites');
    Route::get('report', [ReportController::class, 'show'])->name('report');
    Route::get('report/{sheetPaper}.pdf', [ReportController::class, 'pdf'])->name('report.pdf');
    Route::get('dataset', [DatasetController::class, 'show'])->name('dataset');
    Route::get('dataset/observations.csv', [DatasetController::class, 'csv'])->name('dataset.csv');
    Route::get('dataset/datapackage.json', [DatasetController::class, 'json'])->name('dataset.json');
    Route::get('after', [AfterController::class, 'show'])->name('after');
    Route::get('incidents/{incident}', [IncidentController::class, 'show'])->name('incidents.show');
    Route::get('incidents', [IncidentController::class, 'index'])->name('incidents');
    Route::get('instruments', [InstrumentController::class, 'index'])->name('instruments');
    Route::middleware('can:update,event')->group(function (): void {
        Route::post('pictures', [PictureController::class, 'store'])->name('pictures.store');
        Route::delete('pictures/{logPicture}', [PictureController::class, 'destroy'])->name('pictures.destroy');
        Route::post('pictures/{logPicture}/restore', [PictureController::class, 'restore'])->name('pictures.restore')->withTrashed();
        Route::put('report', [ReportController::class, 'update'])->name('report.update');
        Route::post('after', [AfterController::class, 'tick'])->name('after.tick');
        Route::get('eyes', [EyeController::class, 'index'])->name('eyes');
        Route::get('eyes/create', [EyeController::class, 'create'])->name('eyes.create');
        Route::post('eyes', [EyeController::class, 'store'])->name('eyes.store');
        Route::get('eyes/{eyeReport}', [EyeController::class, 'show'])->name('eyes.show');
        Route::get('eyes/{eyeReport}/edit', [EyeController::class, 'edit'])->name('eyes.edit');
        Route::put('eyes/{eyeReport}', [EyeController::class, 'update'])->name('eyes.update');
        Route::post('eyes/{eyeReport}/seen', [EyeController::class, 'seen'])->name('eyes.seen');
        Route::post('eyes/{eyeReport}/close', [EyeController::class, 'close'])->name('eyes.close');
        Route::post('eyes/{eyeReport}/reopen', [EyeController::class, 'reopen'])->name('eyes.reopen');
        Route::delete('eyes/{eyeReport}', [EyeController::class, 'destroy'])->name('eyes.destroy');
        Route::get('eyes/{eyeReport}/sheet-{sheetPaper}.pdf', [EyeController::class, 'sheet'])->name('eyes.sheet');
        Route::get('incidents/create', [IncidentController::class, 'create'])->name('incidents.create');
        Route::post('incidents', [IncidentController::class, 'store'])->name('incidents.store');
        Route::get('incidents/{incident}/edit', [IncidentController::class, 'edit'])->name('incidents.edit');
        Route::post('incidents/{incident}', [IncidentController::class, 'correct'])->name('incidents.correct');
        Route::delete('incidents/{incident}', [IncidentController::class, 'takeOut'])->name('incidents.destroy');
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
