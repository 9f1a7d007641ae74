<?php

declare(strict_types=1);

namespace App\Http\Controllers\Viewers;

use App\Domain\Sky\Eclipses;
use App\Domain\Viewers\EventLight;
use App\Exports\Download;
use App\Exports\Viewers\TemplatePdf;
use App\Exports\Viewers\TemplateSvg;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrames;
use App\Pages\Viewers\BuildPage;
use Illuminate\Http\Response;
use Illuminate\View\View;
use KeenShadow\Core\Viewers\Sheet\Paper;
use KeenShadow\Core\Viewers\Sheet\Part;
use KeenShadow\Core\Viewers\Sheet\Templates;

/** How a design is built, and its parts in their true size. */
final class BuildController
{
    public function __construct(private readonly Eclipses $eclipses) {}

    public function show(Event $event, Viewer $viewer, EventFrames $frames): View
    {
        $frame = $frames->of($event);

        return view('viewers.build', ['frame' => $frame, 'page' => BuildPage::of($viewer, $frame->here)]);
    }

    public function pdf(Event $event, Viewer $viewer, Paper $paper): Response
    {
        $templates = Templates::of($viewer->design, EventLight::of($this->eclipses->at($event)));

        return Download::of($event, "-viewer-{$viewer->id}-{$paper->value}.pdf", 'application/pdf', TemplatePdf::of($templates, $paper, $viewer->name));
    }

    public function svg(Event $event, Viewer $viewer, Part $part): Response
    {
        foreach (Templates::of($viewer->design, EventLight::of($this->eclipses->at($event))) as $template) {
            if ($template->part === $part) {
                return Download::of($event, "-viewer-{$viewer->id}-{$part->value}.svg", 'image/svg+xml', TemplateSvg::of($template));
            }
        }
        abort(404);
    }
}
