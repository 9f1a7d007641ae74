<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Domain\Event\EventReader;
use App\Domain\Event\Rounds;
use App\Domain\Training\Handout;
use App\Domain\Training\SiteNumbers;
use App\Domain\Training\TrainingRecord;
use App\Exports\Download;
use App\Exports\SheetPaper;
use App\Exports\Training\HandoutPrint;
use App\Exports\Training\Printed;
use App\Models\Event;
use App\Models\Training\QueueCard;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\Training\CrewTrainingPage;
use App\Pages\Training\Demonstrations;
use App\Pages\Training\PrintedPage;
use App\Text\Days;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What families take home, and what hangs and lies about on the day. */
final class PrintedController
{
    public function __construct(private readonly EventReader $reader, private readonly EventFrames $frames) {}

    public function index(Event $event): View
    {
        return view('training.printed', ['frame' => $this->frames->of($event), 'page' => PrintedPage::of($this->reader->facts($event))]);
    }

    public function handout(Event $event, HandoutPrint $handoutPrint, SheetPaper $sheetPaper): Response
    {
        return self::pdf($event, "handout-{$handoutPrint->value}", $sheetPaper, Printed::handout($this->told($event), $handoutPrint, $sheetPaper));
    }

    public function letter(Event $event, SheetPaper $sheetPaper, #[CurrentUser] User $user): Response
    {
        return self::pdf($event, 'letter', $sheetPaper, Printed::letter($this->told($event), $user->organisation->name ?? '', $sheetPaper));
    }

    public function signs(Event $event, SheetPaper $sheetPaper, Rounds $rounds): Response
    {
        return self::pdf($event, 'signs', $sheetPaper, Printed::signs($this->told($event), $rounds->of($event)->spots, $sheetPaper));
    }

    public function demonstrations(Event $event, SheetPaper $sheetPaper): Response
    {
        return self::pdf($event, 'demonstrations', $sheetPaper, Printed::demonstrations($event->title, Demonstrations::of($event), $sheetPaper));
    }

    public function crew(Event $event, SheetPaper $sheetPaper, TrainingRecord $record): Response
    {
        $page = CrewTrainingPage::of($event, $record);

        return self::pdf($event, 'crew', $sheetPaper, Printed::crew($event->title, $page->rows, $page->tasks, $page->needs, Days::full(now($event->timezone)), $sheetPaper));
    }

    public function queue(Event $event, SheetPaper $sheetPaper): Response
    {
        return self::pdf($event, 'queue', $sheetPaper, Printed::queue(QueueCard::deckOf($event), SiteNumbers::of($this->reader->facts($event)), $sheetPaper));
    }

    private function told(Event $event): Handout
    {
        return Handout::of($this->reader->facts($event));
    }

    private static function pdf(Event $event, string $name, SheetPaper $paper, string $pdf): Response
    {
        return Download::of($event, "-{$name}-{$paper->value}.pdf", 'application/pdf', $pdf);
    }
}
