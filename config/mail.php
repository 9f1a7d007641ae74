<?php

declare(strict_types=1);

/** Reminders are shown in the program; they are sent as well where a mailer is named (MAIL_MAILER=smtp and the like). */
return [
    'default' => env('MAIL_MAILER'),

    'mailers' => [
        'smtp' => ['transport' => 'smtp', 'host' => env('MAIL_HOST', '127.0.0.1'), 'port' => env('MAIL_PORT', 25), 'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'), 'encryption' => env('MAIL_ENCRYPTION')],
        'array' => ['transport' => 'array'],
    ],

    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'keen-shadow@localhost'), 'name' => 'Keen Shadow'],
];
