<?php

declare(strict_types=1);

use App\Http\Controllers\Sky\EclipseListController;
use App\Http\Controllers\Sky\ExportController;
use App\Http\Controllers\Sky\MapController;
use App\Http\Controllers\Sky\NextController;
use App\Http\Controllers\Sky\PlaceController;
use App\Http\Controllers\Sky\SiteListController;
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
Route::prefix('events/{event}/sites')->name('sites.')->scopeBindings()->group(function (): void {
    Route::middleware('can:view,event')->group(function (): void {
        Route::get('/', [SiteListController::class, 'index'])->name('index');
        Route::get('{siteList}', [SiteListController::class, 'show'])->name('show');
        Route::get('{siteList}/table', [SiteListController::class, 'table'])->name('table');
        Route::get('{siteList}/sites.csv', [SiteListController::class, 'csv'])->name('csv');
        Route::get('{siteList}/{site}/contacts.ics', [SiteListController::class, 'calendar'])->name('calendar');
    });
    Route::post('/', [SiteListController::class, 'store'])->name('store')->can('update', 'event');
    Route::delete('{siteList}', [SiteListController::class, 'destroy'])->name('destroy')->can('update', 'event');
    Route::post('{siteList}/restore', [SiteListController::class, 'restore'])->name('restore')->withTrashed()->can('update', 'event');
});
Route::get('places', PlaceController::class)->name('sky.places')->can('create', Event::class);
Route::get('eclipses', EclipseListController::class)->name('sky.eclipses')->can('create', Event::class);
