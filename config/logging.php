<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

/** One line an event, as JSON, so that nothing that was sent can look like a line of its own. */
return [
    'default' => env('LOG_CHANNEL', 'single'),
    'deprecations' => ['channel' => 'null', 'trace' => false],

    'channels' => [
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'permission' => 0600,
            'formatter' => JsonFormatter::class,
            'formatter_with' => ['includeStacktraces' => false],
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
