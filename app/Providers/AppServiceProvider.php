<?php

declare(strict_types=1);

namespace App\Providers;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\ServiceProvider;
use KeenShadow\Core\Sky\Ephemeris;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        // The series are large: read them once a process.
        $this->app->singleton(Ephemeris::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Date::use(CarbonImmutable::class);
    }
}
