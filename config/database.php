<?php

declare(strict_types=1);

$database = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '54815'),
    'database' => env('DB_DATABASE', 'shadow'),
    'charset' => 'utf8',
    'prefix' => '',
    'prefix_indexes' => true,
    'search_path' => 'public',
    'sslmode' => env('DB_SSLMODE', 'prefer'),
    'timezone' => 'UTC',
];

return [
    'default' => env('DB_CONNECTION', 'pgsql'),

    'connections' => [
        // The application: it reads and writes rows, and of append-only tables it only adds some.
        'pgsql' => $database + [
            'username' => env('DB_USERNAME', 'shadow'),
            'password' => env('DB_PASSWORD', ''),
            // A log-in costs more than the whole page: keep the connection from one request to the next.
            'options' => env('DB_PERSISTENT', false) ? [PDO::ATTR_PERSISTENT => true] : [],
        ],
        // Migrations and seeders only; its password is in no file that the application reads.
        'owner' => $database + [
            'username' => env('DB_USERNAME', 'shadow') . '_owner',
            'password' => env('DB_OWNER_PASSWORD', ''),
        ],
    ],
];
