<?php

declare(strict_types=1);

namespace App\Exports\Photo;

use App\Domain\Photo\WrittenShots;
use App\Exports\PlainPdf;
use App\Models\Photo\PhotoPlan;
use App\Text\Clock;
use App\Text\Days;
use App\Text\KitWords;
use KeenShadow\Core\Photo\Programme\CameraPlan;

/**
 * A camera's card for the field, A6, black on white: in front what is done in totality, in letters that are read in its dusk, behind what
 * is done before and after.
 */
final class FieldCard
{
    public static function pdf(PhotoPlan $row, CameraPlan $plan, Clock $clock): string
    {
        $local = $plan->seen->here->local($plan->seen->here->circumstances->maximum->time());

        return PlainPdf::of(view('photo.card', [
            'row' => $row,
            'day' => Days::full($local),
            'zone' => $clock->zone(),
            'shots' => WrittenShots::of($plan, $clock),
            'mayStand' => $plan->mayStand(),
            'watchedBy' => $plan->programme->watchedBy,
            'iso' => KitWords::plain($plan->programme->isoFree),
            'isoFiltered' => KitWords::plain($plan->programme->isoFiltered),
            'fNumber' => KitWords::plain($plan->outfit->free($plan->programme)->fNumber),
            'clear' => KitWords::plain($plan->programme->clearS),
            'kit' => $row->kit(),
        ])->render(), 'a6');
    }
}
