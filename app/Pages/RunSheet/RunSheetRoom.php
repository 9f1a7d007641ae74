<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Domain\RunSheet\WrittenRota;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;
use App\Text\Clock;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

final readonly class RunSheetRoom implements Room
{
    public function __construct(private EventRotas $rotas) {}

    public function status(EventFacts $facts): RoomStatus
    {
        $sheet = EventSheet::of($facts->event->loadMissing('sheetRevision'))->sheet();
        $rota = $sheet->rota->turns === [] && $sheet->rota->posts === [] ? null : $this->rotas->of($facts);
        $placed = $sheet->placed(EventSheet::moments($facts), $rota === null ? [] : WrittenRota::of($rota)->busy());
        $wrong = count(array_filter($placed, static fn(PlacedCue $p): bool => $p->notes !== []));
        $clock = Clock::over($facts->here);
        $faults = $rota === null ? [] : [...RotaFaults::words($rota, $clock, isOfCrew: true), ...RotaFaults::words($rota, $clock, isOfCrew: false)];

        return new RoomStatus(
            'runsheet',
            __('Run sheet'),
            route('runsheet.show', $facts->event),
            match (true) {
                count($faults) === 1 => $faults[0],
                $faults !== [] => __(':first And :more more.', ['first' => $faults[0], 'more' => (string) (count($faults) - 1)]),
                $placed === [] => __('no cues yet'),
                $wrong > 0 => trans_choice('{1} 1 cue to look at|[2,*] :count cues to look at', $wrong),
                default => trans_choice('{1} 1 cue|[2,*] :count cues', count($placed)),
            },
            $placed === [] || $wrong > 0 || $faults !== [],
        );
    }
}
