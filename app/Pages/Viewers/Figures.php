<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\Durations;
use App\Text\Numbers;
use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\Lens;
use KeenShadow\Core\Viewers\Size;

/** The figures of a design in words, what matters most first. */
final class Figures
{
    /** @return list<Figure> */
    public static function of(Design $design, Light $light): array
    {
        $image = $design->image($light);

        return [
            new Figure(__('Image of the Sun'), self::mm($image->diameterMm), self::formula($design, $light)),
            new Figure(__('Smallest bite that shows'), Numbers::aboutPercent($image->smallestBite()) . ' %', __('of the diameter; :n blurs across the disc', ['n' => Numbers::about($image->detailsAcross(), 2)])),
            new Figure(__('Blur'), self::mm($image->blurMm()), __('opening :g and diffraction :d mm', ['g' => Numbers::about($image->geometricBlurMm, 2), 'd' => Numbers::about($image->diffractionBlurMm, 2)])),
            new Figure(__('Brightness'), __('about :n lx', ['n' => Numbers::about($image->illuminanceLx)]), __('whole Sun, clear sky; dims with the covered area')),
            new Figure(
                __('Against stray light'),
                __(':n times', ['n' => Numbers::about($image->contrast($design->surroundings))]),
                __('about :n lx of daylight on the screen (own judgement)', ['n' => Numbers::about($design->surroundings->strayLx($light->sunLx))]),
            ),
            new Figure(__('It walks'), __(':n mm a minute', ['n' => Numbers::about($image->speedMmPerMin())]), __('with nothing moved, at most; :w seconds for its own width', ['w' => Numbers::about(60 * $image->diameterMm / $image->speedMmPerMin())])),
            new Figure(__('It stands'), ViewersWords::turn($design->turn()), __('for whoever looks at it')),
            ...match ($design->kind()) {
                Kind::Pattern => self::pattern($design, $light),
                Kind::Lens => self::lens($design, $light),
                Kind::Eyepiece => self::projection($design, $light),
                default => [],
            },
        ];
    }

    public static function mm(float $mm): string
    {
        return Numbers::about($mm, $mm >= 100 ? 3 : 2) . ' mm';
    }

    /** By which the image's width was found. */
    private static function formula(Design $design, Light $light): string
    {
        $sun = ['s' => Numbers::decimal(rad2deg($light->sunDiameterRad) * 60, 2)];

        return $design->kind() === Kind::Eyepiece ? __('f·2·tan(s/2)·(P/e − 1), objective f, eyepiece e, P to the screen; Sun :s′ wide', $sun) : __('2·L·tan(s/2), Sun :s′ wide', $sun);
    }

    /** @return list<Figure> */
    private static function pattern(Design $design, Light $light): array
    {
        $pattern = $design->pattern($light);

        return [
            new Figure(__('Holes'), (string) count($pattern->holes), __(':mm apart: the images do not touch', ['mm' => self::mm($pattern->spacingMm)])),
            new Figure(__('Card'), __(':w × :h mm', ['w' => Numbers::about($pattern->widthMm, 3), 'h' => Numbers::about($pattern->heightMm, 3)]), __('with a rim of 20 mm')),
        ];
    }

    /** @return list<Figure> */
    private static function lens(Design $design, Light $light): array
    {
        $lens = $design->optics($light);

        return $lens instanceof Lens ? [
            new Figure(__('Focus'), self::mm($lens->focusMm()), __(':d dioptres; sharp within ± :mm', ['d' => Numbers::about($lens->dioptres()), 'mm' => self::mm($lens->focusDepthMm())])),
            new Figure(__('Coloured rim'), self::mm($lens->colourBlurMm()), __('a single lens bends blue more than red')),
        ] : [];
    }

    /** @return list<Figure> */
    private static function projection(Design $design, Light $light): array
    {
        $projection = $design->projection($light);
        $screenMm = $design->mm(Size::Screen);
        $path = $design->path();

        return [
            new Figure(__('Through the opening'), __(':n W', ['n' => Numbers::about($projection->powerW())]), __('1000 W/m² in full Sun')),
            new Figure(__('At the focus'), __(':n W/mm²', ['n' => Numbers::about($projection->irradianceWPerMm2())]), ViewersWords::heat($projection->heatAtFocus())),
            new Figure(__('On the screen'), __(':n times sunlight', ['n' => Numbers::about($design->image($light)->suns())]), ViewersWords::heat($projection->heatOnScreen())),
            ...$screenMm === null ? [] : [new Figure(
                __('Leaves the screen in'),
                Durations::toTheSecond($projection->secondsInField($screenMm)),
                __('from its middle, undriven; the screen shows :deg° of sky', ['deg' => Numbers::about($projection->fieldDeg($screenMm))]),
            )],
            ...$path->mirrors() === 0 ? [] : [new Figure(
                __('Folded by mirrors'),
                __(':n times', ['n' => $path->mirrors()]),
                __('the box is :mm long and its mirrors leave :p % of the light', ['mm' => self::mm($path->boxMm()), 'p' => Numbers::aboutPercent($path->transmittance())]),
            )],
        ];
    }
}
