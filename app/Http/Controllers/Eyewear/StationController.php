<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Domain\Eyewear\Occasions;
use App\Domain\Eyewear\PairEntries;
use App\Domain\Eyewear\Trays;
use App\Domain\Sky\Eclipses;
use App\Http\Requests\Eyewear\EntriesRequest;
use App\Http\Requests\Eyewear\OccasionRequest;
use App\Http\Requests\Eyewear\TrayRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\User;
use App\Pages\Eyewear\StationPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use KeenShadow\Core\Eyewear\Occasion;

/** The looking-over station: it hands out tags and takes in what was found, from devices that may be away for a while. */
final class StationController
{
    public function show(OccasionRequest $request, Event $event, Lot $lot, Eclipses $eclipses): View
    {
        return view('eyewear.station', ['event' => $event, 'page' => StationPage::of($lot, $event, $request->occasion() ?? Occasions::next($eclipses->at($event)))]);
    }

    /** The next tags for a device; none where all are looked over or with others. */
    public function take(TrayRequest $request, Event $event, Lot $lot): JsonResponse
    {
        $trays = new Trays($lot, $event, $request->occasion());
        $tray = $trays->take(self::checker($request), $request->uuid(), $request->size(), $request->from(), $request->instead());

        return $this->answer($request, $event, $lot, $request->occasion(), $tray?->uuid, ['tags' => $tray === null ? [] : $trays->toDo($tray), 'bounds' => $tray?->bounds()]);
    }

    public function release(TrayRequest $request, Event $event, Lot $lot): JsonResponse
    {
        (new Trays($lot, $event, $request->occasion()))->release($request->uuid());

        return $this->answer($request, $event, $lot, $request->occasion(), null, []);
    }

    public function store(EntriesRequest $request, Event $event, Lot $lot): JsonResponse
    {
        $answers = (new PairEntries($lot, $event, $request->occasion(), self::checker($request)))->store($request->entries());
        $isHeld = $request->tray() !== null && (new Trays($lot, $event, $request->occasion()))->touch($request->tray());

        return $this->answer($request, $event, $lot, $request->occasion(), $request->tray(), ['entries' => $answers, 'isHeld' => $isHeld]);
    }

    /** @param array<string, mixed> $with */
    private function answer(Request $request, Event $event, Lot $lot, Occasion $occasion, ?string $own, array $with): JsonResponse
    {
        return new JsonResponse($with + StationPage::state($lot, $event, $occasion, self::checker($request), $own));
    }

    private static function checker(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}
