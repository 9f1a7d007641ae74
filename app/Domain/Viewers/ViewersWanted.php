<?php

declare(strict_types=1);

namespace App\Domain\Viewers;

use App\Domain\Event\WantedViewer;
use App\Domain\Event\WantedViewers;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use App\Text\BuildSteps;

/** The designs of an event of which some are wanted. */
final class ViewersWanted implements WantedViewers
{
    public function of(Event $event): array
    {
        return array_values($event->viewers()->where('wanted', '>', 0)->orderBy('name')->get()->map(static fn(Viewer $viewer): WantedViewer => new WantedViewer(
            id: $viewer->id,
            name: $viewer->name,
            method: $viewer->design->build->method(),
            wanted: $viewer->wanted,
            built: $viewer->built,
            atOnce: $viewer->design->build->atOnce(),
            materials: BuildSteps::materials($viewer->design->build),
        ))->all());
    }
}
