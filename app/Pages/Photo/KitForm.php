<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Models\Photo\KitItem;
use App\Text\KitWords;
use KeenShadow\Core\Photo\Kit\Camera;
use KeenShadow\Core\Photo\Kit\FilterMake;
use KeenShadow\Core\Photo\Kit\FilterSeat;
use KeenShadow\Core\Photo\Kit\Fixing;
use KeenShadow\Core\Photo\Kit\FrontFilter;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Kit\KitRecord;
use KeenShadow\Core\Photo\Kit\Mount;
use KeenShadow\Core\Photo\Kit\Optics;
use KeenShadow\Core\Photo\Kit\OpticsBuild;

/** A piece of kit as a form has it. */
final readonly class KitForm
{
    private const MICRONS = 1000;

    /**
     * @param array<string, string> $values by the name of the field
     * @param array<string, array<string, string>> $choices words by the value, by the name of the field
     */
    private function __construct(
        public KitItem $item,
        public KitKind $kind,
        public string $title,
        public array $values,
        public array $choices,
    ) {}

    public static function blank(KitKind $kind): self
    {
        return self::make(new KitItem(['name' => '', 'kind' => $kind]), $kind, match ($kind) {
            KitKind::Camera => ['frames_per_s' => '5', 'buffer_frames' => '1', 'write_s' => '1', 'iso_least' => '100', 'iso_most' => '6400', 'is_phone' => '0'],
            KitKind::Optics => ['build' => OpticsBuild::Lens->value],
            KitKind::Filter => ['make' => FilterMake::Visual->value, 'seat' => FilterSeat::Front->value, 'fixing' => Fixing::Screwed->value],
            KitKind::Mount => ['tracks' => '0'],
        });
    }

    public static function of(KitItem $item): self
    {
        $read = $item->read();

        return self::make($item, $item->kind, array_map(static fn(string|float|int|bool|null $value): string => match (true) {
            is_bool($value) => (string) (int) $value,
            is_float($value) => KitWords::plain($value),
            default => (string) $value,
        }, match (true) {
            $read instanceof Camera => [
                'is_phone' => $read->isPhone(), 'sensor_w' => $read->sensor->widthMm, 'sensor_h' => $read->sensor->heightMm, 'pixel_um' => $read->sensor->pixelMm * self::MICRONS, 'iso_least' => $read->leastIso, 'iso_most' => $read->mostIso,
                'frames_per_s' => $read->framesPerS, 'buffer_frames' => $read->bufferFrames, 'write_s' => $read->writeS, 'focal_mm' => $read->ownLens?->focalMm, 'f_number' => $read->ownLens?->fNumber,
            ],
            $read instanceof Optics, $read instanceof FrontFilter, $read instanceof Mount => self::plain(KitRecord::write($read)),
        }));
    }

    /** @param array<string, string> $values */
    private static function make(KitItem $item, KitKind $kind, array $values): self
    {
        /** @var array<string, array<string, string>> $choices */
        $choices = match ($kind) {
            KitKind::Camera => ['is_phone' => ['0' => __('a camera'), '1' => __('a phone, with a lens of its own')]],
            KitKind::Optics => ['build' => self::words(OpticsBuild::cases(), KitWords::build(...))],
            KitKind::Filter => ['make' => self::words(FilterMake::cases(), KitWords::make(...)), 'seat' => self::words(FilterSeat::cases(), KitWords::seat(...)), 'fixing' => self::words(Fixing::cases(), KitWords::fixing(...))],
            KitKind::Mount => ['tracks' => ['0' => KitWords::tracks(false), '1' => KitWords::tracks(true)]],
        };

        return new self($item, $kind, $item->name === '' ? __('New: :kind', ['kind' => mb_lcfirst(KitWords::kind($kind))]) : $item->name, $values, $choices);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param list<T> $cases
     * @param callable(T): string $words
     *
     * @return array<string, string>
     */
    private static function words(array $cases, callable $words): array
    {
        return array_combine(array_map(static fn(\BackedEnum $case): string => (string) $case->value, $cases), array_map($words, $cases));
    }

    /**
     * @param array<string, mixed> $record
     *
     * @return array<string, string|float|int|bool|null>
     */
    private static function plain(array $record): array
    {
        return array_filter($record, static fn(mixed $value): bool => is_scalar($value));
    }
}
