<?php

declare(strict_types=1);

/** Where long work waits. What is not done when retry_after is over is thought lost and taken up again: it is longer than the longest job. */
$database = ['driver' => 'database', 'table' => 'jobs', 'after_commit' => false];

return [
    'default' => env('QUEUE_CONNECTION', 'database'),

    'connections' => [
        'sync' => ['driver' => 'sync'],
        // Lists of places, a chunk a job: App\Jobs\Sky\ComputePlaces.
        'database' => ['queue' => 'default', 'retry_after' => (int) env('QUEUE_RETRY_SECONDS', 120)] + $database,
        // Readings of a receiver: App\Jobs\Site\ReadPosition.
        'readings' => ['queue' => 'readings', 'retry_after' => 700] + $database,
    ],

    'failed' => ['driver' => 'database-uuids', 'database' => env('DB_CONNECTION', 'pgsql'), 'table' => 'failed_jobs'],
];
