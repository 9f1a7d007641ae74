<?php

/** Writes .env from .env.example with secrets of its own; never overwrites one. */

declare(strict_types=1);

$root = dirname(__DIR__, 2);
$secrets = [
    'APP_KEY' => 'base64:' . base64_encode(random_bytes(32)),
    'DB_PASSWORD' => bin2hex(random_bytes(16)),
    'DEMO_PASSWORD' => bin2hex(random_bytes(6)),
];
$text = (string) file_get_contents("{$root}/.env.example");
foreach ($secrets as $name => $value) {
    $text = (string) preg_replace("/^{$name}=.*$/m", "{$name}={$value}", $text);
}
$file = fopen("{$root}/.env", 'x');
if ($file === false) {
    exit(1);
}
chmod("{$root}/.env", 0600);
fwrite($file, $text);
