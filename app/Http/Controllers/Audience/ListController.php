<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Domain\Event\EventReader;
use App\Domain\Event\FitPairs;
use App\Domain\Event\WantedViewer;
use App\Domain\Event\WantedViewers;
use App\Exports\CsvLine;
use App\Exports\Download;
use App\Http\Requests\Audience\TickRequest;
use App\Models\Event;
use App\Pages\Audience\ListPage;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The shopping and making list, ticked off as it is bought or made. */
final class ListController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly EventReader $reader,
        private readonly FitPairs $pairs,
        private readonly WantedViewers $viewers,
    ) {}

    public function index(Event $event): View
    {
        return view('audience.list', ['frame' => $this->frames->of($event), 'page' => $this->page($event)]);
    }

    public function csv(Event $event): Response
    {
        $page = $this->page($event);
        $lines = [
            ...array_map(static fn(array $line): string => CsvLine::of([$line['words'], $line['count'], $line['here'], $line['isDone'] ? 'yes' : 'no']), $page->lines),
            ...array_map(static fn(WantedViewer $viewer): string => CsvLine::of([$viewer->name . ': ' . implode('; ', $viewer->materials), $viewer->wanted, $viewer->built, $viewer->built >= $viewer->wanted ? 'yes' : 'no']), $page->viewers),
        ];

        return Download::of($event, '-list.csv', 'text/csv', CsvLine::of(['what', 'needed', 'here', 'done']) . implode('', $lines));
    }

    public function tick(TickRequest $request, Event $event): RedirectResponse
    {
        if ($request->boolean('done')) {
            $event->tickedSupplies()->createOrFirst(['supply' => $request->supply()]);
        } else {
            $event->tickedSupplies()->where('supply', $request->supply())->delete();
        }

        return redirect()->to(route('audience.list', $event) . '#' . $request->supply()->value);
    }

    private function page(Event $event): ListPage
    {
        return ListPage::of($event, $this->pairs->count($event), $this->reader->site($event)->groundTakesAnImage() !== true, $this->viewers->of($event));
    }
}
