<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\CountedLot;
use App\Domain\Event\StockAfter;
use App\Domain\Event\WantedViewer;
use App\Domain\Event\WantedViewers;
use App\Domain\Sky\Eclipses;
use App\Models\Event;
use App\Models\Logbook\AfterTick;
use App\Pages\Sky\NextRow;
use App\Text\AfterWords;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\AfterTask;
use KeenShadow\Core\Sky\LocalEclipse;

/** The end of the job: glasses counted back and stored, viewers kept or taken apart, and what to look at before the next eclipse. */
final readonly class AfterPage
{
    /** How far ahead the next eclipses are looked for, and how many are named. */
    private const YEARS = 12;
    private const NAMED = 3;
    /** Of the Sun's area, from which people come to look. */
    private const WORTH_A_LOOK = 0.1;

    /**
     * @param list<CountedLot> $lots
     * @param list<array{item: string, words: string, isDone: bool}> $tasks
     * @param list<array{item: string, name: string, built: int, state: string}> $viewers
     * @param list<NextRow> $next those that are seen here
     * @param string $prepared the day for which glasses are looked at: the first of them that people come to look at
     * @param array<string, string> $standing of the lots on that day
     */
    private function __construct(
        public string $headline,
        public array $lots,
        public array $tasks,
        public array $viewers,
        public array $next,
        public string $prepared,
        public array $standing,
    ) {}

    public static function of(Event $event, LocalEclipse $here, StockAfter $stock, WantedViewers $viewers, Eclipses $eclipses): self
    {
        $ticks = AfterTick::of($event->id);
        $lots = $stock->counted($event);
        $next = self::next($here, $eclipses);
        $worth = array_values(array_filter($next, static fn(NextRow $row): bool => $row->obscuration >= self::WORTH_A_LOOK))[0] ?? $next[0] ?? null;

        return new self(
            headline: self::headline($lots),
            lots: $lots,
            tasks: array_map(static fn(AfterTask $task): array => ['item' => $task->value, 'words' => AfterWords::task($task), 'isDone' => isset($ticks[$task->value])], AfterTask::cases()),
            viewers: array_map(static fn(WantedViewer $v): array => ['item' => "viewer-{$v->id}", 'name' => $v->name, 'built' => $v->built, 'state' => $ticks["viewer-{$v->id}"] ?? ''], $viewers->of($event)),
            next: $next,
            prepared: $worth->day ?? '',
            standing: $worth === null ? [] : $stock->standing($event, new DateTimeImmutable($worth->date)),
        );
    }

    /** @return list<NextRow> the first that are seen here after this one */
    private static function next(LocalEclipse $here, Eclipses $eclipses): array
    {
        $rows = [];
        foreach ($eclipses->after($here->ends(), self::YEARS) as $eclipse) {
            $row = count($rows) < self::NAMED ? NextRow::of($eclipse, $here, $eclipses->ephemeris) : null;
            $rows = $row === null ? $rows : [...$rows, $row];
        }

        return $rows;
    }

    /** @param list<CountedLot> $lots */
    private static function headline(array $lots): string
    {
        $sum = static fn(callable $of): int => array_sum(array_map($of, $lots));
        $out = $sum(static fn(CountedLot $l): int => $l->out);
        $missing = $sum(static fn(CountedLot $l): int => $l->missing);
        $back = $sum(static fn(CountedLot $l): int => $l->back);

        return match (true) {
            $out === 0 => __('No glasses were handed out.'),
            $missing === 0 => __(':back of :out pairs are back; all are accounted for.', ['back' => $back, 'out' => $out]),
            default => trans_choice('{1} :back of :out pairs are back; 1 is still out.|[2,*] :back of :out pairs are back; :count are still out.', $missing, ['back' => $back, 'out' => $out]),
        };
    }
}
