<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Text\Clock;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Sky\SunPosition;

/** The even minutes of an eclipse at which the Sun is up. */
final class EventMoments
{
    /** @return array<string, SunPosition> by local time */
    public static function every(int $minutes, SunlitSite $site): array
    {
        $here = $site->here;
        $clock = $here->local($here->begins());
        $clock = $clock->setTime((int) $clock->format('G'), intdiv((int) $clock->format('i'), $minutes) * $minutes)->modify("+{$minutes} minutes");
        $moments = [];
        for (; $clock <= $here->ends(); $clock = $clock->modify("+{$minutes} minutes")) {
            $sun = $site->track->atTime($clock);
            if ($sun->isUp()) {
                $moments[Clock::over($here)->minute($clock)] = $sun;
            }
        }

        return $moments;
    }
}
