<?php

declare(strict_types=1);

use App\Http\Controllers\Sky\EclipseListController;
use App\Http\Controllers\Sky\ExportController;
use App\Http\Controllers\Sky\MapController;
use App\Http\Controllers\Sky\NextController;
use App\Http\Controllers\Sky\PlaceListController;
use App\Http\Controllers\Sky\PlaceSearchController;
use App\Http\Controllers\Sky\SkyController;
use App\Models\Event;
use Illuminate\Support\Facades\Route;

Route::get('events/{event}', [SkyController::class, 'show'])->name('sky.show')->can('view', 'event');
Route::prefix('events/{event}/sky')->middleware('can:view,event')->group(function (): void {
    Route::get('map', [MapController::class, 'show'])->name('sky.map');
    Route::get('there', [MapController::class, 'there'])->name('sky.there');
    Route::get('path.geojson', [MapController::class, 'geoJson'])->name('sky.geojson');
    Route::get('path.kml', [MapController::class, 'kml'])->name('sky.kml');
    Route::get('next', NextController::class)->name('sky.next');
    Route::get('contacts.ics', [ExportController::class, 'calendar'])->name('sky.calendar');
    Route::get('contacts.csv', [ExportController::class, 'table'])->name('sky.table');
});
Route::prefix('events/{event}/place-lists')->name('place-lists.')->scopeBindings()->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [PlaceListController::class, 'index'])->name('index');
        Route::get('{placeList}', [PlaceListController::class, 'show'])->name('show');
        Route::get('{placeList}/table', [PlaceListController::class, 'table'])->name('table');
        Route::get('{placeList}/places.csv', [PlaceListController::class, 'csv'])->name('csv');
        Route::get('{placeList}/{place}/contacts.ics', [PlaceListController::class, 'calendar'])->name('calendar');
    });
    Route::post('/', [PlaceListController::class, 'store'])->name('store')->can('update', 'event');
    Route::post('{placeList}/compute', [PlaceListController::class, 'compute'])->name('compute')->can('update', 'event');
    Route::delete('{placeList}', [PlaceListController::class, 'destroy'])->name('destroy')->can('update', 'event');
    Route::post('{placeList}/restore', [PlaceListController::class, 'restore'])->name('restore')->withTrashed()->can('update', 'event');
});
Route::get('places', PlaceSearchController::class)->name('sky.places')->can('create', Event::class);
Route::get('eclipses', EclipseListController::class)->name('sky.eclipses')->can('create', Event::class);
