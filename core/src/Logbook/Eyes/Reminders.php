<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Eyes;

use DateTimeImmutable;

/** When an organiser is reminded to ask how somebody's eyes are: signs may come hours to two days later (common practice). */
final class Reminders
{
    /** Hours after it was told. */
    public const HOURS = [12, 24, 48];

    /**
     * Those whose time has come and that were not made yet, each once.
     *
     * @param DateTimeImmutable|null $closedAt null while it is open
     * @param list<int> $made hours of those that were made before
     *
     * @return list<int> hours, the earliest first
     */
    public static function due(DateTimeImmutable $toldAt, DateTimeImmutable $now, ?DateTimeImmutable $closedAt, array $made): array
    {
        if ($closedAt !== null) {
            return [];
        }

        // By seconds: where clocks change, hours on the wall are not hours.
        $passedS = $now->getTimestamp() - $toldAt->getTimestamp();

        return array_values(array_filter(self::HOURS, static fn(int $hours): bool => !in_array($hours, $made, true) && $passedS >= 3600 * $hours));
    }
}
