<?php

declare(strict_types=1);

namespace App\Domain;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Whether anybody works on a queue: each worker leaves a sign of life between two jobs. */
final readonly class Workers
{
    private const EVERY_SECONDS = 5;
    private const PATIENCE_SECONDS = 30;

    public function __construct(private Repository $cache) {}

    /** Called by a worker before it looks for a job. */
    public function sign(string $queue): void
    {
        $last = $this->cache->get(self::key($queue));
        if (!is_int($last) || $last <= Date::now()->getTimestamp() - self::EVERY_SECONDS) {
            $this->cache->put(self::key($queue), Date::now()->getTimestamp());
        }
    }

    /** A worker was seen just now, or is in the middle of a job. */
    public function answer(string $queue): bool
    {
        $last = $this->cache->get(self::key($queue));

        return is_int($last) && $last > Date::now()->getTimestamp() - self::PATIENCE_SECONDS
            || DB::table('jobs')->where('queue', $queue)->whereNotNull('reserved_at')->exists();
    }

    private static function key(string $queue): string
    {
        return "worker-seen:{$queue}";
    }
}
