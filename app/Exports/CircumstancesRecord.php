<?php

declare(strict_types=1);

namespace App\Exports;

use DateTimeImmutable;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\LocalKind;

/** Local circumstances as the flat record of docs/FORMATS.md: UTC in ISO 8601 with milliseconds, degrees, seconds. */
final class CircumstancesRecord
{
    private const CONTACTS = [
        'c1' => ContactName::C1,
        'c2' => ContactName::C2,
        'max' => ContactName::Maximum,
        'c3' => ContactName::C3,
        'c4' => ContactName::C4,
    ];

    /** @return array<string, string|float|bool|null> */
    public static function of(LocalCircumstances $c): array
    {
        $record = ['type' => $c->kind->value];
        foreach (self::CONTACTS as $key => $name) {
            $contact = $c->contact($name);
            $record[$key] = $contact === null ? null : self::iso($contact->time());
        }
        foreach (self::CONTACTS as $key => $name) {
            if ($name !== ContactName::Maximum) {
                $record[$key . '_up'] = $c->contact($name)?->view->isSunUp();
            }
        }
        $seen = $c->kind !== LocalKind::None;
        $duration = $c->durationSeconds();

        return $record + [
            'magnitude' => round($c->deepest->magnitude(), 6),
            'obscuration' => round($c->deepest->obscuration(), 6),
            'altitude_deg' => $seen ? round($c->deepest->altitudeDeg(), 4) : null,
            'azimuth_deg' => $seen ? round($c->deepest->azimuthDeg(), 4) : null,
            'duration_s' => $duration === null ? null : round($duration, 3),
        ];
    }

    /** Rounded, not cut, to the millisecond. */
    private static function iso(DateTimeImmutable $time): string
    {
        return $time->modify('+500 microseconds')->format('Y-m-d\TH:i:s.v\Z');
    }
}
