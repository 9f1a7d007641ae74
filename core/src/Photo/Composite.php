<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Sky\SunPosition;

/**
 * Many phases in one picture, with what stands below them: whither a level camera is pointed so that the Sun's way and the foreground
 * have as much room on all sides, and how often may be taken. A lens without distortion draws straight lines straight (gnomonic).
 */
final readonly class Composite
{
    private const ROUNDS = 30;
    /** A camera that is turned by no more than this is where it should be. */
    private const STILL_DEG = 1e-8;
    /** Nearer to the zenith a level camera has no azimuth. */
    private const STEEPEST_DEG = 89.0;
    /** So far off the axis nothing is drawn any more. */
    private const LEAST_COSINE = 0.05;
    /** A focal length is looked for so exactly. */
    private const FOCAL_MM = 0.05;

    /**
     * @param float $tiltDeg above the level
     * @param float $share of the frame's width or height that is taken, whichever is more; above 1 it does not fit
     */
    private function __construct(
        public Frame $frame,
        public float $azimuthDeg,
        public float $tiltDeg,
        public float $share,
    ) {}

    /**
     * @param non-empty-list<SunPosition> $way
     * @param float $foregroundDeg altitude of what is to be seen below
     *
     * @return self|null null where it spans more of the sky than a picture can
     */
    public static function of(Frame $frame, array $way, float $foregroundDeg): ?self
    {
        $edges = [];
        foreach ($way as $position) {
            array_push($edges, [$position->altitudeDeg + $position->semidiameterDeg, $position->azimuthDeg], [$position->altitudeDeg - $position->semidiameterDeg, $position->azimuthDeg], [$foregroundDeg, $position->azimuthDeg]);
            $asideDeg = $position->semidiameterDeg / cos(deg2rad(min(self::STEEPEST_DEG, $position->altitudeDeg)));
            array_push($edges, [$position->altitudeDeg, $position->azimuthDeg - $asideDeg], [$position->altitudeDeg, $position->azimuthDeg + $asideDeg]);
        }
        $middle = $way[intdiv(count($way), 2)];
        $camera = new self($frame, $middle->azimuthDeg, min(self::STEEPEST_DEG, $middle->altitudeDeg), INF);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $places = array_map(static fn(array $edge): ?array => $camera->place(...$edge), $edges);
            if (in_array(null, $places, true)) {
                return null;
            }
            [$right, $up] = [array_column($places, 0), array_column($places, 1)];
            $share = max((max($right) - min($right)) / $frame->sensor->widthMm, (max($up) - min($up)) / $frame->sensor->heightMm);
            [$asideDeg, $upDeg] = [rad2deg(atan((max($right) + min($right)) / 2 / $frame->focalMm)), rad2deg(atan((max($up) + min($up)) / 2 / $frame->focalMm))];
            $camera = new self(
                $frame,
                fmod($camera->azimuthDeg + $asideDeg / cos(deg2rad($camera->tiltDeg)) + 360.0, 360.0),
                max(-self::STEEPEST_DEG, min(self::STEEPEST_DEG, $camera->tiltDeg + $upDeg)),
                $share,
            );
            if (hypot($asideDeg, $upDeg) < self::STILL_DEG) {
                break;
            }
        }

        return $camera;
    }

    /**
     * The longest lens with which it fits.
     *
     * @param non-empty-list<SunPosition> $way
     * @param float $foregroundDeg as above
     *
     * @return float|null millimetres; null where no lens is short enough
     */
    public static function longestFittingMm(Sensor $sensor, array $way, float $foregroundDeg, float $sunArcmin): ?float
    {
        [$shortest, $longest] = Measure::Focal->range();
        $fits = static fn(float $focalMm): bool => (self::of(Frame::of($focalMm, $sensor, $sunArcmin), $way, $foregroundDeg)->share ?? INF) <= 1.0;

        return $fits($shortest) ? Bisection::edge($fits, $shortest, $longest, self::FOCAL_MM) : null;
    }

    /**
     * Where in the picture something stands.
     *
     * @return array{float, float}|null millimetres on the sensor, to the right and up from its middle, as one sees it; null behind the camera or nearly
     */
    public function place(float $altitudeDeg, float $azimuthDeg): ?array
    {
        [$altitude, $tilt, $turn] = array_map(deg2rad(...), [$altitudeDeg, $this->tiltDeg, $azimuthDeg - $this->azimuthDeg]);
        $ahead = sin($tilt) * sin($altitude) + cos($tilt) * cos($altitude) * cos($turn);

        return $ahead < self::LEAST_COSINE ? null : [
            $this->frame->focalMm * cos($altitude) * sin($turn) / $ahead,
            $this->frame->focalMm * (cos($tilt) * sin($altitude) - sin($tilt) * cos($altitude) * cos($turn)) / $ahead,
        ];
    }

    /**
     * What stands at a place of the picture: the other way round.
     *
     * @return array{float, float} altitude and azimuth in degrees, the azimuth running on from the camera's
     */
    public function direction(float $rightMm, float $upMm): array
    {
        $tilt = deg2rad($this->tiltDeg);
        $ahead = $this->frame->focalMm * cos($tilt) - $upMm * sin($tilt);
        $up = $this->frame->focalMm * sin($tilt) + $upMm * cos($tilt);

        return [rad2deg(atan2($up, hypot($ahead, $rightMm))), $this->azimuthDeg + rad2deg(atan2($rightMm, $ahead))];
    }

    /**
     * The edge of the picture in the sky.
     *
     * @return list<array{float, float}> altitude and azimuth around it, as above, closed
     */
    public function edge(int $stepsASide): array
    {
        [$right, $up] = [$this->frame->sensor->widthMm / 2, $this->frame->sensor->heightMm / 2];
        $corners = [[-$right, -$up], [$right, -$up], [$right, $up], [-$right, $up], [-$right, -$up]];
        $edge = [];
        for ($side = 0; $side < 4; ++$side) {
            for ($i = 0; $i < $stepsASide; ++$i) {
                $along = $i / $stepsASide;
                $edge[] = $this->direction($corners[$side][0] + $along * ($corners[$side + 1][0] - $corners[$side][0]), $corners[$side][1] + $along * ($corners[$side + 1][1] - $corners[$side][1]));
            }
        }

        return [...$edge, $edge[0]];
    }

    /**
     * Seconds from one picture to the next so that discs do not touch anywhere on the way.
     *
     * @param non-empty-list<SunPosition> $way in order
     * @param float $gap between two discs, in diameters
     *
     * @return float|null null where the way is a single point
     */
    public static function everyS(array $way, float $gap): ?float
    {
        $everyS = null;
        for ($i = 1; $i < count($way); ++$i) {
            $seconds = 86400 * ($way[$i]->julianDateUt - $way[$i - 1]->julianDateUt);
            $motion = Motion::between([$way[$i - 1]->altitudeDeg, $way[$i - 1]->azimuthDeg], [$way[$i]->altitudeDeg, $way[$i]->azimuthDeg], $seconds);
            $everyS = max($everyS ?? 0.0, (1 + $gap) * 2 * $way[$i]->semidiameterDeg / $motion->degPerS);
        }

        return $everyS;
    }
}
