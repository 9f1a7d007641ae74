<?php

declare(strict_types=1);

namespace Tests\Architecture;

use LogicException;
use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Checked by PHPStan, for every directory there is: the core stands alone, nothing reaches up, and rooms leave each other
 * alone. Whoever adds a layer must give it a place in the order; a new room is found by itself.
 */
final class Layers
{
    /** From the ground up; layers in one line do not know each other. */
    private const APP = [['Text'], ['Models'], ['Domain', 'Devices', 'Policies'], ['Drawings'], ['Pages', 'Exports', 'Imports', 'Jobs'], ['Http', 'Console'], ['Providers']];
    private const CORE = [['Geometry', 'Time'], ['Position'], ['Sky'], ['Rules'], ['Site'], ['Audience', 'Eyewear', 'Viewers', 'Photo', 'RunSheet', 'Day', 'Logbook', 'Training']];
    /** Folders that all rooms may use; the order among themselves is the core's. An event is the frame of every page. */
    private const SERVING = ['Sky', 'Rules', 'Site', 'Event'];

    public function testCoreUsesOnlyItselfAndPhp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KeenShadow\Core'))
            ->excluding(Selector::inNamespace('KeenShadow\Core\Tests'))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('KeenShadow\Core'), Selector::isStandardClass())
            ->because('all rules and computation must run without framework, database or clock');
    }

    /** @return iterable<string, Rule> */
    public function testNothingInCoreReachesUp(): iterable
    {
        return self::nothingReachesUp('KeenShadow\Core', self::CORE, dirname(__DIR__, 2) . '/core/src');
    }

    /** @return iterable<string, Rule> */
    public function testNothingInTheApplicationReachesUp(): iterable
    {
        return self::nothingReachesUp('App', self::APP, dirname(__DIR__, 2) . '/app');
    }

    /** @return iterable<string, Rule> */
    public function testRoomsLeaveEachOtherAlone(): iterable
    {
        $namespaces = self::roomNamespaces();
        foreach ($namespaces as $room => $own) {
            $others = array_diff(array_keys($namespaces), [$room], self::mayUse($room));
            if ($others !== []) {
                yield $room => PHPat::rule()
                    ->classes(...self::inNamespaces($own))
                    ->shouldNot()->dependOn()
                    ->classes(...self::inNamespaces(array_merge(...array_map(static fn(string $other): array => $namespaces[$other], array_values($others)))))
                    ->because('what two rooms need belongs below both, and the pages bring them together');
            }
        }
    }

    /**
     * @param list<list<string>> $order
     *
     * @return iterable<string, Rule>
     */
    private static function nothingReachesUp(string $root, array $order, string $folder): iterable
    {
        $known = array_merge(...$order);
        $strange = array_diff(self::folders($folder), $known);
        if ($strange !== []) {
            throw new LogicException(implode(', ', $strange) . ' has no place in the order of layers: see tests/Architecture/Layers.php');
        }
        foreach ($order as $step => $layers) {
            foreach ($layers as $layer) {
                $above = array_diff(array_merge(...array_slice($order, $step)), [$layer]);
                if ($above !== []) {
                    yield $layer => PHPat::rule()
                        ->classes(Selector::inNamespace("{$root}\\{$layer}"))
                        ->shouldNot()->dependOn()
                        ->classes(...self::inNamespaces(array_map(static fn(string $upper): string => "{$root}\\{$upper}", array_values($above))))
                        ->because('nothing reaches up, and layers of one height do not know each other');
                }
            }
        }
    }

    /** @return array<string, list<non-empty-string>> namespaces by the room they belong to */
    private static function roomNamespaces(): array
    {
        $base = dirname(__DIR__, 2);
        $namespaces = [];
        foreach (array_merge(...array_slice(self::CORE, 2)) as $room) {
            $namespaces[$room][] = "KeenShadow\\Core\\{$room}";
        }
        foreach ([...self::folders("{$base}/app"), 'Http/Controllers', 'Http/Requests', 'Console/Commands'] as $layer) {
            // A relation between models has two ends.
            foreach (in_array($layer, ['Http', 'Console', 'Models'], true) ? [] : self::folders("{$base}/app/{$layer}") as $room) {
                $namespaces[$room][] = 'App\\' . str_replace('/', '\\', $layer) . "\\{$room}";
            }
        }

        return $namespaces;
    }

    /** @return list<string> */
    private static function mayUse(string $room): array
    {
        $at = array_search($room, self::SERVING, true);

        // In core Sky uses no other room; its words and pages go by the rule about filters.
        return [...(is_int($at) ? array_slice(self::SERVING, 0, $at) : self::SERVING), ...($room === 'Sky' ? ['Rules'] : []), 'Event'];
    }

    /** @return list<non-empty-string> */
    private static function folders(string $path): array
    {
        return array_values(array_filter(array_map(static fn(mixed $folder): string => basename(strval($folder)), (array) glob($path . '/*', GLOB_ONLYDIR)), static fn(string $name): bool => $name !== ''));
    }

    /**
     * @param list<non-empty-string> $namespaces
     *
     * @return list<SelectorInterface>
     */
    private static function inNamespaces(array $namespaces): array
    {
        return array_map(static fn(string $namespace): SelectorInterface => Selector::inNamespace($namespace), $namespaces);
    }
}
