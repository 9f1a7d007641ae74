<?php

declare(strict_types=1);

namespace Tests\Feature\Imports;

use App\Imports\ImportException;
use App\Imports\Viewers\SvgOutline;
use App\Imports\Viewers\SvgPath;
use App\Imports\Viewers\SvgShape;
use App\Imports\Viewers\SvgTransform;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Outlines of SVG drawings against plane geometry, and what is refused of them. */
final class SvgOutlineTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{float, float}>}> path data and its corners by hand (SVG 1.1, ch. 8) */
    public static function paths(): iterable
    {
        yield 'absolute and closed' => ['M0 0L10 0 10 5z', [[0, 0], [10, 0], [10, 5], [0, 0]]];
        yield 'relative, numbers close together' => ['m1-1l2.5.5-1,1', [[1, -1], [3.5, -0.5], [2.5, 0.5]]];
        yield 'level and upright' => ['M1 1H5V3h-2v-1', [[1, 1], [5, 1], [5, 3], [3, 3], [3, 2]]];
        yield 'moving on draws lines' => ['M0 0 1 1 2 0', [[0, 0], [1, 1], [2, 0]]];
        yield 'it ends where it makes no sense' => ['M0 0L5 5L7', [[0, 0], [5, 5]]];
        yield 'nothing before a begin' => ['L5 5', []];
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('paths')]
    public function testPathsOfLines(string $data, array $corners): void
    {
        self::assertEqualsWithDelta($corners, SvgPath::strokes($data)[0] ?? [], 1e-9);
    }

    /** Each point of an arc is as far from its middle as its radius; a cubic round is within 0.03 % of one (common practice); a quadratic is half-way by halves. */
    public function testCurvesLieWhereTheyBelong(): void
    {
        foreach (['M10 0A10 10 0 0 1 0 10', 'M10 0A10 10 0 0 0 0 10', 'M10 0 a10 10 0 01-10 10', 'M10 0A10 10 0 1 0 0 10'] as $i => $data) {
            [$stroke] = SvgPath::strokes($data);
            $middle = $i === 1 ? [10.0, 10.0] : [0.0, 0.0];
            // With y downwards the sweep from (10, 0) to (0, 10) is a quarter about the origin, and so is the long way back; against it the quarter lies about (10, 10).
            foreach ($stroke as $point) {
                self::assertEqualsWithDelta(10.0, hypot($point[0] - $middle[0], $point[1] - $middle[1]), 1e-9, $data);
            }
            self::assertEqualsWithDelta([0.0, 10.0], $stroke[count($stroke) - 1], 1e-9);
        }
        foreach (SvgPath::strokes('M10 0C10 5.5228 5.5228 10 0 10S-10 5.5228 -10 0')[0] as $point) {
            self::assertEqualsWithDelta(10.0, hypot(...$point), 0.003);
        }
        [$bow] = SvgPath::strokes('M0 0Q10 10 20 0T40 0');
        self::assertContainsEquals([10.0, 5.0], array_map(static fn(array $p): array => [round($p[0], 9), round($p[1], 9)], $bow));
        self::assertContainsEquals([30.0, -5.0], array_map(static fn(array $p): array => [round($p[0], 9), round($p[1], 9)], $bow), 'the smooth one mirrors');
        self::assertEqualsWithDelta(3.0, hypot(...array_map(static fn(float $a, float $b): float => $a - $b, SvgShape::strokes('circle', ['cx' => '5', 'cy' => '6', 'r' => '3'])[0][7], [5.0, 6.0])), 1e-9);
    }

    /** SVG 1.1, 7.6: the last of a list is done first; a turn about a point leaves that point. */
    public function testTransforms(): void
    {
        self::assertEqualsWithDelta([12.0, 24.0], SvgTransform::read('translate(10 20) scale(2)')->apply([1.0, 2.0]), 1e-9);
        self::assertEqualsWithDelta([-2.0, 1.0], SvgTransform::read('rotate(90)')->apply([1.0, 2.0]), 1e-9);
        self::assertEqualsWithDelta([5.0, 6.0], SvgTransform::read('rotate(33, 5, 6)')->apply([5.0, 6.0]), 1e-9);
        self::assertEqualsWithDelta([1 + 3 * 2 + 5.0, 2 + 4 * 2 + 6.0], SvgTransform::read('matrix(1 2 3 4 5 6)')->apply([1.0, 2.0]), 1e-9);
    }

    public function testADrawingIsReadWithItsGroups(): void
    {
        $svg = '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><defs><path d="M0 0L900 900"/></defs><g transform="translate(100 0)"><line x2="50"/><g transform="scale(2)"><polyline points="0,0 0,25"/></g></g><text>A</text></svg>';
        self::assertSame([[[0.0, 0.0], [1.0, 0.0]], [[0.0, 0.0], [0.0, 1.0]]], SvgOutline::read($svg)->strokes);
    }

    /** @return iterable<string, array{string}> */
    public static function refused(): iterable
    {
        $in = static fn(string $inside): array => ["<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\"><path d=\"M0 0L1 1\"/>{$inside}</svg>"];
        yield 'a script' => $in('<script>alert(1)</script>');
        yield 'a handler' => $in('<path d="M0 0L1 1" onload="alert(1)"/>');
        yield 'a picture from elsewhere' => $in('<image href="https://example.org/a.png"/>');
        yield 'another drawing' => $in('<use xlink:href="https://example.org/a.svg#b"/>');
        yield 'a link' => $in('<a href="https://example.org/"><path d="M0 0L1 1"/></a>');
        yield 'a script as a link' => $in('<a xlink:href="javascript:alert(1)"/>');
        yield 'a filter from elsewhere' => $in('<path d="M0 0L1 1" style="filter:url(https://example.org/a#b)"/>');
        yield 'a style from elsewhere' => $in('<style>@import "https://example.org/a.css";</style>');
        yield 'a page inside' => $in('<foreignObject><body/></foreignObject>');
        yield 'moving' => $in('<path d="M0 0L1 1"><animate attributeName="d"/></path>');
        yield 'a style sheet as an instruction' => ['<?xml-stylesheet href="https://example.org/a.css"?><svg><path d="M0 0L1 1"/></svg>'];
        yield 'entities' => ['<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]><svg><path d="&a;"/></svg>'];
        yield 'no SVG' => ['<html><path d="M0 0L1 1"/></html>'];
        yield 'not closed' => ['<svg><path d="M0 0L1 1"/>'];
        yield 'nothing drawn' => ['<svg xmlns="http://www.w3.org/2000/svg"><text>A</text></svg>'];
        yield 'one point' => ['<svg><path d="M5 5z"/></svg>'];
        yield 'endless' => ['<svg><path d="M0 0L1e999 1e999"/></svg>'];
        yield '10 MB of paths' => ['<svg>' . str_repeat('<path d="M0 0L1 1L2 0L3 1"/>', 370000) . '</svg>'];
        yield 'many points in 1 MB' => ['<svg><path d="M0 0' . str_repeat('h1', 500000) . '"/></svg>'];
        yield 'many strokes' => ['<svg>' . str_repeat('<path d="M0 0L1 1"/>', 200) . '</svg>'];
        yield 'no text at all' => [''];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0"];
    }

    #[DataProvider('refused')]
    public function testWhatDoesMoreThanDrawIsRefused(string $svg): void
    {
        $this->expectException(ImportException::class);
        SvgOutline::read($svg);
    }
}
