<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Http\Requests\Eyewear\MeasureRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\MeterAnswer;
use App\Pages\Eyewear\SampleAnswer;
use App\Pages\Eyewear\ShadeAnswer;
use App\Text\Refusals;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use KeenShadow\Core\Eyewear\EyewearException;
use KeenShadow\Core\Eyewear\Measure\ApertureMask;
use KeenShadow\Core\Eyewear\Measure\FaceShield;
use KeenShadow\Core\Eyewear\Measure\LightMeter;
use KeenShadow\Core\Eyewear\Measure\Shade;

/** A light meter, shade numbers, how many pairs to test, a mask for a telescope, a face shield; stores nothing. */
final class MeasureController
{
    public function __invoke(MeasureRequest $request, Event $event, EventFrames $frames): View
    {
        try {
            $answers = ['meter' => self::meter($request), 'shade' => self::shade($request), 'sample' => self::sample($request), 'mask' => self::mask($request), 'shield' => FaceShield::of($request->number('lens_width_mm'), $request->number('lens_height_mm'), $request->number('centres_mm'))];
        } catch (EyewearException $e) {
            $field = in_array($e->field, MeasureRequest::KNOWN, true) || $e->field === 'shade' ? 'value' : $e->field;
            throw ValidationException::withMessages([$field => Refusals::words($e)])->redirectTo(route('eyewear.measure', $event));
        }

        return match ($request->ajax() ? $request->string('part')->toString() : '') {
            'meter' => view('eyewear.measure-meter', $answers),
            'shade' => view('eyewear.measure-shade', $answers),
            'sample' => view('eyewear.measure-sample', $answers),
            'mask' => view('eyewear.measure-mask', $answers),
            'shield' => view('eyewear.measure-shield', $answers),
            default => view('eyewear.measure', ['frame' => $frames->of($event), 'request' => $request] + $answers),
        };
    }

    private static function meter(MeasureRequest $request): MeterAnswer
    {
        return MeterAnswer::of(LightMeter::of($request->number('dark_lx'), $request->number('open_lx'), $request->number('behind_lx'), $request->number('resolution_lx'), $request->number('accuracy_percent')));
    }

    private static function shade(MeasureRequest $request): ShadeAnswer
    {
        $value = $request->number('value');

        return ShadeAnswer::of(match ($request->known()) {
            'percent' => Shade::ofPercent($value),
            'density' => Shade::ofDensity($value),
            default => Shade::ofNumber($value),
        });
    }

    private static function mask(MeasureRequest $request): ApertureMask
    {
        return ApertureMask::of($request->number('aperture_mm'), $request->number('obstruction_mm'), $request->count('vanes'), $request->number('vane_mm'));
    }

    private static function sample(MeasureRequest $request): SampleAnswer
    {
        return SampleAnswer::of($request->count('pairs'), $request->count('tested'), $request->count('failed'), $request->count('most_bad'), $request->number('confidence_percent'));
    }
}
