<?php

declare(strict_types=1);

$list = static fn(string $name): array => array_values(array_filter(array_map(trim(...), explode(',', (string) env($name, '')))));

/** Who is believed about where a request comes from and goes to; lists with commas in the environment. */
return [
    // Addresses of the proxies before this server, whose X-Forwarded-… count; of nobody else's.
    'proxies' => $list('TRUSTED_PROXIES'),
    // Names under which it is reached, beside that of APP_URL.
    'hosts' => [...$list('TRUSTED_HOSTS'), (string) parse_url((string) env('APP_URL', 'http://localhost'), PHP_URL_HOST), '127.0.0.1', 'localhost'],
];
