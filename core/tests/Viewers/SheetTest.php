<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Viewers;

use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Sheet\BoxPlan;
use KeenShadow\Core\Viewers\Sheet\LineKind;
use KeenShadow\Core\Viewers\Sheet\Paper;
use KeenShadow\Core\Viewers\Sheet\Part;
use KeenShadow\Core\Viewers\Sheet\Round;
use KeenShadow\Core\Viewers\Sheet\Template;
use KeenShadow\Core\Viewers\Sheet\Templates;
use KeenShadow\Core\Viewers\Sheet\Tile;
use PHPUnit\Framework\TestCase;

final class SheetTest extends TestCase
{
    /** Whatever is built has its parts: the opening as wide as the design says is on one of them, and the Sun's image on the screen. */
    public function testEveryBuildHasItsParts(): void
    {
        $parts = [];
        foreach (Build::cases() as $build) {
            $design = DesignRecord::read(['build' => $build->value, 'text' => 'SOL'], isWhole: false);
            $openingMm = (float) $design->mm($design->opening());
            $imageMm = $design->image(Light::of())->diameterMm;
            $cut = $guides = [];
            foreach (Templates::of($design, Light::of()) as $template) {
                $parts[$template->part->value] = true;
                foreach ($template->rounds as $round) {
                    self::assertTrue($round->rightMm - $round->radiusMm >= -1e-9 && $round->rightMm + $round->radiusMm <= $template->widthMm + 1e-9, "{$build->value} {$template->part->value}");
                    $round->kind === LineKind::Cut ? $cut[] = 2 * $round->radiusMm : $guides[] = 2 * $round->radiusMm;
                }
                foreach ($template->paths as $path) {
                    foreach ($path->points as [$right, $down]) {
                        self::assertTrue($right >= 0 && $right <= $template->widthMm + 1e-9 && $down >= 0 && $down <= $template->heightMm + 1e-9, "{$build->value} {$template->part->value}");
                    }
                }
            }
            self::assertTrue($build === Build::FoundHoles || array_filter($cut, static fn(float $mm): bool => abs($mm - $openingMm) < 1e-9) !== [], $build->value);
            self::assertTrue($design->kind() === Kind::Pattern || $design->kind() === Kind::Mirror || array_filter($guides, static fn(float $mm): bool => abs($mm - $imageMm) < 1e-9) !== [], $build->value);
        }
        self::assertEqualsCanonicalizing(array_column(Part::cases(), 'value'), array_keys($parts), 'no part is for nothing');
    }

    /** The head of whoever looks in touches the box from outside and stays out of the hole's light, whatever the box. */
    public function testTheHeadStaysOutOfTheLight(): void
    {
        foreach ([150.0, 300.0, 450.0, 900.0] as $length) {
            foreach ([90.0, 110.0, 200.0] as $height) {
                $plan = BoxPlan::of($length, $height, $length * 0.0093);
                [$x, $y] = $plan->head();
                self::assertGreaterThanOrEqual(BoxPlan::CLEAR_MM, $plan->clearMm());
                // Every point of the head against every point of the light before the end, and against the box.
                for ($degree = 0; $degree < 360; $degree += 5) {
                    $below = $y + BoxPlan::HEAD_RADIUS_MM * sin(deg2rad($degree));
                    self::assertTrue($below - $plan->holeMm >= BoxPlan::CLEAR_MM && $below >= $height - 1e-9);
                }
                self::assertTrue($plan->windowFromMm > 0 && $plan->windowToMm < $length && $x < $plan->windowToMm);
                self::assertTrue($plan->holeMm > $length * 0.0093 / 2, 'the image falls on the end');
            }
        }
    }

    /** Every place of a large template is on a sheet; neighbours overlap, and their crosses lie on each other. */
    public function testALargeTemplateIsTiled(): void
    {
        foreach (Paper::cases() as $paper) {
            $template = Template::card(Part::PatternCard, 700, 500);
            $tiles = Tile::allOf($template, $paper);
            for ($x = 0.0; $x <= 700; $x += 7) {
                for ($y = 0.0; $y <= 500; $y += 7) {
                    $on = array_filter($tiles, static fn(Tile $t): bool => $x >= $t->leftMm && $x <= $t->leftMm + $paper->usableWidthMm() && $y >= $t->topMm && $y <= $t->topMm + $paper->usableHeightMm());
                    self::assertNotSame([], $on, "{$x} {$y}");
                }
            }
            [$first, $second] = $tiles;
            self::assertSame([0, 0, 0, 1], [$first->row, $first->column, $second->row, $second->column]);
            self::assertEqualsWithDelta(10.0, $first->leftMm + $paper->usableWidthMm() - $second->leftMm, 1e-9, 'so much overlaps');
            $shared = array_filter($first->marks($paper), static fn(array $a): bool => array_filter($second->marks($paper), static fn(array $b): bool => hypot($a[0] - $b[0], $a[1] - $b[1]) < 1e-9) !== []);
            self::assertCount(2, $shared, 'one above, one below');
            self::assertCount(1, Tile::allOf(Template::card(Part::Foil, 100, 100), $paper));
            self::assertSame([], Tile::allOf(Template::card(Part::Foil, 100, 100), $paper)[0]->marks($paper));
        }
        self::assertSame(count(Tile::allOf(Template::card(Part::PatternCard, 700, 500), Paper::A4)), Tile::count(Template::card(Part::PatternCard, 700, 500), Paper::A4));
        // ISO 216, ANSI/ASME Y14.1.
        self::assertSame([210.0, 297.0, 215.9, 279.4], [Paper::A4->widthMm(), Paper::A4->heightMm(), Paper::Letter->widthMm(), Paper::Letter->heightMm()]);
    }

    /** The rings of the sun finder: a degree at 200 mm is 3.491 mm, the Sun's image 1.862 mm. */
    public function testTheSunFinder(): void
    {
        foreach (Templates::of(DesignRecord::read(['build' => 'telescope'], isWhole: false), Light::of()) as $template) {
            if ($template->part === Part::FinderTarget) {
                self::assertEqualsWithDelta([0.9309, 3.491, 6.982], array_map(static fn(Round $round): float => $round->radiusMm, $template->rounds), 0.001);

                return;
            }
        }
        self::fail('no target');
    }
}
