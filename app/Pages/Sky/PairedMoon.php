<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Days;
use App\Text\SkyWords;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LunarContactName;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\LunarKind;

/** The lunar eclipse half a month before or after, and whether the Moon is up here for it. */
final class PairedMoon
{
    /** Its date and what happens. */
    public static function words(LunarEclipse $lunar, LocalEclipse $here): Fact
    {
        $clock = Clock::of($here->zone, $lunar->greatest());
        $time = static fn(LunarContactName $name): string => $lunar->time($name) === null
            ? ''
            : $clock->minute($lunar->time($name));
        [$from, $to] = $lunar->kind === LunarKind::Penumbral
            ? [LunarContactName::P1, LunarContactName::P4]
            : [LunarContactName::U1, LunarContactName::U4];
        $altitude = $lunar->moonAltitudeDeg(LunarContactName::Maximum, $here->observer);

        return new Fact(
            Days::long($here->local($lunar->greatest())),
            __(':kind, from :from to :to (:zone), maximum :max; :up', [
                'kind' => SkyWords::kind($lunar->kind),
                'from' => $time($from),
                'to' => $time($to),
                'zone' => $clock->zone(),
                'max' => $time(LunarContactName::Maximum),
                'up' => $altitude > 0
                    ? __('the Moon is :altitude up here then.', ['altitude' => Angles::degrees($altitude, 0)])
                    : __('the Moon is down here then.'),
            ]),
        );
    }
}
