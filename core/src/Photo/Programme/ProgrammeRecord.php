<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Given;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\When;

/** A programme as a record of names and plain values, as it is stored and as files have it; see docs/FORMATS.md. */
final class ProgrammeRecord
{
    public const NUMBERS = [Measure::FNumber, Measure::Iso, Measure::IsoFiltered, Measure::Hand, Measure::Interval, Measure::CloudStops, Measure::Corona, Measure::Roll, Measure::Drift, Measure::Clear];
    public const OF_WISH = [Measure::Step, Measure::Frames, Measure::Pause];

    /**
     * @param array<array-key, mixed> $given by name
     *
     * @throws PhotoException when it makes no sense, naming the key
     */
    public static function read(array $given): Programme
    {
        $of = new Given($given);

        return Programme::of(
            fNumber: $of->number(Measure::FNumber),
            isoFree: $of->number(Measure::Iso),
            isoFiltered: $of->number(Measure::IsoFiltered),
            handS: $of->number(Measure::Hand),
            intervalS: $of->number(Measure::Interval),
            cloudStops: $of->number(Measure::CloudStops),
            coronaRadii: $of->number(Measure::Corona),
            rollDeg: $of->number(Measure::Roll),
            driftPx: $of->number(Measure::Drift),
            clearS: $of->number(Measure::Clear),
            finder: $of->wordOrNull('finder', Finder::class),
            watchedBy: $of->text('watched_by', Programme::LONGEST_NAME),
            place: $of->text('place', Programme::LONGEST_NAME),
            wanted: self::wanted($of),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Programme $programme): array
    {
        return [
            Measure::FNumber->value => $programme->fNumber,
            Measure::Iso->value => $programme->isoFree,
            Measure::IsoFiltered->value => $programme->isoFiltered,
            Measure::Hand->value => $programme->handS,
            Measure::Interval->value => $programme->intervalS,
            Measure::CloudStops->value => $programme->cloudStops,
            Measure::Corona->value => $programme->coronaRadii,
            Measure::Roll->value => $programme->rollDeg,
            Measure::Drift->value => $programme->driftPx,
            Measure::Clear->value => $programme->clearS,
            'finder' => $programme->finder?->value,
            'watched_by' => $programme->watchedBy,
            'place' => $programme->place,
            'wanted' => array_map(static fn(Wanted $wanted): array => [
                'name' => $wanted->name,
                'from' => $wanted->from->value,
                'to' => $wanted->to?->value,
                Measure::Step->value => $wanted->stepStops,
                Measure::Frames->value => $wanted->frames,
                'when' => $wanted->when->value,
                Measure::Pause->value => $wanted->pauseS,
            ], $programme->wanted),
        ];
    }

    /** @return list<Wanted> */
    private static function wanted(Given $of): array
    {
        $wanted = [];
        foreach ($of->list('wanted', Programme::MOST_WISHES) ?? throw PhotoException::notAListOfWishes('wanted', Programme::MOST_WISHES) as $i => $wish) {
            $given = new Given((array) $wish, "wanted.{$i}");
            $wanted[] = Wanted::of(
                $given->text('name', Wanted::LONGEST_NAME),
                $given->word('from', Phase::class),
                $given->wordOrNull('to', Phase::class),
                $given->number(Measure::Step),
                $given->whole(Measure::Frames),
                $given->word('when', When::class),
                $given->number(Measure::Pause),
                "wanted.{$i}",
            );
        }

        return $wanted;
    }
}
