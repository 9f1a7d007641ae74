<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Text\Angles;
use App\Text\Durations;
use App\Text\Numbers;
use KeenShadow\Core\Photo\Programme\CameraPlan;

/** The figures of a camera and what it looks through. */
final class PlanFigures
{
    private const HOUR_S = 3600;

    /** @return list<array{name: string, value: string, note: string}> */
    public static function of(CameraPlan $plan): array
    {
        $frame = $plan->frame;
        [$width, $height] = $frame->fieldDeg();
        $figure = static fn(string $name, string $value, string $note): array => ['name' => $name, 'value' => $value, 'note' => $note];

        return [
            $figure(__('Image of the Sun'), __(':mm mm', ['mm' => Numbers::about($frame->imageMm(), 3)]), __(':px pixels across, of a sensor :w × :h mm', ['px' => Numbers::decimal($frame->imagePx()), 'w' => Numbers::about($frame->sensor->widthMm, 3), 'h' => Numbers::about($frame->sensor->heightMm, 3)])),
            $figure(__('Field'), Angles::degrees($width, 2) . ' × ' . Angles::degrees($height, 2), __('the Sun is :d wide', ['d' => Angles::degrees($plan->seen->sunArcmin() / 60, 2)])),
            ...self::drift($plan, $figure),
            $figure(__('Finest detail'), Numbers::decimal($plan->resolution->arcsec(), 1) . '″', __('opening :lens″ (1.22 λ/D at 550 nm), two pixels :sensor″', ['lens' => Numbers::decimal($plan->resolution->lensArcsec, 1), 'sensor' => Numbers::decimal($plan->resolution->sensorArcsec, 1)])),
        ];
    }

    /**
     * @param callable(string, string, string): array{name: string, value: string, note: string} $figure
     *
     * @return list<array{name: string, value: string, note: string}>
     */
    private static function drift(CameraPlan $plan, callable $figure): array
    {
        if ($plan->outfit->tracks()) {
            return [$figure(__('Drift'), __('none'), __('the mount goes with the Sun; with it off :px pixels a second at most', ['px' => Numbers::decimal($plan->frame->driftPxPerS(), 1)]))];
        }
        $stays = $plan->passage->staysS;
        [$right, $up] = $plan->passage->startMm;
        $share = static fn(float $mm, float $side): string => Numbers::decimal(100 * abs($mm) / $side);

        return [
            $figure(__('Drift'), __(':px pixels a second', ['px' => Numbers::decimal((float) $plan->blurPx(1.0), 1)]), __('so :px pixels in :s s at most', ['px' => Numbers::decimal($plan->programme->driftPx, 1), 's' => Numbers::about($plan->passage->longestExposureS($plan->programme->driftPx), 2)])),
            $figure(
                __('In the frame for'),
                $stays > self::HOUR_S ? Durations::toTheMinute($stays) : Durations::toTheSecond($stays),
                $stays <= 0.0 ? __('it does not fit with the corona that is wanted') : __('start it :right % of the width :leftright and :up % of the height :updown from the middle', [
                    'right' => $share($right, $plan->frame->sensor->widthMm), 'leftright' => $right < 0 ? __('left') : __('right'),
                    'up' => $share($up, $plan->frame->sensor->heightMm), 'updown' => $up < 0 ? __('below') : __('above'),
                ]),
            ),
        ];
    }
}
