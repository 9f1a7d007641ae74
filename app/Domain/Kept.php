<?php

declare(strict_types=1);

namespace App\Domain;

use FilesystemIterator;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What is costly and pure, kept as plain data by the content of what it is made of and the version of the code that makes it. */
final readonly class Kept
{
    private const DAYS = 30;
    private const MADE_BY = ['app', 'core/src', 'core/data', 'database/data', 'lang', 'resources/views'];

    public function __construct(private Repository $cache) {}

    /**
     * @template T of string|array<array-key, mixed>
     *
     * @param list<mixed> $inputs all that it depends on
     * @param callable(): T $compute text, or arrays of numbers and text; never an object
     *
     * @return T
     */
    public function by(string $what, array $inputs, callable $compute): string|array
    {
        $key = hash('sha256', json_encode([$inputs, self::version()], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));

        return $this->cache->remember("{$what}:{$key}", now()->addDays(self::DAYS), static function () use ($compute): string|array {
            // Whoever computes anew clears away what nobody may read any more.
            DB::table('cache')->where('expiration', '<=', now()->getTimestamp())->delete();

            return $compute();
        });
    }

    /** What an older code, or one with other data, has made is not used. */
    public static function version(): string
    {
        return once(static function (): string {
            $hash = hash_init('sha256');
            foreach (self::MADE_BY as $folder) {
                /** @var SplFileInfo $file */
                foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
                    hash_update($hash, $file->getPathname() . $file->getSize() . ' ' . $file->getMTime());
                }
            }

            return hash_final($hash);
        });
    }
}
