<?php

declare(strict_types=1);

use App\Http\Controllers\RunSheet\CrewController;
use App\Http\Controllers\RunSheet\CueController;
use App\Http\Controllers\RunSheet\FileController;
use App\Http\Controllers\RunSheet\HelperController;
use App\Http\Controllers\RunSheet\PlacesController;
use App\Http\Controllers\RunSheet\PostController;
use App\Http\Controllers\RunSheet\RotationController;
use App\Http\Controllers\RunSheet\SheetController;
use App\Http\Controllers\RunSheet\SubscriptionController;
use App\Http\Controllers\RunSheet\TemplateController;
use Illuminate\Support\Facades\Route;

Route::prefix('events/{event}/run-sheet')->name('runsheet.')->scopeBindings()->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [SheetController::class, 'show'])->name('show');
        Route::get('run-sheet.ics', [FileController::class, 'calendar'])->name('calendar');
        Route::get('run-sheet.csv', [FileController::class, 'csv'])->name('csv');
        Route::get('run-sheet.json', [FileController::class, 'json'])->name('json');
        Route::get('people.csv', [FileController::class, 'people'])->name('people');
        Route::get('helper-cards-{sheetPaper}.pdf', [FileController::class, 'helperCards'])->name('cards.helpers');
        Route::get('station-cards-{sheetPaper}.pdf', [FileController::class, 'stationCards'])->name('cards.stations');
        Route::get('briefing-{sheetPaper}.pdf', [FileController::class, 'briefing'])->name('briefing');
        Route::get('places', PlacesController::class)->name('places');
        Route::get('rotation', [RotationController::class, 'show'])->name('rotation');
        Route::get('rotation/why', [RotationController::class, 'why'])->name('why');
        Route::get('crew', [CrewController::class, 'show'])->name('crew');
        Route::get('wall-{wall}.pdf', [FileController::class, 'wall'])->name('wall');
    });
    Route::middleware('can:update,event')->group(function (): void {
        Route::get('cues/create', [CueController::class, 'create'])->name('create');
        Route::get('cues/{cue}/edit', [CueController::class, 'edit'])->name('edit');
        Route::post('cues', [CueController::class, 'save'])->name('save');
        Route::put('cues/{cue}/move', [SheetController::class, 'move'])->name('move');
        Route::delete('cues/{cue}', [CueController::class, 'destroy'])->name('destroy');
        Route::post('propose', [SheetController::class, 'propose'])->name('propose');
        Route::post('import', [TemplateController::class, 'import'])->name('import');
        Route::post('templates', [TemplateController::class, 'store'])->name('templates.store');
        Route::post('templates/{sheetTemplate}/use', [TemplateController::class, 'use'])->name('templates.use');
        Route::delete('templates/{sheetTemplate}', [TemplateController::class, 'destroy'])->name('templates.destroy');
        Route::post('address', [SubscriptionController::class, 'store'])->name('address.store');
        Route::delete('address', [SubscriptionController::class, 'destroy'])->name('address.destroy');
        Route::post('rotation/propose', [RotationController::class, 'propose'])->name('rotation.propose');
        Route::put('rotation/wishes', [RotationController::class, 'wishes'])->name('rotation.wishes');
        Route::post('rotation/bells', [RotationController::class, 'bells'])->name('rotation.bells');
        Route::get('turns/create', [RotationController::class, 'create'])->name('turns.create');
        Route::get('turns/{turn}/edit', [RotationController::class, 'edit'])->name('turns.edit');
        Route::post('turns', [RotationController::class, 'save'])->name('turns.save');
        Route::put('turns/{turn}/move', [RotationController::class, 'move'])->name('turns.move');
        Route::delete('turns/{turn}', [RotationController::class, 'destroy'])->name('turns.destroy');
        Route::post('crew/all', [CrewController::class, 'all'])->name('crew.all');
        Route::post('crew/fill', [CrewController::class, 'fill'])->name('crew.fill');
        Route::get('posts/create', [PostController::class, 'create'])->name('posts.create');
        Route::get('posts/{post}/edit', [PostController::class, 'edit'])->name('posts.edit');
        Route::post('posts', [PostController::class, 'save'])->name('posts.save');
        Route::put('posts/{post}/move', [PostController::class, 'move'])->name('posts.move');
        Route::post('posts/{post}/swap', [PostController::class, 'swap'])->name('posts.swap');
        Route::delete('posts/{post}', [PostController::class, 'destroy'])->name('posts.destroy');
        Route::get('helpers/create', [HelperController::class, 'create'])->name('helpers.create');
        Route::post('helpers', [HelperController::class, 'store'])->name('helpers.store');
        Route::get('helpers/{helper}/edit', [HelperController::class, 'edit'])->name('helpers.edit');
        Route::put('helpers/{helper}', [HelperController::class, 'update'])->name('helpers.update');
        Route::post('helpers/{helper}/key', [HelperController::class, 'key'])->name('helpers.key');
        Route::put('helpers/{helper}/comes', [CrewController::class, 'comes'])->name('helpers.comes');
        Route::post('helpers/{helper}/gone', [CrewController::class, 'gone'])->name('helpers.gone');
        Route::delete('helpers/{helper}', [HelperController::class, 'destroy'])->name('helpers.destroy');
        Route::put('hours', [SheetController::class, 'hours'])->name('hours');
        Route::post('undo', [SheetController::class, 'undo'])->name('undo');
        Route::post('redo', [SheetController::class, 'redo'])->name('redo');
    });
});
