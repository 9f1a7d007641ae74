<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Size;

/** A length of a design in the form: a field to type it, and a slider over what is usual for such a thing. */
final readonly class SizeField
{
    /** The slider reaches so many times as far up and down as what is usual. */
    private const REACH = 8.0;

    /**
     * @param float $leastMm at the left end of the slider, whose scale is logarithmic
     * @param float $mostMm at its right end
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $value,
        public float $leastMm,
        public float $mostMm,
    ) {}

    /** @return list<self> */
    public static function allOf(Design $design): array
    {
        $sizes = [...$design->kind()->sizes(), ...array_filter([Size::Screen, Size::Figure], static fn(Size $size): bool => $design->build->usualMm($size) !== null)];

        return array_map(static function (Size $size) use ($design): self {
            [$least, $most] = $size->range();
            $usual = (float) $design->build->usualMm($size);
            // Until something is drawn nobody has said how wide.
            $mm = $design->mm($size) ?? ($size === Size::Figure ? $usual : null);

            return new self(
                name: $size->value,
                label: ViewersWords::size($size, $design->kind()),
                value: $mm === null ? '' : (string) $mm,
                leastMm: max($least, min($usual / self::REACH, $mm ?? $usual)),
                mostMm: min($most, max($usual * self::REACH, $mm ?? $usual)),
            );
        }, $sizes);
    }
}
