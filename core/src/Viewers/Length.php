<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/** A length as people write it: a number of millimetres, or a number with its unit, such as "36 in" or "0,9 m". */
final class Length
{
    /** Millimetres; the inch is 25.4 mm by definition (1959). */
    private const UNITS = [
        'mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0,
        'in' => 25.4, 'inch' => 25.4, 'inches' => 25.4, '"' => 25.4, '″' => 25.4,
        'ft' => 304.8, 'foot' => 304.8, 'feet' => 304.8,
    ];
    private const NUMBER = '[+−-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:[eE][+-]?\d+)?';

    /**
     * @param string $field that it is written for, by which a refusal names it
     *
     * @return float in millimetres, not judged yet
     *
     * @throws ViewerException when it is none, or more than one
     */
    public static function mm(string $field, mixed $given): float
    {
        if (is_int($given) || is_float($given)) {
            return (float) $given;
        }
        if (!is_string($given) || preg_match('/^\s*(' . self::NUMBER . ')\s*([^\d\s.,+−-]*)\s*$/u', $given, $found) !== 1) {
            $isSeveral = is_string($given) && preg_match_all('/\d\s*(?:' . implode('|', array_keys(self::UNITS)) . ')(?![a-z])/ui', $given) > 1;

            throw $isSeveral ? ViewerException::severalUnits($field, $given) : ViewerException::notALength($field, $given);
        }
        $unit = mb_strtolower($found[2]);

        return (float) str_replace([',', '−'], ['.', '-'], $found[1]) * ($unit === '' ? 1.0 : self::UNITS[$unit] ?? throw ViewerException::notALength($field, $given));
    }
}
