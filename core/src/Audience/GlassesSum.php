<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience;

/**
 * How many pairs of glasses some people need who share them: a look of t seconds and h to hand over, each person once every
 * T minutes, is 60·T/(t + h) people to a pair (common practice: 20 s, 10 s and 5 min are ten).
 */
final readonly class GlassesSum
{
    public const MOST_PEOPLE = 20000;
    public const LOOK_S = [5.0, 300.0];
    public const HAND_S = [0.0, 120.0];
    public const EVERY_MIN = [0.5, 180.0];
    public const SPARES_PERCENT = [0.0, 100.0];

    /** A look, handing over, how often each looks, and spares: ten people to a pair, a tenth spare (common practice). */
    public const USUAL = ['look_s' => 20.0, 'hand_s' => 10.0, 'every_min' => 5.0, 'spares_percent' => 10.0];

    private function __construct(
        public int $people,
        public float $lookS,
        public float $handS,
        public float $everyMin,
        public float $sparesPercent,
    ) {}

    /**
     * @param float $sparesPercent of the pairs, for those that are lost or found unfit
     *
     * @throws AudienceException
     */
    public static function of(int $people, float $lookS, float $handS, float $everyMin, float $sparesPercent): self
    {
        foreach (['people' => [$people, [0, self::MOST_PEOPLE]], 'look_s' => [$lookS, self::LOOK_S], 'hand_s' => [$handS, self::HAND_S], 'every_min' => [$everyMin, self::EVERY_MIN], 'spares_percent' => [$sparesPercent, self::SPARES_PERCENT]] as $field => [$value, [$least, $most]]) {
            if (!($value >= $least && $value <= $most)) {
                throw AudienceException::outOfRange($field, (float) $value, (float) $least, (float) $most);
            }
        }
        if (60 * $everyMin < $lookS + $handS) {
            throw AudienceException::roundTooShort($everyMin, $lookS + $handS);
        }

        return new self($people, $lookS, $handS, $everyMin, $sparesPercent);
    }

    public static function usual(int $people): self
    {
        return self::of($people, ...array_values(self::USUAL));
    }

    /** People who share a pair, at least one. */
    public function peoplePerPair(): int
    {
        return (int) floor(60 * $this->everyMin / ($this->lookS + $this->handS) + 1e-9);
    }

    /** Pairs in use. */
    public function pairs(): int
    {
        return intdiv($this->people + $this->peoplePerPair() - 1, $this->peoplePerPair());
    }

    public function spares(): int
    {
        return (int) ceil($this->pairs() * $this->sparesPercent / 100 - 1e-9);
    }

    public function needed(): int
    {
        return $this->pairs() + $this->spares();
    }

    /** How many more are needed than there are. */
    public function missingWith(int $pairs): int
    {
        return max(0, $this->needed() - $pairs);
    }

    /** A pair for each, with spares. */
    public function onePairEach(): int
    {
        return $this->people + (int) ceil($this->people * $this->sparesPercent / 100 - 1e-9);
    }

    /** How often each looks when there are only so many pairs, in minutes; null without any. */
    public function everyMinWith(int $pairs): ?float
    {
        return $pairs < 1 ? null : max(1, (int) ceil($this->people / $pairs)) * ($this->lookS + $this->handS) / 60;
    }

    /** How long a look may be then for each to look as often as was meant, in seconds; null when nothing is left of it. */
    public function lookSWith(int $pairs): ?float
    {
        $left = $pairs < 1 ? 0.0 : 60 * $this->everyMin / max(1, (int) ceil($this->people / $pairs)) - $this->handS;

        return $left <= 0 ? null : $left;
    }

    /** How many do not get a look in the first round then. */
    public function waitingWith(int $pairs): int
    {
        return max(0, $this->people - $pairs * $this->peoplePerPair());
    }
}
