<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\Event\FitPairs;
use App\Domain\Event\Rounds;
use App\Models\RunSheet\Helper;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\RotaDay;

/** Brings together what turns and duties of an event depend on. */
final readonly class EventRotas
{
    public function __construct(
        private Rounds $rounds,
        private FitPairs $pairs,
    ) {}

    /** @param Sheet|null $sheet another one than holds */
    public function of(EventFacts $facts, ?Sheet $sheet = null): EventRota
    {
        $event = $facts->event->loadMissing(['planRevision', 'sheetRevision']);
        $rounds = $this->rounds->of($event);
        $sheet ??= EventSheet::of($event)->sheet();
        $moments = EventSheet::moments($facts);
        $filters = $facts->filters();
        [$off, $on] = [$filters->off(), $filters->on()];

        return new EventRota(
            sheet: $sheet,
            here: $facts->here,
            day: RotaDay::of($facts->here, $facts->outlook->hidden ?? [], $filters->mayComeOff() && $off !== null && $on !== null ? [$off, $on] : null, $sheet->opens($moments), $sheet->closes($moments), $sheet->rota->wishes->stepMin),
            parties: $rounds->parties,
            spots: $rounds->spots,
            helpers: array_values($event->helpers()->orderBy('name')->get()->keyBy(static fn(Helper $h): string => $h->rotaId())->all()),
            fit: $this->pairs->count($event),
            cues: $sheet->placed($moments),
        );
    }
}
