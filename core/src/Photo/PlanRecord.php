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
        $of = new Given($given);
        [$widthMm, $heightMm] = $of->two(Measure::Side);
        $density = $of->plain(self::FILTER);

        return Plan::of(
            frame: Frame::of($of->number(Measure::Focal), Sensor::of($widthMm, $heightMm, $of->number(Measure::Pixel)), $of->number(Measure::SunDiameter)),
            settings: Settings::of($of->number(Measure::FNumber), $of->number(Measure::Iso)),
            filter: (floor($density) === $density ? FilterDensity::tryFrom((int) $density) : null) ?? throw PhotoException::noSuchFilter(self::FILTER),
            totalityS: $of->number(Measure::Totality),
            shots: self::shots($of),
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
        $of = new Given($given);
        $others = $of->otherThan(self::OF_PLAN);
        foreach ($of->list(self::SHOTS, self::MOST_SHOTS) ?? [] as $i => $shot) {
            array_push($others, ...(new Given((array) $shot, self::SHOTS . "[{$i}]"))->otherThan(self::OF_SHOT));
        }

        return $others;
    }

    /** @return list<Shot> */
    private static function shots(Given $of): array
    {
        $shots = [];
        foreach ($of->list(self::SHOTS, self::MOST_SHOTS) ?? throw PhotoException::notAListOfShots(self::SHOTS, self::MOST_SHOTS) as $i => $shot) {
            $at = self::SHOTS . "[{$i}]";
            $given = new Given(is_array($shot) && ($shot === [] || !array_is_list($shot)) ? $shot : throw PhotoException::notAShot($at), $at);
            $frames = $given->whole(Measure::Frames);
            $shots[] = Shot::of($given->number(Measure::Q), $frames, $given->number(Measure::Write), $at);
        }

        return $shots;
    }
}
