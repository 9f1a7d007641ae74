<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use KeenShadow\Core\Audience\AudienceException;
use Random\Randomizer;

/** How long a visitor takes at a station, in seconds: always the same, about so long, or as it happens. */
final readonly class ServiceTime
{
    public const MOST_S = 3600.0;

    private function __construct(
        private ServiceKind $kind,
        public float $meanS,
        public float $spreadS,
    ) {}

    /** @throws AudienceException */
    public static function fixed(float $seconds): self
    {
        return new self(ServiceKind::Fixed, self::checked($seconds), 0.0);
    }

    /**
     * Any time between mean − spread and mean + spread, each as likely.
     *
     * @throws AudienceException
     */
    public static function about(float $meanS, float $spreadS): self
    {
        return $spreadS >= 0 && $spreadS <= $meanS ? new self(ServiceKind::Uniform, self::checked($meanS), $spreadS) : throw AudienceException::outOfRange('spread_s', $spreadS, 0, $meanS);
    }

    /**
     * Without memory: mostly short, now and then long (exponential).
     *
     * @throws AudienceException
     */
    public static function asItHappens(float $meanS): self
    {
        return new self(ServiceKind::Exponential, self::checked($meanS), $meanS);
    }

    public function draw(Randomizer $random): float
    {
        return match ($this->kind) {
            ServiceKind::Fixed => $this->meanS,
            ServiceKind::Uniform => $this->meanS + $this->spreadS * (2 * Chance::share($random) - 1),
            ServiceKind::Exponential => $this->meanS * Chance::waiting($random),
        };
    }

    /** Standard deviation over mean, squared. */
    public function variation(): float
    {
        return match ($this->kind) {
            ServiceKind::Fixed => 0.0,
            ServiceKind::Uniform => ($this->spreadS / $this->meanS) ** 2 / 3,
            ServiceKind::Exponential => 1.0,
        };
    }

    private static function checked(float $seconds): float
    {
        return $seconds > 0 && $seconds <= self::MOST_S ? $seconds : throw AudienceException::outOfRange('service_s', $seconds, 0, self::MOST_S);
    }
}
