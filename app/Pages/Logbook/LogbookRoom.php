<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\DayRecords;
use App\Domain\Event\EventFacts;
use App\Models\Event;
use App\Models\Logbook\EyeReminder;
use App\Models\Logbook\EyeReport;
use App\Models\Logbook\InstrumentLog;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use KeenShadow\Core\Logbook\Eyes\Reminders;

final readonly class LogbookRoom implements Room
{
    public function __construct(private DayRecords $records) {}

    public function status(EventFacts $facts): RoomStatus
    {
        [$lines, $instruments, $open] = $this->counts($facts->event);
        $isOver = $facts->here->ends() < Date::now();
        $eyes = $open > 0 && Gate::allows('update', $facts->event) ? self::waiting($facts->event) : 0;

        return new RoomStatus(
            'logbook',
            __('Logbook'),
            route('logbook.show', $facts->event),
            match (true) {
                $eyes > 0 => trans_choice('{1} ask how somebody\'s eyes are|[2,*] ask how the eyes of :count people are', $eyes),
                $lines + $instruments > 0 => implode(', ', array_filter([
                    $lines === 0 ? '' : trans_choice('{1} 1 line|[2,*] :count lines', $lines),
                    $instruments === 0 ? '' : trans_choice('{1} 1 instrument|[2,*] :count instruments', $instruments),
                ], static fn(string $words): bool => $words !== '')),
                $isOver => __('nothing written down'),
                default => __('nothing yet'),
            },
            $eyes > 0 || ($isOver && $lines + $instruments === 0),
        );
    }

    /** @return array{int, int, int} lines, instruments, open reports of eyes; asked at once, for every page of an event asks */
    private function counts(Event $event): array
    {
        $row = DB::query()->selectSub($this->records->count($event), 'lines')
            ->selectSub(InstrumentLog::standing($event->id)->reorder()->toBase()->selectRaw('count(*)'), 'instruments')
            ->selectSub(EyeReport::query()->where('event_id', $event->id)->whereNull('closed_at')->toBase()->selectRaw('count(*)'), 'eyes')->first();

        /** @var \stdClass&object{lines: int, instruments: int, eyes: int} $row */
        return [$row->lines, $row->instruments, $row->eyes];
    }

    /** Reports of which a reminder waits, made or just due. */
    private static function waiting(Event $event): int
    {
        $open = EyeReport::query()->where('event_id', $event->id)->whereNull('closed_at')->with('reminders')->get();

        return $open->filter(static fn(EyeReport $report): bool => $report->reminders->contains('seen_at', null)
            || Reminders::due($report->told_at, Date::now()->toImmutable(), null, array_values(array_map(static fn(EyeReminder $r): int => $r->hours, $report->reminders->all()))) !== [])->count();
    }
}
