<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Pages\Sky\PlaceSearch;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is found for a name or coordinates, as a list to choose from. */
final class PlaceController
{
    /** A pasted waypoint is longer than a name. */
    private const LONGEST = 2000;

    public function __invoke(Request $request, PlaceSearch $search): View
    {
        $typed = $request->query('q');
        $typed = is_string($typed) ? mb_substr($typed, 0, self::LONGEST) : '';

        return view('sky.places', ['typed' => $typed, 'found' => $search->find($typed)]);
    }
}
