<?php

declare(strict_types=1);

namespace App\Drawings\Eyewear;

use App\Drawings\Tick;
use KeenShadow\Core\Eyewear\Spectrum\Band;
use KeenShadow\Core\Eyewear\Spectrum\Clause;
use KeenShadow\Core\Eyewear\Spectrum\Scan;

/** Transmittance against wavelength, from 280 to 1400 nm, on a logarithmic axis from all of the light at the top to a hundred-millionth; in per cent of the picture, y downwards. */
final readonly class SpectrumCurves
{
    private const FROM_NM = 280;
    private const TO_NM = 1400;
    private const STEP_NM = 2;
    /** Values are told at these steps. */
    private const TOLD_NM = 5;
    private const DECADES = 8;

    /**
     * @param list<array{name: string, path: string, limit: float|null}> $curves limit: where its own luminous transmittance lies, which ultraviolet must not exceed
     * @param array{x: float, width: float, y: float, height: float} $allowed the luminous band
     * @param array{x: float, y: float} $infrared where the limit of infrared begins
     * @param array{to: float} $ultraviolet where ultraviolet ends
     * @param list<Tick> $wavelengths
     * @param list<Tick> $percents
     * @param string $values as JSON: from, step, and by curve its name and transmittances, null where it does not reach
     */
    private function __construct(
        public array $curves,
        public array $allowed,
        public array $infrared,
        public array $ultraviolet,
        public array $wavelengths,
        public array $percents,
        public string $values,
    ) {}

    /** @param array<string, Scan> $scans by name */
    public static function of(array $scans): self
    {
        $curves = $values = [];
        foreach ($scans as $name => $scan) {
            $luminous = $scan->luminous();
            $curves[] = ['name' => $name, 'path' => self::path($scan), 'limit' => $luminous === null ? null : self::y($luminous)];
            $values[] = ['name' => $name, 'at' => array_map(static fn(int $nm): ?float => isset($scan->fractions[$nm]) ? (float) sprintf('%.3g', $scan->fractions[$nm]) : null, range(self::FROM_NM, self::TO_NM, self::TOLD_NM))];
        }
        $visible = self::x(Band::Visible->fromNm());

        return new self(
            curves: $curves,
            allowed: ['x' => $visible, 'width' => round(self::x(Band::Visible->toNm()) - $visible, 2), 'y' => self::y(Clause::MOST_LUMINOUS), 'height' => round(self::y(Clause::LEAST_LUMINOUS) - self::y(Clause::MOST_LUMINOUS), 2)],
            infrared: ['x' => self::x(Band::Infrared->fromNm()), 'y' => self::y(Clause::MOST_INFRARED)],
            ultraviolet: ['to' => self::x(Band::Uva->toNm())],
            wavelengths: array_map(static fn(int $nm): Tick => new Tick(self::x($nm), (string) $nm), range(300, 1300, 200)),
            percents: array_map(static fn(int $decade): Tick => new Tick(self::y(10 ** -$decade), rtrim(rtrim(sprintf('%.6f', 100 * 10 ** -$decade), '0'), '.') . ' %'), range(0, self::DECADES - 1, 2)),
            values: (string) json_encode(['from' => self::FROM_NM, 'step' => self::TOLD_NM, 'curves' => $values]),
        );
    }

    private static function path(Scan $scan): string
    {
        $path = '';
        $isDrawn = false;
        for ($nm = self::FROM_NM; $nm <= self::TO_NM; $nm += self::STEP_NM) {
            if (isset($scan->fractions[$nm])) {
                $path .= ($isDrawn ? 'L' : 'M') . self::x($nm) . ' ' . self::y($scan->fractions[$nm]);
            }
            $isDrawn = isset($scan->fractions[$nm]);
        }

        return $path;
    }

    private static function x(int $nm): float
    {
        return round(100 * ($nm - self::FROM_NM) / (self::TO_NM - self::FROM_NM), 2);
    }

    private static function y(float $transmittance): float
    {
        $decades = $transmittance <= 0 ? self::DECADES : min(self::DECADES, -log10($transmittance));

        return round(100 * $decades / self::DECADES, 2);
    }
}
