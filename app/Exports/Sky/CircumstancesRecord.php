<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use App\Text\Iso;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;

/** Local circumstances as the flat record of docs/FORMATS.md: UTC in ISO 8601 with milliseconds, degrees, seconds. */
final class CircumstancesRecord
{
    public const KEYS = [
        'name', 'date', 'lat', 'lon', 'height_m', 'delta_t_s', 'type', 'c1', 'c2', 'max', 'c3', 'c4', 'c1_up', 'c2_up', 'c3_up', 'c4_up',
        'magnitude', 'obscuration', 'altitude_deg', 'azimuth_deg', 'duration_s',
        'c1_from_north_deg', 'c1_from_zenith_deg', 'c2_from_north_deg', 'c2_from_zenith_deg', 'c3_from_north_deg', 'c3_from_zenith_deg',
        'c4_from_north_deg', 'c4_from_zenith_deg', 'seen_as', 'filters', 'filters_off', 'filters_on',
    ];

    /** Further columns of a list of sites: its zone, and the contacts on its own clock. */
    public const LOCAL_KEYS = ['timezone', 'local_c1', 'local_c2', 'local_max', 'local_c3', 'local_c4'];

    private const CONTACTS = [
        'c1' => ContactName::C1,
        'c2' => ContactName::C2,
        'max' => ContactName::Maximum,
        'c3' => ContactName::C3,
        'c4' => ContactName::C4,
    ];

    /** @return array<string, string|float|bool|null> */
    public static function of(?string $name, string $date, Observer $observer, LocalCircumstances $c, Filters $filters): array
    {
        $record = [
            'name' => $name,
            'date' => $date,
            'lat' => $observer->latDeg,
            'lon' => $observer->lonDeg,
            'height_m' => $observer->heightM,
            'delta_t_s' => round($c->maximum->deltaT->seconds, 3),
            'type' => $c->kind->value,
        ];
        foreach (self::CONTACTS as $key => $contactName) {
            $contact = $c->contact($contactName);
            $record[$key] = $contact === null ? null : Iso::instant($contact->time());
        }
        foreach (self::CONTACTS as $key => $contactName) {
            if ($contactName !== ContactName::Maximum) {
                $record[$key . '_up'] = $c->contact($contactName)?->view->isSunUp();
            }
        }
        $seen = $c->kind !== LocalKind::None;
        $duration = $c->durationSeconds();

        $record += [
            'magnitude' => round($c->maximum->magnitude(), 6),
            'obscuration' => round($c->maximum->obscuration(), 6),
            'altitude_deg' => $seen ? round($c->maximum->altitudeDeg(), 4) : null,
            'azimuth_deg' => $seen ? round($c->maximum->azimuthDeg(), 4) : null,
            'duration_s' => $duration === null ? null : round($duration, 3),
        ];
        foreach (self::CONTACTS as $key => $contactName) {
            if ($contactName !== ContactName::Maximum) {
                $view = $c->contact($contactName)?->view;
                $record["{$key}_from_north_deg"] = $view === null ? null : self::direction($view->moonFromNorthDeg());
                $record["{$key}_from_zenith_deg"] = $view === null ? null : self::direction($view->moonFromZenithDeg());
            }
        }

        return $record + [
            'seen_as' => $c->seenKind()->value,
            'filters' => $filters->advice->value,
            'filters_off' => $filters->off() === null ? null : Iso::instant($filters->off()),
            'filters_on' => $filters->on() === null ? null : Iso::instant($filters->on()),
        ];
    }

    /** Three decimals, and never 360. */
    private static function direction(float $deg): float
    {
        return fmod(round($deg, 3), 360.0);
    }
}
