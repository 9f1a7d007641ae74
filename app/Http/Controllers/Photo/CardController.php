<?php

declare(strict_types=1);

namespace App\Http\Controllers\Photo;

use App\Domain\Event\EventReader;
use App\Domain\Photo\EventCameras;
use App\Exports\Download;
use App\Exports\Photo\FieldCard;
use App\Exports\Photo\ShotTable;
use App\Models\Event;
use App\Models\Photo\PhotoPlan;
use App\Text\Clock;
use Illuminate\Http\Response;

/** A camera's shot list as files. */
final class CardController
{
    public function __construct(
        private readonly EventCameras $cameras,
        private readonly EventReader $reader,
    ) {}

    public function pdf(Event $event, PhotoPlan $photoPlan): Response
    {
        return Download::of($event, "-camera-{$photoPlan->id}.pdf", 'application/pdf', FieldCard::pdf($photoPlan, $this->cameras->of($photoPlan), $this->clock($event)));
    }

    public function csv(Event $event, PhotoPlan $photoPlan): Response
    {
        return Download::of($event, "-camera-{$photoPlan->id}.csv", 'text/csv', ShotTable::csv($this->cameras->of($photoPlan), $this->clock($event)));
    }

    public function json(Event $event, PhotoPlan $photoPlan): Response
    {
        return Download::of($event, "-camera-{$photoPlan->id}.json", 'application/json', ShotTable::json($photoPlan, $this->cameras->of($photoPlan), $this->clock($event)));
    }

    private function clock(Event $event): Clock
    {
        return Clock::over($this->reader->facts($event)->here);
    }
}
