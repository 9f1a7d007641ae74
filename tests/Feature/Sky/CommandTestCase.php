<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Runs a command of the application as people run it, with a database that cannot be reached. */
abstract class CommandTestCase extends TestCase
{
    /** @param list<string> $arguments */
    protected function artisan(array $arguments, string $input = ''): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', ...$arguments],
            dirname(__DIR__, 3),
            ['DB_HOST' => '127.0.0.1', 'DB_PORT' => '1', 'APP_CONFIG_CACHE' => 'bootstrap/cache/testing-config.php'],
            $input,
        );
        $process->run();

        return $process;
    }

    /** @return list<array<string, mixed>> */
    protected function records(Process $run): array
    {
        return array_map(static function (string $line): array {
            /** @var array<string, mixed> $record */
            $record = json_decode($line, true, flags: JSON_THROW_ON_ERROR);

            return $record;
        }, explode("\n", trim($run->getOutput())));
    }

    /** @param array<string, mixed> $record */
    protected static function text(array $record, string $key): string
    {
        return is_string($record[$key]) ? $record[$key] : self::fail("{$key} is no text");
    }
}
