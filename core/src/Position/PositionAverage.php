<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

use KeenShadow\Core\Geometry\PlanPoint;

/**
 * What a receiver says while it lies still, sentence by sentence, and the mean of it.
 *
 * The uncertainty is the larger of twice the scatter and of the dilution times the error that one satellite's range has
 * (5 m plain, 2 m with corrections, 0.1 m and 0.5 m kinematic; common practice, no source): a receiver's errors
 * wander slowly, so that a minute's mean is not much better than one good fix.
 */
final class PositionAverage
{
    private const RANGE_ERROR_M = [1 => 5.0, 2 => 2.0, 3 => 2.0, 4 => 0.1, 5 => 0.5];

    /** @var list<GpsFix> */
    private array $fixes = [];
    /** @var array<string, int> lines that were not used, by reason */
    private array $refused = [];
    private bool $isInvalid = false;

    /** One line, as it came. Sentences other than GGA and RMC are passed over. */
    public function take(string $line): void
    {
        try {
            $sentence = NmeaSentence::parse($line);
            if ($sentence->type === 'RMC') {
                $this->isInvalid = !GpsFix::isValid($sentence);
            } elseif ($sentence->type === 'GGA') {
                $fix = GpsFix::fromGga($sentence);
                if ($this->isInvalid) {
                    throw NmeaException::calledInvalid();
                }
                $this->fixes[] = $fix;
            }
        } catch (NmeaException $e) {
            $this->refused[$e->reason] = ($this->refused[$e->reason] ?? 0) + 1;
        }
    }

    /** @return array<string, int> */
    public function refused(): array
    {
        return $this->refused;
    }

    public function count(): int
    {
        return count($this->fixes);
    }

    /** Null before the first fix. */
    public function mean(): ?MeanPosition
    {
        if ($this->fixes === []) {
            return null;
        }
        $n = count($this->fixes);
        $frame = new LocalTangentPlane($this->fixes[0]->place->latDeg, $this->fixes[0]->place->lonDeg);
        $points = array_map(static fn(GpsFix $fix): PlanPoint => $frame->toPlan($fix->place), $this->fixes);
        $heights = array_values(array_filter(array_map(static fn(GpsFix $fix): ?float => $fix->place->heightM, $this->fixes), is_float(...)));
        $middle = new PlanPoint(
            array_sum(array_map(static fn(PlanPoint $p): float => $p->eastM, $points)) / $n,
            array_sum(array_map(static fn(PlanPoint $p): float => $p->northM, $points)) / $n,
        );
        $squares = array_sum(array_map(static fn(PlanPoint $p): float => $p->distanceM($middle) ** 2, $points));
        $scatter = $n > 1 ? sqrt($squares / ($n - 1)) : 0.0;
        $worst = max(array_map(static fn(GpsFix $fix): float => $fix->hdop * self::RANGE_ERROR_M[$fix->quality], $this->fixes));
        $at = $frame->toGlobe($middle);

        return new MeanPosition(
            new Coordinates($at->latDeg, $at->lonDeg, $heights === [] ? null : array_sum($heights) / count($heights)),
            $n,
            $scatter,
            max(2 * $scatter, $worst),
            min(array_map(static fn(GpsFix $fix): int => $fix->quality, $this->fixes)),
            min(array_map(static fn(GpsFix $fix): int => $fix->satellites, $this->fixes)),
        );
    }
}
