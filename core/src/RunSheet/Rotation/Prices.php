<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** What a place costs while wishes are placed: learned from what was hard before. */
final class Prices
{
    /** Per helper to open a station for a turn where helpers are few. */
    private const OPENED = 1.0;

    /** To take the place of others at a station once more. */
    private const AGAIN = 0.5;

    /** To leave a gap before or after a turn, which may be too short for another. */
    private const GAP = 0.5;

    /** To use a station at a step at which helpers were found wanting. */
    private const WANTING = 0.3;

    /** @var array<int, float> what it costs to take a wish away: how often it was hard to place */
    public array $ofWish = [];

    /** @var array<int, array<int, float>> by station and step at which helpers were found wanting */
    private array $wanting = [];

    /** @var array<int, array<int, float>> of taking the place of others, by wish and station */
    private array $again = [];

    /** @param bool $isSparing whether helpers are so few that stations are better shared than opened */
    public function __construct(private readonly Timetable $table, private readonly bool $isSparing)
    {
        foreach ($table->groupOf as $wish => $group) {
            // Of a group the first turn is worth more than a further one.
            $this->ofWish[$wish] = $table->wishesOf[$group][0] === $wish ? 1.0 : 0.8;
        }
    }

    /** Of a place where nothing has to give way. */
    public function ofPlace(int $station, int $start): float
    {
        $end = $start + $this->table->grid->length[$station];
        $cost = ($start > 0 && $this->isEmpty($station, $start - 1) ? self::GAP : 0.0) + ($end < $this->table->grid->steps && $this->isEmpty($station, $end) ? self::GAP : 0.0);
        if ($this->isSparing) {
            $opened = self::OPENED * $this->table->grid->staffing->wanted[$station] / $this->table->grid->length[$station];
            for ($t = $start; $t < $end; ++$t) {
                if ($this->isEmpty($station, $t)) {
                    $cost += $opened + ($this->wanting[$station][$t] ?? 0.0);
                }
            }
        }

        return $cost;
    }

    /** Of a place that others have to leave. */
    public function ofTaking(int $wish, int $station, int $start): float
    {
        return $this->ofPlace($station, $start) + ($this->again[$wish][$station] ?? 0.0);
    }

    public function wasHard(int $wish): void
    {
        $this->ofWish[$wish] += 1.0;
    }

    public function wasTaken(int $wish, int $station): void
    {
        $this->again[$wish][$station] = ($this->again[$wish][$station] ?? 0.0) + self::AGAIN;
    }

    /** @param list<array{int, int}> $posts station and step for which there was nobody */
    public function wereWanting(array $posts): void
    {
        foreach ($posts as [$station, $step]) {
            $this->wanting[$station][$step] = ($this->wanting[$station][$step] ?? 0.0) + self::WANTING;
        }
    }

    private function isEmpty(int $station, int $step): bool
    {
        return ($this->table->occupied[$step] >> $station & 1) === 0;
    }
}
