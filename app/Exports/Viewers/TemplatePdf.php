<?php

declare(strict_types=1);

namespace App\Exports\Viewers;

use App\Text\SheetWords;
use Dompdf\Adapter\CPDF;
use Dompdf\Dompdf;
use Dompdf\Options;
use KeenShadow\Core\Viewers\Sheet\LineKind;
use KeenShadow\Core\Viewers\Sheet\Paper;
use KeenShadow\Core\Viewers\Sheet\Template;
use KeenShadow\Core\Viewers\Sheet\Tile;
use RuntimeException;

/** Templates as a PDF in true scale: what is larger than a sheet comes on several, with marks to glue them by; a line of 100 mm on each. */
final class TemplatePdf
{
    private const PT_PER_MM = 72 / 25.4;
    private const LETTER_PT = 8.0;
    /** Grey, width in points, dashes in points. */
    private const LINES = ['cut' => [0.0, 0.9, []], 'guide' => [0.45, 0.6, [3, 4]]];

    private bool $isFirst = true;

    private function __construct(
        private readonly CPDF $canvas,
        private readonly Paper $paper,
        private readonly string $font,
    ) {}

    /**
     * @param list<Template> $templates
     * @param string $name of the viewer, at the foot of each sheet
     */
    public static function of(array $templates, Paper $paper, string $name): string
    {
        $dompdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false]));
        $dompdf->setPaper([0, 0, $paper->widthMm() * self::PT_PER_MM, $paper->heightMm() * self::PT_PER_MM]);
        $dompdf->loadHtml('<html></html>');
        $dompdf->render();
        /** @var CPDF $canvas */
        $canvas = $dompdf->getCanvas();
        // Whoever prints is not offered another scale.
        $canvas->get_cpdf()->setPreferences(['PrintScaling' => 'None']);
        $font = $dompdf->getFontMetrics()->getFont('DejaVu Sans') ?? throw new RuntimeException('DejaVu Sans comes with dompdf.');
        $sheets = new self($canvas, $paper, $font);
        foreach ($templates as $template) {
            $count = Tile::count($template, $paper);
            if ($count > Tile::MOST) {
                $sheets->tooLarge($template, $count);
                continue;
            }
            foreach (Tile::allOf($template, $paper) as $tile) {
                $sheets->sheet($template, $tile, $name);
            }
        }

        return $dompdf->output();
    }

    private function sheet(Template $template, Tile $tile, string $name): void
    {
        $this->page();
        [$left, $top] = [Paper::RIM_MM - $tile->leftMm, Paper::RIM_MM - $tile->topMm];
        $this->canvas->clipping_rectangle(
            self::pt(Paper::RIM_MM - 0.5),
            self::pt(Paper::RIM_MM - 0.5),
            self::pt($this->paper->usableWidthMm() + 1),
            self::pt($this->paper->usableHeightMm() + 1),
        );
        foreach ($template->paths as $path) {
            foreach (array_slice($path->points, 1) as $i => [$x, $y]) {
                $this->line($path->kind, $path->points[$i][0] + $left, $path->points[$i][1] + $top, $x + $left, $y + $top);
            }
        }
        foreach ($template->rounds as $round) {
            [$grey, $width, $dashes] = self::LINES[$round->kind->value];
            $this->canvas->circle(self::pt($round->rightMm + $left), self::pt($round->downMm + $top), self::pt($round->radiusMm), [$grey, $grey, $grey], $width, $dashes);
        }
        foreach ($template->notes as $note) {
            $words = SheetWords::note($note);
            $this->text($words, $note->rightMm + $left - $this->widthMm($words) / 2, $note->downMm + $top);
        }
        foreach ($tile->marks($this->paper) as [$x, $y]) {
            $this->line(LineKind::Cut, $x + $left - 4, $y + $top, $x + $left + 4, $y + $top);
            $this->line(LineKind::Cut, $x + $left, $y + $top - 4, $x + $left, $y + $top + 4);
        }
        $this->canvas->clipping_end();
        $this->foot($template, $tile, $name);
    }

    /** A sheet that says where to have it printed instead. */
    private function tooLarge(Template $template, int $count): void
    {
        $this->page();
        $this->text(SheetWords::part($template->part), Paper::RIM_MM, Paper::RIM_MM + 6);
        $this->text(__('It would take :count sheets: have its SVG printed or cut in one piece.', ['count' => $count]), Paper::RIM_MM, Paper::RIM_MM + 12);
    }

    private function page(): void
    {
        if (!$this->isFirst) {
            $this->canvas->new_page();
        }
        $this->isFirst = false;
    }

    private function foot(Template $template, Tile $tile, string $name): void
    {
        $down = $this->paper->heightMm() - Paper::RIM_MM - 11;
        $this->line(LineKind::Cut, Paper::RIM_MM, $down, Paper::RIM_MM + 100, $down);
        foreach ([Paper::RIM_MM, Paper::RIM_MM + 100] as $end) {
            $this->line(LineKind::Cut, $end, $down - 2, $end, $down + 2);
        }
        $this->text(SheetWords::checkLine(), Paper::RIM_MM, $down + 5);
        $place = $tile->isWhole() ? '' : ', ' . __('row :row of :rows, column :column of :columns', ['row' => $tile->row + 1, 'rows' => $tile->rows, 'column' => $tile->column + 1, 'columns' => $tile->columns]);
        $this->text(SheetWords::part($template->part) . $place . ' · ' . $name, Paper::RIM_MM, $down + 9.5);
    }

    private function line(LineKind $kind, float $x1, float $y1, float $x2, float $y2): void
    {
        [$grey, $width, $dashes] = self::LINES[$kind->value];
        $this->canvas->line(self::pt($x1), self::pt($y1), self::pt($x2), self::pt($y2), [$grey, $grey, $grey], $width, $dashes);
    }

    private function text(string $words, float $x, float $y): void
    {
        $this->canvas->text(self::pt($x), self::pt($y) - self::LETTER_PT, $words, $this->font, self::LETTER_PT, [0.0, 0.0, 0.0]);
    }

    private function widthMm(string $words): float
    {
        return $this->canvas->get_text_width($words, $this->font, self::LETTER_PT) / self::PT_PER_MM;
    }

    private static function pt(float $mm): float
    {
        return $mm * self::PT_PER_MM;
    }
}
