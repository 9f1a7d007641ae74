<?php

declare(strict_types=1);

use App\Http\Controllers\Photo\CardController;
use App\Http\Controllers\Photo\CompositeController;
use App\Http\Controllers\Photo\CueController;
use App\Http\Controllers\Photo\FilterController;
use App\Http\Controllers\Photo\KitController;
use App\Http\Controllers\Photo\PlanController;
use App\Models\Photo\KitItem;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/photographs')->name('photo.')->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [PlanController::class, 'index'])->name('index');
        Route::get('preview', [PlanController::class, 'preview'])->name('preview');
        Route::get('composite', CompositeController::class)->name('composite');
        Route::get('kit', [KitController::class, 'index'])->name('kit');
        Route::get('kit/create/{kitKind}', [KitController::class, 'create'])->name('kit.create')->can('create', KitItem::class);
        Route::post('kit', [KitController::class, 'store'])->name('kit.store')->can('create', KitItem::class);
        Route::get('kit/{kitItem}/edit', [KitController::class, 'edit'])->name('kit.edit')->can('update', 'kitItem');
        Route::put('kit/{kitItem}', [KitController::class, 'update'])->name('kit.update')->can('update', 'kitItem');
        Route::delete('kit/{kitItem}', [KitController::class, 'destroy'])->name('kit.destroy')->can('update', 'kitItem');
        Route::post('kit/{kitItem}/restore', [KitController::class, 'restore'])->name('kit.restore')->withTrashed()->can('update', 'kitItem');
        Route::get('kit/{kitItem}/filter', [FilterController::class, 'show'])->name('filter')->can('view', 'kitItem');
        Route::post('kit/{kitItem}/checks', [FilterController::class, 'check'])->name('filter.check')->can('check', 'kitItem');
        Route::post('kit/{kitItem}/tests', [FilterController::class, 'test'])->name('filter.test')->can('check', 'kitItem');
        Route::post('kit/{kitItem}/tests/{filterTest}/void', [FilterController::class, 'void'])->name('filter.void')->can('check', 'kitItem');
        Route::get('{photoPlan}', [PlanController::class, 'show'])->name('show')->scopeBindings();
        Route::get('{photoPlan}/card.pdf', [CardController::class, 'pdf'])->name('card')->scopeBindings();
        Route::get('{photoPlan}/shots.csv', [CardController::class, 'csv'])->name('csv')->scopeBindings();
        Route::get('{photoPlan}/shots.json', [CardController::class, 'json'])->name('json')->scopeBindings();
    });
    Route::middleware('can:update,event')->scopeBindings()->group(function (): void {
        Route::get('create', [PlanController::class, 'create'])->name('create');
        Route::post('/', [PlanController::class, 'store'])->name('store');
        Route::post('cues', CueController::class)->name('cues');
        Route::put('{photoPlan}', [PlanController::class, 'update'])->name('update');
        Route::delete('{photoPlan}', [PlanController::class, 'destroy'])->name('destroy');
        Route::post('{photoPlan}/restore', [PlanController::class, 'restore'])->name('restore')->withTrashed();
    });
});
