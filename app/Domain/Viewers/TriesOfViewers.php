<?php

declare(strict_types=1);

namespace App\Domain\Viewers;

use App\Domain\Event\RecordLine;
use App\Domain\Event\TriedViewers;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use App\Models\Viewers\ViewerTrial;
use App\Text\RuleWords;
use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\TryOut\TryOut;

/** How an event's viewers did on ordinary days. */
final readonly class TriesOfViewers implements TriedViewers
{
    public function __construct(private DayLight $light) {}

    public function labels(Event $event): array
    {
        /** @var array<int, string> */
        return $event->viewers()->orderBy('name')->pluck('name', 'id')->all();
    }

    public function record(Viewer $viewer): array
    {
        $trials = ViewerTrial::standing($viewer)->get()->reverse()->all();

        return array_values(array_map(function (ViewerTrial $trial) use ($viewer): RecordLine {
            $tried = TryOut::of($trial->design, $this->light->on($trial->tried_on, $viewer->event), $trial->measured());

            return new RecordLine($trial->tried_on, __('Tried: :measured, by its design :predicted: :verdict', ['measured' => ViewersWords::width($trial->image_mm, $trial->uncertainty_mm), 'predicted' => ViewersWords::width($tried->predictedMm, $tried->uncertaintyMm), 'verdict' => RuleWords::verdict($tried->verdict)]), $trial->by->name);
        }, $trials));
    }
}
