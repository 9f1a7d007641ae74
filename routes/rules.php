<?php

declare(strict_types=1);

use App\Http\Controllers\Rules\BookController;
use App\Http\Controllers\Rules\MayIController;
use App\Http\Controllers\Rules\PocketController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}')->name('rules.')->middleware('can:view,event')->group(function (): void {
    Route::get('may-i', MayIController::class)->name('may');
    Route::get('may-i/pocket', PocketController::class)->name('pocket');
    Route::get('rules', BookController::class)->name('book');
});
