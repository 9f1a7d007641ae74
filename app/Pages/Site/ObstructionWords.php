<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Text\Clock;
use App\Text\Numbers;
use Illuminate\Support\Arr;
use KeenShadow\Core\Site\Skyline\Obstruction;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Site\Skyline\UncertainObstruction;
use KeenShadow\Core\Sky\SunPosition;

/** When and behind what the Sun is hidden, in words. */
final class ObstructionWords
{
    /** From this uncertainty on seconds say nothing. */
    private const MINUTES_ONLY_SECONDS = 30.0;
    /** So low the air bends light differently from one day to the next, by more than seconds can tell (own judgement). */
    private const MINUTES_ONLY_BELOW_DEG = 3.0;

    /** "11:20 (−2 min) to 12:05 (+3 min) behind gym, all of the disc from 11:23; up to 81 % covered then". */
    public static function line(UncertainObstruction $obstruction, SunlitSite $site): string
    {
        $s = $obstruction->obstruction;
        $names = [
            'from' => self::goes($s->from, $obstruction->earlierSeconds, $site) . self::uncertainty('−', $obstruction->earlierSeconds),
            'to' => self::comes($s->to, $obstruction->laterSeconds, $site) . self::uncertainty('+', $obstruction->laterSeconds),
            'what' => self::by($s),
        ];
        $all = match (true) {
            $s->hiddenFrom === null => __(', never all of the disc'),
            $s->isCutAtBegin => '',
            default => __(', all of the disc from :time', ['time' => self::goes($s->hiddenFrom, $obstruction->earlierSeconds, $site)]),
        };
        $covered = self::mostCovered($s, $site);
        $then = $covered > 0 ? __('up to :covered % covered then', ['covered' => Numbers::percent($covered)]) : __('outside the eclipse');

        return match (true) {
            $s->isCutAtBegin && $s->isCutAtEnd => __('all the time behind :what', $names),
            $s->isCutAtBegin => __('until :to behind :what', $names) . $all . '; ' . $then,
            $s->isCutAtEnd => __('from :from on behind :what', $names) . $all . '; ' . $then,
            default => __(':from to :to behind :what', $names) . $all . '; ' . $then,
        };
    }

    public static function by(Obstruction $obstruction): string
    {
        return Arr::join(array_map(static fn(?string $name): string => $name ?? __('the horizon'), $obstruction->by), ', ', __(' and '));
    }

    /** When the Sun goes, no finer than that is known: to the minute it is in. */
    public static function goes(SunPosition $sun, float $uncertaintySeconds, SunlitSite $site): string
    {
        return self::clock($sun, $uncertaintySeconds, $site, 0);
    }

    /** When the Sun comes, no finer than that is known: to the next minute. */
    public static function comes(SunPosition $sun, float $uncertaintySeconds, SunlitSite $site): string
    {
        return self::clock($sun, $uncertaintySeconds, $site, 59);
    }

    private static function clock(SunPosition $sun, float $uncertaintySeconds, SunlitSite $site, int $ahead): string
    {
        $clock = Clock::over($site->here);
        $isSure = $uncertaintySeconds < self::MINUTES_ONLY_SECONDS && $sun->altitudeDeg > self::MINUTES_ONLY_BELOW_DEG;

        return $isSure ? $clock->second($sun->time()) : $clock->minute($sun->time()->modify("+{$ahead} seconds"));
    }

    private static function uncertainty(string $sign, float $seconds): string
    {
        return $seconds < 1 ? '' : " ({$sign}" . Numbers::about($seconds < 90 ? $seconds : $seconds / 60) . ($seconds < 90 ? ' s)' : ' min)');
    }

    private static function mostCovered(Obstruction $obstruction, SunlitSite $site): float
    {
        $maximum = SunPosition::of($site->here->circumstances->maximum);

        return max($obstruction->from->obscuration, $obstruction->to->obscuration, $obstruction->covers($maximum->julianDateUt) ? $maximum->obscuration : 0.0);
    }
}
