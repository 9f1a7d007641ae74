<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Models\Event;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\TimeUncertainty;

/** The inputs and the uncertainty behind the answer. */
final class Calculation
{
    /**
     * @param array<string, TimeUncertainty> $uncertainties by the contact's name; never empty
     *
     * @return list<Fact>
     */
    public static function of(Event $event, LocalEclipse $here, Filters $filters, array $uncertainties): array
    {
        $e = $here->eclipse;
        $v = $here->circumstances->maximum;
        $radii = $e->elements->radii;
        $uncertainty = $uncertainties[ContactName::C2->value] ?? $uncertainties[ContactName::C1->value] ?? $uncertainties[ContactName::Maximum->value];

        $oneK = $e->withRadii(Radii::oneK())->circumstances($here->observer)->durationSeconds();

        return [
            new Fact(__('Place'), Angles::coordinates($event->lat, $event->lon, 4) . ', ' . $event->height_m . ' m'),
            new Fact(__('Eclipse as a whole'), __(':kind, greatest at :time UTC, γ = :gamma', ['kind' => SkyWords::kind($e->kind), 'time' => Clock::nearestSecond($e->greatest())->format('H:i:s'), 'gamma' => Numbers::decimal($e->gamma, 4)])),
            new Fact(__('ΔT = TT − UT1'), Numbers::decimal($e->deltaT->seconds, 1) . ' ± ' . Numbers::decimal($e->deltaT->uncertaintySeconds, 1) . ' s (' . __($e->deltaT->source->value) . ')'),
            new Fact(__('Moon\'s radius'), 'k₁ = ' . Numbers::decimal($radii->penumbralK, 7) . ', k₂ = ' . Numbers::decimal($radii->umbralK, 6)),
            ...($oneK === null ? [] : [new Fact(__('With one k = :k throughout', ['k' => (string) Radii::PENUMBRAL_K]), __(':length instead of :shorter; the shorter one is shown, to protect eyes', [
                'length' => Durations::toTheSecond($oneK),
                'shorter' => Durations::toTheSecond($here->circumstances->durationSeconds() ?? 0.0),
            ]))]),
            ...self::filters($filters, $uncertainties),
            new Fact(__('Sun\'s radius'), Numbers::decimal($radii->sunKm) . ' km'),
            new Fact(__('Apparent size of the Sun'), Numbers::decimal(2 * $v->sunSemidiameterDeg() * 60, 2) . '′'),
            new Fact(__('Moon over Sun'), Numbers::decimal($v->diameterRatio(), 4)),
            new Fact(__('Uncertainty of the times'), __('±:dt s from ΔT, ±:limb s from the Moon\'s uneven limb, ±:clock s between UTC and UT1, ±:place s for :metres m of place', [
                'dt' => Numbers::decimal($uncertainty->deltaTSeconds, 1), 'limb' => Numbers::decimal($uncertainty->limbSeconds, 0), 'clock' => Numbers::decimal($uncertainty->clockSeconds, 1),
                'place' => Numbers::decimal($uncertainty->positionSeconds, 1), 'metres' => (string) (int) TimeUncertainty::POSITION_M,
            ])),
        ];
    }

    /**
     * How the times for filters come from C2 and C3; nothing where they stay on.
     *
     * @param array<string, TimeUncertainty> $uncertainties
     *
     * @return list<Fact>
     */
    private static function filters(Filters $filters, array $uncertainties): array
    {
        $early = $uncertainties[ContactName::C2->value] ?? null;
        $late = $uncertainties[ContactName::C3->value] ?? null;
        if ($early === null || $late === null || !$filters->mayComeOff()) {
            return [];
        }

        return [new Fact(__('Filters off and on'), __('C2 + :early s, C3 − :late s − :hand s: the parts of the uncertainty below added up, and the time a hand needs', [
            'early' => Numbers::decimal($early->worstSeconds(), 1), 'late' => Numbers::decimal($late->worstSeconds(), 1), 'hand' => Numbers::decimal(Filters::REACTION_SECONDS),
        ]))];
    }
}
