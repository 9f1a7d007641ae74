<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

use KeenShadow\Core\RunSheet\Fields;
use KeenShadow\Core\RunSheet\RunSheetException;

/** A problem as a record of names and plain values, as files have it; see docs/FORMATS.md. */
final class ProblemRecord
{
    private const STEPS_MIN = [1, 5, 10];
    /** More of one kind would be a slip of the hand, or somebody who means to keep a machine busy. */
    private const MOST = 200;
    /** Stations of one step are the bits of a whole number. */
    private const MOST_STATIONS = 60;

    private const KEYS = [
        'stations' => ['id', 'method', 'capacity', 'minutes', 'crew', 'training', 'open'],
        'groups' => ['id', 'people', 'methods', 'free', 'turns'],
        'crew' => ['id', 'training', 'free', 'longest_min', 'rest_min'],
    ];

    private readonly int $stepMin;

    private readonly Stretch $within;

    /** @var array<string, true> ids of stations, groups and helpers so far */
    private array $ids = [Problem::FIT_GLASSES => true, Problem::TIME => true];

    private function __construct(private readonly Fields $fields)
    {
        $this->stepMin = $fields->whole('step_min', 1);
        if (!in_array($this->stepMin, self::STEPS_MIN, true)) {
            throw RunSheetException::notAStep('step_min', self::STEPS_MIN);
        }
        $this->within = new Stretch($fields->time('from'), $fields->time('to'));
        if ($this->within->toMin <= $this->within->fromMin) {
            throw RunSheetException::reversed('to');
        }
        $this->onTheStep('to', $this->within->toMin);
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @throws RunSheetException naming the key's path
     */
    public static function read(array $given): Problem
    {
        return (new self(new Fields($given, '')))->problem();
    }

    /**
     * Keys that are passed over: they mean nothing here, and may be a slip.
     *
     * @param array<array-key, mixed> $given
     *
     * @return list<string> their paths
     */
    public static function passedOver(array $given): array
    {
        $fields = new Fields($given, '');
        $paths = $fields->otherThan(['step_min', 'from', 'to', 'peak', ...array_keys(self::KEYS), 'walk_min', 'glasses']);
        foreach (self::KEYS as $list => $known) {
            foreach ($fields->has($list) ? $fields->records($list, self::MOST) : [] as $record) {
                array_push($paths, ...$record->otherThan($known));
            }
        }

        return $paths;
    }

    private function problem(): Problem
    {
        $stations = array_map($this->station(...), $this->fields->records('stations', self::MOST_STATIONS));
        $groups = array_map($this->group(...), $this->fields->records('groups', self::MOST));

        return new Problem(
            stepMin: $this->stepMin,
            within: $this->within,
            peak: $this->peak(),
            stations: $stations,
            groups: $groups,
            crew: $this->fields->has('crew') ? array_map($this->helper(...), $this->fields->records('crew', self::MOST)) : [],
            walkMin: $this->walks(array_column($stations, 'id')),
            fit: $this->fields->has('glasses') ? $this->fields->record('glasses')->whole('fit', 0) : null,
        );
    }

    private function station(Fields $f): Station
    {
        $minutes = $f->whole('minutes', 1);
        if ($minutes % $this->stepMin !== 0) {
            throw RunSheetException::offTheStep($f->path('minutes'), $this->stepMin);
        }

        return new Station(
            id: $this->id($f),
            method: $f->text('method'),
            capacity: $f->whole('capacity', 0),
            minutes: $minutes,
            crew: $f->whole('crew', 0),
            training: $f->has('training') ? $f->texts('training') : [],
            open: $f->has('open') ? $this->stretches($f, 'open') : null,
        );
    }

    private function group(Fields $f): Group
    {
        return new Group($this->id($f), $f->whole('people', 0), $f->texts('methods'), $this->stretches($f, 'free'), $f->has('turns') ? $f->whole('turns', 0) : 1);
    }

    private function helper(Fields $f): Helper
    {
        return new Helper(
            $this->id($f),
            $f->texts('training'),
            $this->stretches($f, 'free'),
            $f->has('longest_min') ? $f->whole('longest_min', 0) : null,
            $f->has('rest_min') ? $f->whole('rest_min', 0) : 0,
        );
    }

    private function id(Fields $f): string
    {
        $id = $f->text('id');
        if (in_array($id, [Problem::FIT_GLASSES, Problem::TIME], true)) {
            throw RunSheetException::idReserved($f->path('id'), $id);
        }
        if (isset($this->ids[$id])) {
            throw RunSheetException::idTwice($f->path('id'), $id);
        }
        $this->ids[$id] = true;

        return $id;
    }

    private function peak(): Stretch
    {
        [$from, $to] = $this->fields->stretch('peak');
        if ($to < $from) {
            throw RunSheetException::reversed('peak');
        }

        return new Stretch($from, $to);
    }

    /** @return list<Stretch> in the order of the day */
    private function stretches(Fields $f, string $key): array
    {
        $stretches = [];
        foreach ($f->stretches($key) as $i => [$from, $to]) {
            $path = $f->path($key) . "[{$i}]";
            if ($to <= $from) {
                throw RunSheetException::reversed($path);
            }
            $this->onTheStep("{$path}[0]", $from);
            $this->onTheStep("{$path}[1]", $to);
            foreach ($stretches as $other) {
                if ($other->commonMin($from, $to) > 0) {
                    throw RunSheetException::overlapping($path);
                }
            }
            $stretches[] = new Stretch($from, $to);
        }
        usort($stretches, static fn(Stretch $a, Stretch $b): int => $a->fromMin <=> $b->fromMin);

        return $stretches;
    }

    private function onTheStep(string $path, int $minute): void
    {
        if (($minute - $this->within->fromMin) % $this->stepMin !== 0) {
            throw RunSheetException::offTheStep($path, $this->stepMin);
        }
    }

    /**
     * @param list<string> $stations
     *
     * @return array<string, array<string, int>> both ways
     */
    private function walks(array $stations): array
    {
        $walks = [];
        $given = $this->fields->has('walk_min') ? $this->fields->record('walk_min') : new Fields([], 'walk_min');
        foreach ($given->keys() as $from) {
            self::known($given, $from, $stations);
            $row = $given->record($from);
            foreach ($row->keys() as $to) {
                self::known($row, $to, $stations);
                $minutes = $row->whole($to, 0);
                if (($walks[$from][$to] ?? $minutes) !== $minutes) {
                    throw RunSheetException::twoWays($row->path($to));
                }
                $walks[$from][$to] = $walks[$to][$from] = $minutes;
            }
        }

        return $walks;
    }

    /** @param list<string> $stations */
    private static function known(Fields $f, string $id, array $stations): void
    {
        if (!in_array($id, $stations, true)) {
            throw RunSheetException::unknownStation($f->path($id), $id);
        }
    }
}
