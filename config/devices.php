<?php

declare(strict_types=1);

return [
    // A receiver that speaks NMEA 0183 over TCP; bin/start runs the simulated one that ships with the program.
    'gps' => [
        'host' => env('GPS_HOST', '127.0.0.1'),
        'port' => (int) env('GPS_PORT', 10110),
        // How long one reading lasts.
        'seconds' => (int) env('GPS_SECONDS', 60),
    ],
];
