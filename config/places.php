<?php

declare(strict_types=1);

/**
 * A few towns to begin with; any other place is typed in by its coordinates.
 * Heights in metres, rounded; zones by their IANA names.
 */
return [
    ['name' => 'Cádiz, Spain', 'lat' => 36.5297, 'lon' => -6.2926, 'height_m' => 10, 'timezone' => 'Europe/Madrid'],
    ['name' => 'Tangier, Morocco', 'lat' => 35.7673, 'lon' => -5.7998, 'height_m' => 20, 'timezone' => 'Africa/Casablanca'],
    ['name' => 'Luxor, Egypt', 'lat' => 25.6989, 'lon' => 32.6421, 'height_m' => 80, 'timezone' => 'Africa/Cairo'],
    ['name' => 'Reykjavík, Iceland', 'lat' => 64.1466, 'lon' => -21.9426, 'height_m' => 20, 'timezone' => 'Atlantic/Reykjavik'],
    ['name' => 'Quito, Ecuador', 'lat' => -0.1807, 'lon' => -78.4678, 'height_m' => 2850, 'timezone' => 'America/Guayaquil'],
    ['name' => 'Houston, United States', 'lat' => 29.7604, 'lon' => -95.3698, 'height_m' => 15, 'timezone' => 'America/Chicago'],
    ['name' => 'Sydney, Australia', 'lat' => -33.8688, 'lon' => 151.2093, 'height_m' => 40, 'timezone' => 'Australia/Sydney'],
    ['name' => 'Windhoek, Namibia', 'lat' => -22.5609, 'lon' => 17.0658, 'height_m' => 1650, 'timezone' => 'Africa/Windhoek'],
];
