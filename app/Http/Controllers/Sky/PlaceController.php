<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Pages\Sky\PlaceSearch;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is found for a name or coordinates, as a list to choose from. */
final class PlaceController
{
    public function __invoke(Request $request, PlaceSearch $search): View
    {
        $typed = $request->string('q')->limit(2000, '')->toString();

        return view('sky.places', ['typed' => $typed, 'found' => $search->find($typed)]);
    }
}
