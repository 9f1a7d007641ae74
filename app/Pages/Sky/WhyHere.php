<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Sky\EclipseKind;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;

/** Why an eclipse is total, annular or partial at a place, in a few sentences with the sizes of the day. */
final class WhyHere
{
    /** @return list<string> */
    public static function sentences(LocalEclipse $here): array
    {
        $view = $here->circumstances->maximum;
        $sun = 2 * $view->sunSemidiameterDeg() * 60;
        $ratio = $view->diameterRatio();

        return [
            __('That day the Sun is :sun wide in this sky and the Moon :moon: :ratio times as wide.', [
                'sun' => Numbers::decimal($sun, 2) . '′',
                'moon' => Numbers::decimal($sun * $ratio, 2) . '′',
                'ratio' => Numbers::decimal($ratio, 4),
            ]),
            match ($here->circumstances->kind) {
                LocalKind::Total => __('The Moon is the wider one and passes right in front of the Sun: it covers all of it for :length.', [
                    'length' => Durations::toTheSecond($here->circumstances->durationSeconds() ?? 0.0),
                ]),
                LocalKind::Annular => __('The Moon passes right in front of the Sun but is the smaller one: a ring of Sun stays around it.'),
                default => self::whyPartial($here),
            },
            ...($here->circumstances->seenKind() === $here->circumstances->kind ? [] : [__('But the Sun is down here then, and what is seen is partial.')]),
            __('The Moon is about 400 times smaller than the Sun and about 400 times nearer; how near, changes from month to month.'),
        ];
    }

    private static function whyPartial(LocalEclipse $here): string
    {
        $passes = __('Seen from here the Moon\'s centre passes :distance of the Sun\'s width beside the Sun\'s centre, so a part stays uncovered.', [
            'distance' => Numbers::decimal($here->circumstances->maximum->separation() / 2, 2),
        ]);

        return $here->eclipse->kind === EclipseKind::Partial
            ? $passes . ' ' . __('The middle of the shadow misses the Earth: nobody sees more than a partial eclipse.')
            : $passes . ' ' . __('Elsewhere it is :kind.', ['kind' => SkyWords::kind($here->eclipse->kind)]);
    }
}
