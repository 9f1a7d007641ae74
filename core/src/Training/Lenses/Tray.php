<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Lenses;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pairs to be looked over for practice: the same for the same number, about a third of them with a fault of every kind. */
final readonly class Tray
{
    public const PAIRS = 24;
    private const FAULTY = 1 / 3;
    /** Smaller is not seen on a screen, larger by everybody (own judgement). */
    private const SIZES_MM = [0.6, 3.0];
    private const INSIDE = 0.7;

    /** @param list<DrawnPair> $pairs */
    private function __construct(public int $seed, public array $pairs) {}

    public static function of(int $seed, int $pairs = self::PAIRS): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $faulty = max(1, (int) round($pairs * self::FAULTY));
        $kinds = $chance->shuffleArray(LensFault::cases());
        $faults = array_map(static fn(int $i): LensFault => $kinds[$i % count($kinds)], range(0, $faulty - 1));
        $order = $chance->shuffleArray([...$faults, ...array_fill(0, max(0, $pairs - $faulty), null)]);
        $drawn = array_map(static fn(?LensFault $fault): DrawnPair => new DrawnPair(
            $fault,
            $chance->getInt(0, 1) === 1,
            self::between($chance, -self::INSIDE, self::INSIDE),
            self::between($chance, -self::INSIDE, self::INSIDE),
            self::between($chance, 0, 180),
            self::between($chance, ...self::SIZES_MM),
        ), $order);

        return new self($seed, $drawn);
    }

    /**
     * What somebody found against what is there.
     *
     * @param list<LensFault|null> $found of each pair in order; null is fit; pairs that nobody looked at are left out at the end
     */
    public function score(array $found): TrayScore
    {
        $hits = $missed = $named = $falseAlarms = 0;
        $kinds = [];
        foreach (array_slice($this->pairs, 0, count($found)) as $i => $pair) {
            $isCalled = $found[$i] !== null;
            if ($pair->fault === null) {
                $falseAlarms += (int) $isCalled;
            } elseif ($isCalled) {
                ++$hits;
                $named += (int) ($found[$i] === $pair->fault);
            } else {
                ++$missed;
                $kinds[] = $pair->fault;
            }
        }

        return new TrayScore(min(count($found), count($this->pairs)), $hits, $missed, $falseAlarms, $named, $kinds);
    }

    private static function between(Randomizer $chance, float $least, float $most): float
    {
        return $least + ($most - $least) * $chance->getInt(0, 10000) / 10000;
    }
}
