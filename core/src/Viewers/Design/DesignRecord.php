<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use BackedEnum;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\RulesException;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Length;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Pattern\HolePattern;
use KeenShadow\Core\Viewers\Pattern\Outline;
use KeenShadow\Core\Viewers\ScreenSide;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\Surroundings;
use KeenShadow\Core\Viewers\ViewerException;

/** A design as a record of names and plain values, as files, forms and the database have it; see docs/FORMATS.md. */
final class DesignRecord
{
    public const LIGHT = ['sun_diameter_arcmin', 'sun_illuminance_lx', 'wavelength_nm'];
    /** What the crew sees to, as the rule book calls it. */
    public const HANDLING = [Part::Finder, Part::UnusedSide, Part::Mounted, Part::Attended, Part::PeopleInBeam];
    private const OTHERS = ['kind', 'build', 'name', 'surroundings', 'hole_shape', 'screen_side', 'instrument', 'eyepiece', 'text', 'outline'];

    /**
     * @param array<array-key, mixed> $given by name; null is what nobody has said
     * @param bool $isWhole whether it must tell all lengths, or those that are usual stand in
     *
     * @throws ViewerException|RulesException when it makes no sense, naming the field
     */
    public static function read(array $given, bool $isWhole = true): Design
    {
        $given = array_filter($given, static fn(mixed $value): bool => $value !== null);
        foreach (array_diff(array_map(strval(...), array_keys($given)), self::keys()) as $key) {
            throw ViewerException::unknownKey($key);
        }
        $build = self::build($given);
        $kind = $build->kind();
        $outline = $kind === Kind::Pattern ? self::outline($given) : null;
        $design = new Design(
            build: $build,
            sizesMm: self::sizes($given, $build, $isWhole),
            surroundings: self::oneOf($given, 'surroundings', Surroundings::class) ?? ($isWhole ? Surroundings::Open : $build->surroundings()),
            shape: self::oneOf($given, 'hole_shape', HoleShape::class) ?? HoleShape::Round,
            side: self::oneOf($given, 'screen_side', ScreenSide::class) ?? ($build->isSeenFromBehind() ? ScreenSide::Behind : ScreenSide::Front),
            // Nobody builds this with a curved mirror; whoever means to says so, and is told.
            instrument: self::word($given, 'instrument', $kind->instruments()) ?? ($kind === Kind::Mirror ? 'flat_mirror' : null),
            eyepiece: self::word($given, 'eyepiece', $kind === Kind::Eyepiece ? Part::Eyepiece->words() : []),
            handling: self::handling($given),
            text: $kind === Kind::Pattern && $outline === null ? self::text($given) : '',
            outline: $outline,
        );
        $kind === Kind::Pattern ? $design->pattern(Light::of()) : $design->image(Light::of());

        return $design;
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @throws ViewerException when a number is none, or out of range
     */
    public static function light(array $given): Light
    {
        $numbers = [];
        foreach (self::LIGHT as $key) {
            $value = $given[$key] ?? null;
            if ($value !== null && !is_numeric($value)) {
                throw ViewerException::notANumber($key, $value);
            }
            $numbers[] = $value === null ? null : (float) $value;
        }

        return Light::of($numbers[0] ?? Light::SUN_ARCMIN, $numbers[1] ?? Light::SUN_LX, $numbers[2] ?? Light::WAVELENGTH_NM);
    }

    /** @return array<string, bool|float|string> that reads back as the same design */
    public static function of(Design $design): array
    {
        $record = [
            'kind' => $design->kind()->value,
            'build' => $design->build->value,
            ...$design->sizesMm,
            'surroundings' => $design->surroundings->value,
            'hole_shape' => $design->shape->value,
            'screen_side' => $design->side->value,
            'instrument' => $design->instrument,
            'eyepiece' => $design->eyepiece,
            ...$design->handling,
            'text' => $design->text === '' ? null : $design->text,
            'outline' => $design->outline?->written(),
        ];

        return array_filter($record, static fn(mixed $value): bool => $value !== null);
    }

    /** @return list<string> every name there is */
    public static function keys(): array
    {
        return [...self::OTHERS, ...array_column(Size::cases(), 'value'), ...array_column(self::HANDLING, 'value'), ...self::LIGHT];
    }

    /** @param array<array-key, mixed> $given */
    private static function build(array $given): Build
    {
        $kind = self::oneOf($given, 'kind', Kind::class);
        $build = self::oneOf($given, 'build', Build::class) ?? $kind?->usualBuild() ?? throw ViewerException::missing('kind');
        if ($kind !== null && $build->kind() !== $kind) {
            $fitting = array_filter(Build::cases(), static fn(Build $case): bool => $case->kind() === $kind);

            throw ViewerException::notOneOf('build', $build->value, array_column($fitting, 'value'));
        }

        return $build;
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @return array<string, float>
     */
    private static function sizes(array $given, Build $build, bool $isWhole): array
    {
        $sizes = [];
        foreach (Size::cases() as $size) {
            $mm = array_key_exists($size->value, $given) ? $size->checked(Length::mm($size->value, $given[$size->value])) : ($isWhole ? null : $build->usualMm($size));
            $isNeeded = in_array($size, $build->kind()->sizes(), true);
            if ($isNeeded && $mm === null) {
                throw ViewerException::missing($size->value);
            }
            if ($mm !== null && ($isNeeded || in_array($size, self::optional($build->kind()), true))) {
                $sizes[$size->value] = $mm;
            }
        }

        return $sizes;
    }

    /** @return list<Size> */
    private static function optional(Kind $kind): array
    {
        return match ($kind) {
            Kind::Eyepiece => [Size::Screen],
            Kind::Pattern => [Size::Figure],
            default => [],
        };
    }

    /**
     * @template T of BackedEnum
     *
     * @param array<array-key, mixed> $given
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    private static function oneOf(array $given, string $key, string $enum): ?BackedEnum
    {
        $value = $given[$key] ?? null;

        return $value === null ? null : (is_string($value) ? $enum::tryFrom($value) : null) ?? throw ViewerException::notOneOf($key, $value, array_map(static fn(BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    /**
     * @param array<array-key, mixed> $given
     * @param list<string> $words that it may be; none where the kind has no such thing
     */
    private static function word(array $given, string $key, array $words): ?string
    {
        $value = $given[$key] ?? null;
        if ($value === null || $words === []) {
            return null;
        }

        return is_string($value) && in_array($value, $words, true) ? $value : throw ViewerException::notOneOf($key, $value, $words);
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @return array<string, bool|string>
     */
    private static function handling(array $given): array
    {
        $names = array_column(self::HANDLING, 'value');

        /** @var array<string, bool|string> none of these is a number or a list */
        return Situation::of(array_intersect_key($given, array_flip($names)))->known;
    }

    /** @param array<array-key, mixed> $given */
    private static function text(array $given): string
    {
        $text = $given['text'] ?? '';
        $text = is_string($text) ? trim($text) : '';
        if ($text === '' || mb_strlen($text) > HolePattern::MOST_LETTERS) {
            throw ViewerException::noText(HolePattern::MOST_LETTERS);
        }

        return $text;
    }

    /** @param array<array-key, mixed> $given */
    private static function outline(array $given): ?Outline
    {
        $outline = $given['outline'] ?? null;
        if ($outline !== null && !is_string($outline)) {
            throw ViewerException::noOutline(Outline::MOST_STROKES);
        }

        return $outline === null || trim($outline) === '' ? null : Outline::read($outline);
    }
}
