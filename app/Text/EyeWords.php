<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Logbook\Eyes\EyeSign;
use KeenShadow\Core\Logbook\Eyes\WhichEye;

/**
 * What is said where somebody's eyes complain: what to write down and what common practice says to do. It names no illness, tells nobody how
 * it will go, and comforts nobody with what is not known (tested).
 */
final class EyeWords
{
    public static function sign(EyeSign $sign): string
    {
        return match ($sign) {
            EyeSign::Blur => __('blurred'),
            EyeSign::DarkSpot => __('a dark spot'),
            EyeSign::BentLines => __('straight lines look bent'),
            EyeSign::OddColours => __('colours are odd'),
            EyeSign::PainOrWatering => __('pain, grit or watering'),
            EyeSign::SomethingElse => __('something else'),
        };
    }

    public static function eye(WhichEye $eye): string
    {
        return match ($eye) {
            WhichEye::Right => __('the right one'),
            WhichEye::Left => __('the left one'),
            WhichEye::Both => __('both'),
            WhichEye::NotKnown => __('not known: cover one, then the other, and look at something with straight lines'),
        };
    }

    /** @return list<string> for whoever fills in the sheet about an eye */
    public static function advice(): array
    {
        return [...self::afterwards(), __('Take the sheet along: it says when and how somebody looked, and through what.')];
    }

    /** @return list<string> common practice; an eye doctor and local rules come first */
    public static function afterwards(): array
    {
        return [
            __('See an eye doctor. At once, today, where sight is lost or gets worse, where there is a dark spot or lines look bent, where one eye is clearly worse, or where it is a child.'),
            __('Pain is not a sign: the retina feels none. That nothing hurts says nothing.'),
            __('It may show hours to two days after looking: whoever looked without a filter, or through a damaged one, asks themselves again for two days.'),
            __('Until then rest: no looking at the Sun, no bright light, no driving while sight is not right.'),
        ];
    }

    /** Where the program stops. */
    public static function limits(): string
    {
        return __('This page is not a doctor: it notes what was said, says nothing of what it is or how it will go, and keeps as little as it can.');
    }
}
