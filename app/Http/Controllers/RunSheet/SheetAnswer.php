<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\Event\UntrainedHelpers;
use App\Domain\RunSheet\EventRotas;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\RunSheet\CrewPage;
use App\Pages\RunSheet\RotationPage;
use App\Pages\RunSheet\RunSheetPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is shown after a run sheet was changed: the page it was changed on, to a script the page itself. */
final readonly class SheetAnswer
{
    public function __construct(
        private EventFrames $frames,
        private EventReader $reader,
        private EventRotas $rotas,
        private UntrainedHelpers $untrained,
    ) {}

    public function after(Request $request, Event $event, SheetView $usual, string $words): View|RedirectResponse
    {
        $view = SheetView::tryFrom($request->string('view')->toString()) ?? $usual;

        return $request->ajax() ? $this->page($event->refresh(), $view) : redirect()->route($view->route(), $event)->with('status', $words);
    }

    /** @param string $sought words that a cue must have to be listed */
    public function page(Event $event, SheetView $view, string $sought = ''): View
    {
        $facts = $this->reader->facts($event->loadMissing('sheetRevision'));
        $rota = $this->rotas->of($facts);
        $page = match ($view) {
            SheetView::Cues => RunSheetPage::of($facts, $rota, $sought),
            SheetView::Rotation => RotationPage::of($facts, $rota),
            SheetView::Crew => CrewPage::of($facts, $rota, $this->untrained->of($event)),
        };

        return view($view->route(), ['frame' => $this->frames->of($event, $page->axis), 'page' => $page, 'view' => $view->value] + ($view === SheetView::Cues ? ['templates' => $event->sheetTemplates()->orderBy('name')->get()] : []));
    }
}
