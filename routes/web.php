<?php

declare(strict_types=1);

use App\Http\Controllers\Day\HelperDayController;
use App\Http\Controllers\Day\PublicController;
use App\Http\Controllers\Day\TimeController;
use App\Http\Controllers\Event\BundleController;
use App\Http\Controllers\Event\EventController;
use App\Http\Controllers\RunSheet\DutyController;
use App\Http\Controllers\RunSheet\SubscriptionController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\Training\HelperTrainingController;
use App\Http\Controllers\UpController;
use App\Http\Middleware\HelpersDay;
use App\Http\Middleware\PrivateAddress;
use Illuminate\Support\Facades\Route;

// Without a session: it answers where the database does not.
Route::get('up', UpController::class)->withoutMiddleware('web')->name('up');

// Without a session, for it is to be quick, and says nothing of anybody.
Route::get('time', TimeController::class)->withoutMiddleware('web')->name('day.time');

// Without a sign-in or a session, for a crowd: it may be kept on its way.
Route::get('see/{publicKey}', [PublicController::class, 'show'])->withoutMiddleware('web')->name('day.public');

// Without a sign-in or a session: the address itself is the key.
Route::get('calendars/{calendarKey}.ics', [SubscriptionController::class, 'show'])->withoutMiddleware('web')->middleware('throttle:60,1')->name('runsheet.subscription');
Route::get('duties/{dutyKey}', [DutyController::class, 'show'])->withoutMiddleware('web')->middleware('throttle:60,1')->name('runsheet.duties');
Route::get('duties/{dutyKey}.ics', [DutyController::class, 'calendar'])->withoutMiddleware('web')->middleware('throttle:60,1')->name('runsheet.duties.calendar');

// A helper's own day; their screen asks every few seconds, and a whole crew may stand behind one address of the network.
Route::prefix('duties/{dutyKey}')->name('duties.day.')->withoutMiddleware('web')->middleware([PrivateAddress::class, 'throttle:helper', HelpersDay::class])->group(function (): void {
    Route::get('days/{event}', [HelperDayController::class, 'show'])->name('show');
    Route::get('days/{event}/pack', [HelperDayController::class, 'pack'])->name('pack');
    Route::get('days/{event}/live', [HelperDayController::class, 'live'])->name('live');
    Route::post('days/{event}/entries', [HelperDayController::class, 'store'])->name('entries');
    Route::get('days/{event}/may-i', [HelperDayController::class, 'pocket'])->name('pocket');
    Route::get('day-worker-{event}.js', [HelperDayController::class, 'worker'])->name('worker');
});

// What a helper practises, by the same address.
Route::prefix('duties/{dutyKey}/training/{event}')->name('duties.training.')->withoutMiddleware('web')->middleware([PrivateAddress::class, 'throttle:helper', HelpersDay::class])->group(function (): void {
    Route::get('/', [HelperTrainingController::class, 'index'])->name('index');
    Route::get('cards/{trainingDuty}', [HelperTrainingController::class, 'cards'])->name('cards');
    Route::get('scenes/{exercise}', [HelperTrainingController::class, 'scene'])->name('scene');
    Route::get('steps/{exercise}', [HelperTrainingController::class, 'steps'])->name('steps');
    Route::get('lenses', [HelperTrainingController::class, 'lenses'])->name('lenses');
    Route::get('drill', [HelperTrainingController::class, 'drill'])->name('drill');
    Route::post('results', [HelperTrainingController::class, 'store'])->name('results');
});

Route::middleware('guest')->group(function (): void {
    Route::get('login', [SignInController::class, 'create'])->name('sign-in');
    Route::post('login', [SignInController::class, 'store']);
});

Route::middleware('auth')->group(function (): void {
    Route::post('logout', [SignInController::class, 'destroy'])->name('sign-out');

    Route::get('/', [EventController::class, 'index'])->name('events.index')->can('viewAny', App\Models\Event::class);
    Route::get('events/create', [EventController::class, 'create'])->name('events.create')->can('create', App\Models\Event::class);
    Route::post('events', [EventController::class, 'store'])->name('events.store')->can('create', App\Models\Event::class);
    Route::get('events/{event}/edit', [EventController::class, 'edit'])->name('events.edit')->can('update', 'event');
    Route::put('events/{event}', [EventController::class, 'update'])->name('events.update')->can('update', 'event');
    Route::delete('events/{event}', [EventController::class, 'destroy'])->name('events.destroy')->can('update', 'event');
    Route::post('events/{event}/restore', [EventController::class, 'restore'])->name('events.restore')->withTrashed()->can('update', 'event');

    Route::prefix('events/{event}/many-places')->name('bundles.')->scopeBindings()->group(function (): void {
        Route::middleware('can:view,event')->group(function (): void {
            Route::get('{bundleKind}/progress', [BundleController::class, 'progress'])->name('progress');
            Route::get('{placeBundle}.zip', [BundleController::class, 'zip'])->name('zip');
        });
        Route::middleware('can:update,event')->group(function (): void {
            Route::post('/', [BundleController::class, 'store'])->name('store');
            Route::post('{placeBundle}/again', [BundleController::class, 'again'])->name('again');
            Route::delete('{placeBundle}', [BundleController::class, 'destroy'])->name('destroy');
        });
    });

    require __DIR__ . '/sky.php';
    require __DIR__ . '/site.php';
    require __DIR__ . '/audience.php';
    require __DIR__ . '/eyewear.php';
    require __DIR__ . '/viewers.php';
    require __DIR__ . '/photo.php';
    require __DIR__ . '/runsheet.php';
    require __DIR__ . '/training.php';
    require __DIR__ . '/day.php';
    require __DIR__ . '/logbook.php';
    require __DIR__ . '/rules.php';
});
