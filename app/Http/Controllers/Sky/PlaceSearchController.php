<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Sky\Gazetteer;
use App\Models\Event;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\View\View;
use KeenShadow\Core\Position\Coordinates;

/** What is found for a name or coordinates, as a list to choose from. */
final class PlaceSearchController
{
    private const KNOWN = 20;

    public function __invoke(Request $request, Gazetteer $search, #[CurrentUser] User $user): View
    {
        $typed = $request->query('q');
        $typed = is_string($typed) ? $typed : '';

        return view('sky.places', ['typed' => $typed, 'found' => $search->find($typed, $this->known($user))]);
    }

    /** @return list<Coordinates> where the organisation has been before */
    private function known(User $user): array
    {
        return array_values(Event::query()->where('organisation_id', $user->organisation_id)->latest('id')->limit(self::KNOWN)
            ->get(['lat', 'lon'])->map(static fn(Event $event): Coordinates => new Coordinates($event->lat, $event->lon))->all());
    }
}
