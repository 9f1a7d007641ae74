<?php

declare(strict_types=1);

namespace App\Providers;

use App\Domain\Audience\EyeHeightsOfGroups;
use App\Domain\Audience\GroupsThatLook;
use App\Domain\Audience\RoundsOfGroups;
use App\Domain\Day\RecordsOfDay;
use App\Domain\Event\DayPlans;
use App\Domain\Event\DayRecords;
use App\Domain\Event\EyeHeights;
use App\Domain\Event\FitPairs;
use App\Domain\Event\HelpersByKey;
use App\Domain\Event\LookingGroups;
use App\Domain\Event\PairsOfLots;
use App\Domain\Event\Rounds;
use App\Domain\Event\SheetCues;
use App\Domain\Event\StockAfter;
use App\Domain\Event\TriedViewers;
use App\Domain\Event\UntrainedHelpers;
use App\Domain\Event\WantedViewers;
use App\Domain\Event\WhatIsLogged;
use App\Domain\Eyewear\FitPairsOfLots;
use App\Domain\Eyewear\RecordsOfPairs;
use App\Domain\Eyewear\StockAfterEvent;
use App\Domain\Logbook\EyeWatch;
use App\Domain\Logbook\LoggedSeries;
use App\Domain\Logbook\ObservedKinds;
use App\Domain\RunSheet\CuesOfRooms;
use App\Domain\RunSheet\Duties;
use App\Domain\RunSheet\HelpersKnown;
use App\Domain\RunSheet\PlansOfSheets;
use App\Domain\Training\UntrainedByRecord;
use App\Domain\Viewers\TriesOfViewers;
use App\Domain\Viewers\ViewersWanted;
use App\Domain\Workers;
use App\Exports\RunSheet\SheetOfPlace;
use App\Exports\Training\HandoutsOfPlace;
use App\Imports\Logbook\StoredSeries;
use App\Models\Event;
use App\Pages\Audience\AudienceRoom;
use App\Pages\Day\DayRoom;
use App\Pages\Eyewear\EyewearRoom;
use App\Pages\Eyewear\KeptStations;
use App\Pages\Logbook\LogbookRoom;
use App\Pages\Photo\PhotoRoom;
use App\Pages\Rules\KeptBook;
use App\Pages\RunSheet\RunSheetRoom;
use App\Pages\Site\SiteRoom;
use App\Pages\Sky\SkyRoom;
use App\Pages\Training\KeptCards;
use App\Pages\Training\TrainingRoom;
use App\Pages\Viewers\ViewersRoom;
use Carbon\CarbonImmutable;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use KeenShadow\Core\Sky\Ephemeris;

final class AppServiceProvider extends ServiceProvider
{
    /** A screen asks thirty times a minute, and more when it comes back to the network. */
    private const HELPER_ASKS = 90;

    public function register(): void
    {
        // The series are large: read them once a process.
        $this->app->singleton(Ephemeris::class);
        $this->app->singleton(EyeWatch::class);
        $this->app->bind(FitPairs::class, FitPairsOfLots::class);
        $this->app->bind(EyeHeights::class, EyeHeightsOfGroups::class);
        $this->app->bind(LookingGroups::class, GroupsThatLook::class);
        $this->app->bind(Rounds::class, RoundsOfGroups::class);
        $this->app->bind(HelpersByKey::class, HelpersKnown::class);
        $this->app->bind(DayPlans::class, PlansOfSheets::class);
        $this->app->bind(DayRecords::class, RecordsOfDay::class);
        $this->app->bind(PairsOfLots::class, RecordsOfPairs::class);
        $this->app->bind(StockAfter::class, StockAfterEvent::class);
        $this->app->bind(WhatIsLogged::class, ObservedKinds::class);
        $this->app->bind(LoggedSeries::class, StoredSeries::class);
        $this->app->bind(SheetCues::class, CuesOfRooms::class);
        $this->app->bind(TriedViewers::class, TriesOfViewers::class);
        $this->app->bind(UntrainedHelpers::class, UntrainedByRecord::class);
        $this->app->bind(WantedViewers::class, ViewersWanted::class);
        // In the order of work: a new room is added here.
        $this->app->tag([SkyRoom::class, SiteRoom::class, AudienceRoom::class, EyewearRoom::class, ViewersRoom::class, PhotoRoom::class, RunSheetRoom::class, TrainingRoom::class, DayRoom::class, LogbookRoom::class], 'rooms');
        $this->app->tag([SheetOfPlace::class, HandoutsOfPlace::class], 'place-files');
        $this->app->tag([KeptBook::class, KeptStations::class, KeptCards::class], 'kept');
    }

    public function boot(): void
    {
        /** @var list<string> $proxies */
        $proxies = config()->array('trust.proxies');
        TrustProxies::at($proxies);
        Model::shouldBeStrict();
        // Duties are moments: they follow the run sheet, and the place, day and zone of their event.
        $follow = fn(Event $event) => $this->app->make(Duties::class)->follow($event);
        Event::saved($follow);
        Event::deleted($follow);
        Event::restored($follow);
        Queue::looping(fn(Looping $event) => $this->app->make(Workers::class)->sign($event->queue));
        // Reminders come, and what has had its time goes, whoever looks at a page or not.
        Queue::looping(fn() => $this->app->make(EyeWatch::class)->now());
        Date::use(CarbonImmutable::class);
        RateLimiter::for('helper', static fn(Request $request): Limit => Limit::perMinute(self::HELPER_ASKS)->by($request->path()));
        // Anything else in an address is not found, rather than an error of the database.
        Route::patterns(array_fill_keys(['event', 'lot', 'viewer', 'pairCheck', 'placeList', 'place', 'positionReading', 'audienceGroup', 'lotScan', 'lotFile', 'supplier', 'stockEntry', 'meterReading', 'viewerTrial', 'sheetTemplate', 'helper', 'placeBundle', 'instrumentLog', 'dayEntry', 'incident', 'eyeReport', 'logPicture', 'kitItem', 'filterTest', 'photoPlan', 'queueCard'], '[0-9]{1,18}') + ['tag' => '[0-9]{1,6}', 'paper' => '[a-z0-9]{1,10}', 'part' => '[a-z_]{1,20}', 'observationKind' => '[a-z_]{1,20}', 'kitKind' => '[a-z]{1,10}', 'trainingDuty' => '[a-z]{1,12}', 'exercise' => '[a-z-]{1,20}', 'handoutPrint' => '[a-z]{1,10}', 'bundleKind' => '[a-z]{1,10}', 'bundledFile' => '[a-z-]{1,20}\.[a-z]{3}', 'position' => '[0-9]{1,6}', 'wall' => '[a-z0-9]{1,10}', 'sheetPaper' => '[a-z0-9]{1,10}', 'calendarKey' => '[0-9a-f]{40}', 'dutyKey' => '[0-9a-f]{40}', 'publicKey' => '[0-9a-f]{10}', 'turn' => 'g[0-9]{1,18}-[a-z_]{1,20}', 'post' => '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}', 'cue' => '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}']);
    }
}
