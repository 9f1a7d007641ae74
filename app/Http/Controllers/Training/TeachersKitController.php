<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Domain\Kept;
use App\Domain\Sky\Eclipses;
use App\Domain\Workers;
use App\Exports\Download;
use App\Models\Event;
use App\Models\Sky\BundledFile;
use App\Models\Sky\BundleKind;
use App\Models\Sky\PlaceBundle;
use App\Models\Training\QueueCard;
use App\Pages\Event\BundlesPage;
use App\Pages\Event\EventFrames;
use App\Pages\Training\TeachersKitPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** For the teachers of a district: each school's times, and what was made for it. It is asked for, and sent whole, where run sheets of many places are. */
final class TeachersKitController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function index(Event $event, Workers $workers): View
    {
        return view('training.kit', ['frame' => $this->frames->of($event), 'page' => BundlesPage::of($event, BundleKind::Kit, $workers), 'cards' => count(QueueCard::deckOf($event))]);
    }

    public function show(Event $event, PlaceBundle $placeBundle, Eclipses $eclipses): View
    {
        return view('training.kit-show', ['frame' => $this->frames->of($event), 'page' => TeachersKitPage::of($event, $placeBundle, $eclipses->onDate($event->eclipse_date->format('Y-m-d')))]);
    }

    public function file(Event $event, PlaceBundle $placeBundle, string $position, BundledFile $bundledFile): Response|RedirectResponse
    {
        if ($placeBundle->isOld($event, Kept::version())) {
            return redirect()->route('training.kit.show', [$event, $placeBundle]);
        }
        $content = $placeBundle->content((int) $position, $bundledFile) ?? abort(404);
        $place = $placeBundle->places()->where('position', $position)->value('name');

        return response($content, 200, ['Content-Type' => $bundledFile->type(), 'Content-Disposition' => Download::disposition(is_string($place) ? $place : '', "place-{$position}", "-{$bundledFile->value}")]);
    }
}
