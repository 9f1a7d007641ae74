<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** A plan as a record of names and plain values, and what it comes to; see docs/FORMATS.md. */
final class PlanRecord
{
    private const FILTER = 'filter_od';
    private const SHOTS = 'shots';
    private const MOST_SHOTS = 1000;
    private const OF_PLAN = [Measure::Focal->value, Measure::FNumber->value, Measure::Iso->value, Measure::Pixel->value, Measure::Side->value, self::FILTER, Measure::SunDiameter->value, Measure::Totality->value, self::SHOTS];
    private const OF_SHOT = [Measure::Q->value, Measure::Frames->value, Measure::Write->value];

    /**
     * @param array<array-key, mixed> $given by name
     *
     * @throws PhotoException when it makes no sense, naming the key
     */
    public static function read(array $given): Plan
    {
        $number = static fn(Measure $measure): float => self::number($given, $measure->value);
        [$widthMm, $heightMm] = self::sides($given);
        $density = self::number($given, self::FILTER);

        return Plan::of(
            frame: Frame::of($number(Measure::Focal), Sensor::of($widthMm, $heightMm, $number(Measure::Pixel)), $number(Measure::SunDiameter)),
            settings: Settings::of($number(Measure::FNumber), $number(Measure::Iso)),
            filter: (floor($density) === $density ? FilterDensity::tryFrom((int) $density) : null) ?? throw PhotoException::noSuchFilter(self::FILTER),
            totalityS: $number(Measure::Totality),
            shots: self::shots($given),
        );
    }

    /** @return array<string, mixed> */
    public static function figures(Plan $plan): array
    {
        $exposures = [];
        foreach (Phase::cases() as $phase) {
            $exposures[$phase->value] = $plan->exposureS($phase);
        }

        return [
            'image_mm' => $plan->frame->imageMm(),
            'image_px' => $plan->frame->imagePx(),
            'drift_px_per_s' => $plan->frame->driftPxPerS(),
            'field_deg' => $plan->frame->fieldDeg(),
            'exposure_s' => $exposures,
            'shots_s' => $plan->shotsS(),
            'share_of_totality' => $plan->shareOfTotality(),
        ];
    }

    /**
     * @param array<array-key, mixed> $given that can be read
     *
     * @return list<string> paths of keys that say nothing
     */
    public static function passedOver(array $given): array
    {
        $others = self::others($given, self::OF_PLAN, '');
        foreach (self::list($given) as $i => $shot) {
            array_push($others, ...self::others((array) $shot, self::OF_SHOT, self::SHOTS . "[{$i}]."));
        }

        return $others;
    }

    /**
     * @param array<array-key, mixed> $given
     * @param list<string> $known
     *
     * @return list<string>
     */
    private static function others(array $given, array $known, string $at): array
    {
        return array_map(static fn(string $key): string => $at . $key, array_values(array_diff(array_map(strval(...), array_keys($given)), $known)));
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @return list<Shot>
     */
    private static function shots(array $given): array
    {
        $shots = [];
        foreach (self::list($given) as $i => $shot) {
            $at = self::SHOTS . "[{$i}]";
            $shot = is_array($shot) && ($shot === [] || !array_is_list($shot)) ? $shot : throw PhotoException::notAShot($at);
            $frames = self::number($shot, Measure::Frames->value, "{$at}.");
            if (floor($frames) !== $frames) {
                throw PhotoException::notWhole("{$at}." . Measure::Frames->value);
            }
            Measure::Frames->checked($frames, "{$at}." . Measure::Frames->value);
            $shots[] = Shot::of(self::number($shot, Measure::Q->value, "{$at}."), (int) $frames, self::number($shot, Measure::Write->value, "{$at}."), $at);
        }

        return $shots;
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @return list<mixed>
     */
    private static function list(array $given): array
    {
        $list = $given[self::SHOTS] ?? throw PhotoException::missing(self::SHOTS);

        return is_array($list) && array_is_list($list) && count($list) <= self::MOST_SHOTS ? $list : throw PhotoException::notAListOfShots(self::SHOTS, self::MOST_SHOTS);
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @return array{float, float} width, height
     */
    private static function sides(array $given): array
    {
        $key = Measure::Side->value;
        $sides = $given[$key] ?? throw PhotoException::missing($key);
        if (!is_array($sides) || !array_is_list($sides) || count($sides) !== 2) {
            throw PhotoException::notWidthAndHeight($key);
        }

        return [self::plain($sides[0], "{$key}[0]"), self::plain($sides[1], "{$key}[1]")];
    }

    /** @param array<array-key, mixed> $given */
    private static function number(array $given, string $key, string $at = ''): float
    {
        return self::plain($given[$key] ?? throw PhotoException::missing($at . $key), $at . $key);
    }

    private static function plain(mixed $value, string $path): float
    {
        return is_int($value) || is_float($value) ? (float) $value : throw PhotoException::notANumber($path);
    }
}
