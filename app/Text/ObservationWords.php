<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeImmutable;
use KeenShadow\Core\Logbook\HowLooked;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Logbook\Rounding;

/** What is observed in an eclipse, in words and numbers. */
final class ObservationWords
{
    public static function kind(ObservationKind $kind): string
    {
        return match ($kind) {
            ObservationKind::Temperature => __('Temperature'),
            ObservationKind::Light => __('Light'),
            ObservationKind::Wind => __('Wind'),
            ObservationKind::Cloud => __('Cloud'),
            ObservationKind::Animals => __('Animals'),
            ObservationKind::ShadowBands => __('Shadow bands'),
            ObservationKind::Bead => __('A bead has faded'),
            ObservationKind::Visitors => __('Visitors'),
            ObservationKind::Remark => __('Remark'),
            ObservationKind::LateCall => __('A call came late'),
            ObservationKind::Picture => __('Picture'),
        };
    }

    /** Of the number of an observation; blank where it has none. */
    public static function unit(ObservationKind $kind): string
    {
        return match ($kind) {
            ObservationKind::Temperature => __('°C'),
            ObservationKind::Light => __('lx'),
            ObservationKind::Wind => __('Beaufort'),
            ObservationKind::Cloud => __('eighths'),
            ObservationKind::Bead => __('number'),
            ObservationKind::Visitors => __('people'),
            ObservationKind::LateCall => __('s late'),
            default => '',
        };
    }

    /** A number with its unit: "24.3 °C", "3 eighths", "number 7". */
    public static function value(ObservationKind $kind, float $value): string
    {
        $number = Numbers::decimal($value, $kind->isCounted() || floor($value) === $value ? 0 : 1);

        return $kind === ObservationKind::Bead ? __('number :n', ['n' => $number]) : "{$number} " . self::unit($kind);
    }

    /** How sure a time is: "0.4 s", "5 s", "2 min". */
    public static function within(float $seconds): string
    {
        return match (true) {
            $seconds < 10 && floor($seconds) !== $seconds => __(':n s', ['n' => Numbers::decimal(ceil(10 * $seconds) / 10, 1)]),
            $seconds < 60 => __(':n s', ['n' => Numbers::decimal(ceil($seconds), 0)]),
            default => __(':n min', ['n' => Numbers::decimal(ceil($seconds / 60), 0)]),
        };
    }

    /** A moment and how sure it is: "20:22:05 CEST ± 15 s". */
    public static function moment(Clock $clock, DateTimeImmutable $at, float $within): string
    {
        return $clock->second($at) . ' ± ' . self::within($within);
    }

    /** How it is done, on the sheet that is handed out. */
    public static function how(ObservationKind $kind): string
    {
        return match ($kind) {
            ObservationKind::Temperature => __('In shade, a metre and a half above the ground, air passing freely; wait until the thermometer stands still.'),
            ObservationKind::Light => __('The meter lies flat, nobody casts a shadow on it. Nobody looks at the Sun to read it.'),
            ObservationKind::Wind => __('0 smoke rises straight · 2 felt on the face · 3 leaves move · 4 small branches move · 6 large branches move. Note where it comes from.'),
            ObservationKind::Cloud => __('Eighths of the whole sky: 0 none, 4 half of it, 8 all. Note whether the Sun is behind it. Look away from the Sun.'),
            ObservationKind::Animals => __('Which animal, and what it does that it did not do before; also that it does nothing.'),
            ObservationKind::ShadowBands => __('On a white sheet on the ground in the last two minutes before totality and the first two after it: seen or not, which way they lie and move, how far apart. Look at the sheet, never at the Sun.'),
            ObservationKind::Bead => __('Beads that ultraviolet light colours lie in the Sun, each with a number: write down when a bead has lost its colour.'),
            ObservationKind::Visitors => __('How many people are there, helpers left out.'),
            ObservationKind::Remark => __('What happens, when it happens.'),
            ObservationKind::LateCall => __('Which call came late, and by how many seconds.'),
            ObservationKind::Picture => __('What was taken, and who keeps the picture. No children that can be recognised without their parents\' leave.'),
        };
    }

    public static function howLooked(HowLooked $how): string
    {
        return match ($how) {
            HowLooked::Glasses => __('through eclipse glasses'),
            HowLooked::WeldingGlass => __('through a welding glass'),
            HowLooked::Telescope => __('through a telescope'),
            HowLooked::Binoculars => __('through binoculars'),
            HowLooked::Camera => __('through a camera'),
            HowLooked::Phone => __('at or past a phone'),
            HowLooked::Projection => __('at a projected image'),
            HowLooked::Nothing => __('without any filter'),
            HowLooked::SomethingElse => __('through something else'),
            HowLooked::NotKnown => __('not known'),
        };
    }

    public static function rounding(Rounding $rounding): string
    {
        return match ($rounding) {
            Rounding::Street => __('to 0.001° (about 100 m)'),
            Rounding::Quarter => __('to 0.01° (about 1 km)'),
            Rounding::Town => __('to 0.1° (about 10 km)'),
            Rounding::Region => __('to 1° (about 100 km)'),
        };
    }
}
