<?php

declare(strict_types=1);

namespace App\Exports;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as PDF that asks for nothing from outside. */
final class PlainPdf
{
    /** @param bool $isWide whether the longer side lies */
    public static function of(string $html, string $paper, bool $isWide = false): string
    {
        $dompdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans']));
        $dompdf->setPaper($paper, $isWide ? 'landscape' : 'portrait');
        $dompdf->loadHtml($html);
        $dompdf->render();

        return $dompdf->output();
    }
}
