<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\RefreshDatabase as LaravelRefreshDatabase;

/** Laravel's own, but for who builds the tables: their owner. Everything else the tests do with the application's own rights. */
trait RefreshDatabase
{
    use LaravelRefreshDatabase;

    /** @return array<string, mixed> */
    protected function migrateFreshUsing(): array
    {
        return ['--database' => 'owner', '--seeder' => $this->seeder];
    }
}
