<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Checked by PHPStan: the core knows nothing of the application, and its lower rooms nothing of the upper ones. */
final class CoreStandsAlone
{
    public function testCoreUsesOnlyItselfAndPhp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KeenShadow\Core'))
            ->excluding(Selector::inNamespace('KeenShadow\Core\Tests'))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('KeenShadow\Core'), Selector::isStandardClass())
            ->because('all rules and computation must run without framework, database or clock');
    }

    public function testGeometryAndTimeUseNoRoom(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KeenShadow\Core\Geometry'), Selector::inNamespace('KeenShadow\Core\Time'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('KeenShadow\Core\Sky'),
                Selector::inNamespace('KeenShadow\Core\Rules'),
                Selector::inNamespace('KeenShadow\Core\Site'),
                Selector::inNamespace('KeenShadow\Core\Eyewear'),
                Selector::inNamespace('KeenShadow\Core\Viewers'),
            )
            ->because('they lie below the rooms');
    }

    /** Sky, Site and Rules serve the others; otherwise rooms leave each other alone. */
    public function testEyewearUsesNoOtherRoom(): Rule
    {
        return self::roomLeavesAlone('Eyewear', 'Viewers', 'Site');
    }

    public function testViewersUsesNoOtherRoom(): Rule
    {
        return self::roomLeavesAlone('Viewers', 'Eyewear');
    }

    public function testSiteUsesNoOtherRoom(): Rule
    {
        return self::roomLeavesAlone('Site', 'Eyewear', 'Viewers');
    }

    public function testSkyUsesNoOtherRoom(): Rule
    {
        return self::roomLeavesAlone('Sky', 'Eyewear', 'Viewers', 'Site');
    }

    private static function roomLeavesAlone(string $room, string ...$others): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace("KeenShadow\\Core\\{$room}"))
            ->shouldNot()->dependOn()
            ->classes(...array_map(static fn(string $other) => Selector::inNamespace("KeenShadow\\Core\\{$other}"), array_values($others)))
            ->because('the application brings rooms together');
    }
}
