<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Motion;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;
use KeenShadow\Core\Time\Interval;

/** An eclipse as it is seen from where a camera stands. */
final readonly class SeenEclipse
{
    private const DAY_S = 86400;
    private const ARCMIN = 60;
    private const A_WHILE_S = 60;

    /** @param list<Interval> $seen from first to last contact, while the Sun is up and not wholly behind something */
    private function __construct(
        public LocalEclipse $here,
        public Filters $filters,
        public SunTrack $track,
        public array $seen,
        public SunPosition $middle,
    ) {}

    /**
     * @param list<Interval> $hidden in order, during which the whole disc is behind something from there
     * @param string|null $policy of the event, by the book's word: where nobody looks directly nothing is called, and filters stay on cameras too
     */
    public static function of(LocalEclipse $here, array $hidden, ?string $policy = null): self
    {
        return new self(
            $here,
            Filters::forPlace($here, $hidden)->under($policy, Standard::book()),
            SunTrack::over($here->eclipse, $here->observer, $here->begins(), $here->ends()),
            self::stretches($here, $hidden),
            SunPosition::of($here->circumstances->maximum),
        );
    }

    /**
     * When it is seen, and nothing else of it.
     *
     * @param list<Interval> $hidden as above
     *
     * @return list<Interval> from first to last contact, while the Sun is up and not wholly behind something
     */
    public static function stretches(LocalEclipse $here, array $hidden): array
    {
        $c = $here->circumstances;
        $seen = array_merge([], ...array_map(static fn(Interval $up): array => $up->without($hidden), $c->upBetween($c->first(), $c->last())));

        return array_values(array_filter($seen, static fn(Interval $i): bool => $i->seconds() > 0));
    }

    public function sunArcmin(): float
    {
        return 2 * self::ARCMIN * $this->middle->semidiameterDeg;
    }

    /** How the Sun goes over a level picture around the maximum. */
    public function motion(): Motion
    {
        $half = self::A_WHILE_S / 2 / self::DAY_S;
        $at = fn(float $ut): array => [$this->track->at($ut)->altitudeDeg, $this->track->at($ut)->azimuthDeg];

        return Motion::between($at($this->middle->julianDateUt - $half), $at($this->middle->julianDateUt + $half), self::A_WHILE_S);
    }

    public function altitudeDegAt(float $julianDateUt): float
    {
        return $this->track->at($julianDateUt)->altitudeDeg;
    }
}
