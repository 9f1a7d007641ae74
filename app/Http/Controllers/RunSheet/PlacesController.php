<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Workers;
use App\Models\Event;
use App\Models\Sky\BundleKind;
use App\Pages\Event\BundlesPage;
use App\Pages\Event\EventFrames;
use Illuminate\View\View;

/** The run sheet for a district's many places; it is asked for, and sent, where kits are. */
final class PlacesController
{
    public function __invoke(Event $event, EventFrames $frames, Workers $workers): View
    {
        return view('runsheet.places', ['frame' => $frames->of($event), 'page' => BundlesPage::of($event, BundleKind::Sheets, $workers)]);
    }
}
