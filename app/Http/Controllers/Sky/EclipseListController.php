<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Pages\Event\EventForm;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The list of eclipses to choose from, anew for another place. */
final class EclipseListController
{
    public function __invoke(Request $request, Eclipses $eclipses, Gazetteer $places): View
    {
        return view('sky.eclipse-list', ['form' => EventForm::fromInput($request, $eclipses, $places)]);
    }
}
