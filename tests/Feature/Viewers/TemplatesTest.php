<?php

declare(strict_types=1);

namespace Tests\Feature\Viewers;

use App\Drawings\Viewers\TemplateDrawing;
use App\Models\Viewers\Viewer;
use DOMDocument;
use DOMElement;
use Illuminate\Support\Str;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Sheet\Templates;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Parts in their true size, measured in what leaves the program: PDF by poppler, SVG by its own numbers. */
final class TemplatesTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const PT_PER_MM = 72 / 25.4;

    /** @return iterable<string, array{string, float, float}> paper, its width and height in mm */
    public static function papers(): iterable
    {
        yield 'A4' => ['a4', 210.0, 297.0];
        yield 'Letter' => ['letter', 215.9, 279.4];
    }

    #[DataProvider('papers')]
    public function testTheLineOfAPdfIs100MmAndHolesAreRound(string $paper, float $widthMm, float $heightMm): void
    {
        $viewer = $this->viewer(['build' => 'pattern', 'distance_mm' => 2000, 'hole_mm' => 4, 'text' => 'SOL']);
        $pdf = (string) $this->get(route('viewers.pdf', [$this->event, $viewer, $paper]))->assertOk()->assertHeader('Content-Type', 'application/pdf; charset=utf-8')->getContent();
        // A card of 380 mm × 176 mm: three sheets, for 10 mm of each lie on the next.
        self::assertStringContainsString('/PrintScaling /None', $pdf);
        self::assertMatchesRegularExpression('/Pages:\s+3\n/', self::poppler(['pdfinfo', '-'], $pdf));
        $rounds = 0;
        foreach ([1, 2, 3] as $page) {
            $svg = self::poppler(['pdftocairo', '-svg', '-noshrink', '-f', (string) $page, '-l', (string) $page, '-', '-'], $pdf);
            self::assertSame(1, preg_match('/<svg [^>]*width="([\d.]+)(?:pt)?" height="([\d.]+)/', $svg, $size));
            self::assertEqualsWithDelta([$widthMm, $heightMm], [(float) $size[1] / self::PT_PER_MM, (float) $size[2] / self::PT_PER_MM], 0.05);
            $lengths = [];
            foreach (self::outlines($svg) as [$points, $isCurved]) {
                [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
                [$across, $down] = [(max($xs) - min($xs)) / self::PT_PER_MM, (max($ys) - min($ys)) / self::PT_PER_MM];
                if ($isCurved) {
                    self::assertEqualsWithDelta(4.0, $across, 0.05);
                    self::assertEqualsWithDelta($across, $down, 0.02, 'round');
                    ++$rounds;
                } elseif ($down < 0.01) {
                    $lengths[] = round($across, 2);
                }
            }
            self::assertNotSame([], array_filter($lengths, static fn(float $mm): bool => abs($mm - 100.0) <= 0.2), implode(' ', $lengths));
        }
        // SOL has 41 dots; those in an overlap are on both sheets.
        self::assertGreaterThanOrEqual(41, $rounds);
    }

    /** A word across a town is a file for a print shop, not a hundred thousand sheets. */
    public function testAPartThatIsFarTooLargeIsNotTiled(): void
    {
        $viewer = $this->viewer(['build' => 'pattern', 'distance_mm' => 200000, 'hole_mm' => 900, 'text' => 'THE SUN AND THE MOON']);
        $pdf = (string) $this->get(route('viewers.pdf', [$this->event, $viewer, 'a4']))->assertOk()->getContent();
        self::assertMatchesRegularExpression('/Pages:\s+1\n/', self::poppler(['pdfinfo', '-'], $pdf));
        $this->get(route('viewers.svg', [$this->event, $viewer, 'pattern_card']))->assertOk();
    }

    /** Each part as SVG: a unit is a millimetre of the page, the line below is 100 of them, and the round hole is as wide as the design says. */
    public function testEveryPartAsSvg(): void
    {
        foreach (Build::cases() as $build) {
            $viewer = $this->viewer(['build' => $build->value, 'text' => 'SOL']);
            $page = $this->get(route('viewers.build', [$this->event, $viewer]))->assertOk()->assertSee('Try it on an ordinary sunny day');
            foreach (Templates::of($viewer->design, Light::of()) as $template) {
                $address = route('viewers.svg', [$this->event, $viewer, $template->part->value]);
                $page->assertSee($address, false);
                $document = new DOMDocument();
                self::assertTrue($document->loadXML((string) $this->get($address)->assertOk()->getContent()));
                $root = $document->documentElement;
                self::assertInstanceOf(DOMElement::class, $root);
                [, , $width, $height] = explode(' ', $root->getAttribute('viewBox'));
                self::assertSame(["{$width}mm", "{$height}mm"], [$root->getAttribute('width'), $root->getAttribute('height')]);
                self::assertStringContainsString(' h100 ', (string) $document->saveXML());
                self::assertSame(count($template->rounds), $document->getElementsByTagName('circle')->length);
                foreach ($document->getElementsByTagName('circle') as $i => $circle) {
                    self::assertEqualsWithDelta($template->rounds[$i]->radiusMm, (float) $circle->getAttribute('r'), $template->rounds[$i]->kind->value === 'cut' ? 0.001 : 0.03 * $template->rounds[$i]->radiusMm, 'the Sun is not 32′ wide that day');
                }
                $drawing = TemplateDrawing::of($template);
                self::assertCount(count($template->paths), $drawing->paths);
                self::assertEqualsWithDelta($template->widthMm + $drawing->letter, $drawing->box->width, 1e-9);
            }
        }
        $this->get(route('viewers.svg', [$this->event, $this->viewer(['build' => 'box']), 'hood']))->assertNotFound();
        $this->get(route('viewers.svg', [$this->event, $this->viewer(['build' => 'box']), 'lid']))->assertNotFound();
        $this->get(str_replace('a4', 'a3', route('viewers.pdf', [$this->event, $this->viewer(['build' => 'box']), 'a4'])))->assertNotFound();
    }

    /** @param array<string, mixed> $record */
    private function viewer(array $record): Viewer
    {
        return $this->event->viewers()->create(['name' => Str::random(12), 'design' => DesignRecord::read($record, isWhole: false)]);
    }

    /** @param list<string> $command */
    private static function poppler(array $command, string $pdf): string
    {
        $process = new Process($command, input: $pdf);
        $process->mustRun();

        return $process->getOutput();
    }

    /** @return iterable<array{non-empty-list<array{float, float}>, bool}> points of each drawn line in points of the page, and whether it is curved; letters left out */
    private static function outlines(string $svg): iterable
    {
        preg_match_all('/<path [^>]*?stroke:rgb[^>]*? d="([^"]+)"(?: transform="matrix\(([^)]+)\)")?/', $svg, $found, PREG_SET_ORDER);
        foreach ($found as $path) {
            [$a, $b, $c, $d, $e, $f] = array_map(floatval(...), explode(',', $path[2] ?? '1,0,0,1,0,0'));
            preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $path[1], $points, PREG_SET_ORDER);
            $placed = array_map(static fn(array $p): array => [$a * (float) $p[1] + $c * (float) $p[2] + $e, $b * (float) $p[1] + $d * (float) $p[2] + $f], $points);
            if ($placed !== []) {
                yield [$placed, str_contains($path[1], 'C')];
            }
        }
    }
}
