<?php

declare(strict_types=1);

namespace App\Imports\Sky;

use Illuminate\Support\Str;

/** What people in several languages write over the columns of a table of places. */
final class PlaceColumns
{
    /** English, Spanish, French, German, Portuguese; folded to plain letters. */
    private const WORDS = [
        'name' => ['name', 'site', 'place', 'school', 'nombre', 'lugar', 'sitio', 'colegio', 'escuela', 'centro', 'nom', 'lieu', 'ecole', 'bezeichnung', 'ort', 'schule', 'nome', 'local', 'escola'],
        'lat' => ['lat', 'latitude', 'latitud', 'breite', 'breitengrad', 'geographischebreite'],
        'lon' => ['lon', 'long', 'lng', 'longitude', 'longitud', 'laenge', 'laengengrad', 'geographischelaenge'],
        'height_m' => ['heightm', 'height', 'elevation', 'altitude', 'altitud', 'altura', 'elevacion', 'hauteur', 'hoehe', 'seehoehe', 'meereshoehe', 'elevacao', 'alt', 'ele'],
    ];

    /** What may stand behind it in brackets; feet or radians are no such column, so that nobody's numbers are misread. */
    private const UNITS = '/[(\[]\s*(°|deg|degrees?|grados?|grad|degrés?|graus?|decimal|wgs ?84|m|metres?|meters?|metros?|mètres?|meter|m ?s\.?n\.?m\.?|m a\.?s\.?l\.?|m ü\.? ?nn|m ü\.? ?m)\s*[)\]]/iu';

    /** The column's own name for a head such as "Latitude (°)" or "Höhe [m]"; what is no such word stays as it is. */
    public static function named(string $head): string
    {
        $plain = (string) preg_replace(self::UNITS, '', $head);
        $plain = Str::ascii(str_replace(['ä', 'ö', 'ü', 'Ä', 'Ö', 'Ü'], ['ae', 'oe', 'ue', 'ae', 'oe', 'ue'], $plain));
        $letters = (string) preg_replace('/[^a-z]/', '', strtolower($plain));
        foreach (self::WORDS as $column => $words) {
            if (in_array($letters, $words, true) || in_array(preg_replace('/(m|metres|metros|meter|deg|degrees)$/', '', $letters), $words, true)) {
                return $column;
            }
        }

        return strtolower(trim($head));
    }
}
