<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\Numbers;
use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Design\Improvement;
use KeenShadow\Core\Viewers\Size;

/** What one change would give, and the fields of the form that make it. */
final readonly class ImprovementRow
{
    /** @param array<string, string> $fields */
    private function __construct(
        public string $name,
        public string $to,
        public string $image,
        public string $bite,
        public string $lux,
        public string $contrast,
        public array $fields,
    ) {}

    public static function of(Improvement $improvement, Design $before): self
    {
        $was = DesignRecord::of($before);
        $changed = array_filter(DesignRecord::of($improvement->design), static fn(mixed $value, string $key): bool => $value !== ($was[$key] ?? null), ARRAY_FILTER_USE_BOTH);
        $image = $improvement->image;

        return new self(
            name: ViewersWords::change($improvement->change),
            to: implode(', ', array_map(static fn(string $key, mixed $value): string => is_float($value) && Size::tryFrom($key) !== null ? self::exact($value) : (ViewersWords::surroundings()[(string) $value] ?? ''), array_keys($changed), $changed)),
            image: Figures::mm($image->diameterMm),
            bite: Numbers::aboutPercent($image->smallestBite()) . ' %',
            lux: Numbers::about($image->illuminanceLx) . ' lx',
            contrast: __(':n times', ['n' => Numbers::about($image->contrast($improvement->design->surroundings))]),
            fields: array_map(strval(...), $changed),
        );
    }

    private static function exact(float $mm): string
    {
        return Numbers::decimal($mm, $mm < 10 ? 2 : 0) . ' mm';
    }
}
