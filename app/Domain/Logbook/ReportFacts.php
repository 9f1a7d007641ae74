<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Domain\Event\CountedLot;
use App\Domain\Event\DayLine;
use App\Domain\Event\DayPlan;
use App\Domain\Event\DayRecord;
use App\Domain\Event\EventFacts;
use App\Models\Logbook\Incident;
use App\Text\Clock;
use App\Text\LogbookWords;
use App\Text\Numbers;
use App\Text\ObservationWords;
use App\Text\SkyWords;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Logbook\Temperature\Worth;
use KeenShadow\Core\Sky\Contact;

/** What an event's report says by itself: numbers, times, what was measured and seen, and what went wrong, without persons. */
final readonly class ReportFacts
{
    /** Kinds of which every line is told. */
    private const TOLD = [ObservationKind::Animals, ObservationKind::ShadowBands, ObservationKind::Bead, ObservationKind::Picture];

    /**
     * @param list<array{name: string, words: string}> $numbers
     * @param list<array{time: string, name: string, called: string}> $calls planned, and how they were called
     * @param list<array{time: string, words: string}> $happened stops, clouds and messages as they were called
     * @param list<string> $temperatures by instrument
     * @param list<array{time: string, words: string}> $seen
     * @param list<array{time: string, what: string, done: string}> $incidents
     * @param list<string> $better what the record itself suggests
     */
    private function __construct(
        public array $numbers,
        public array $calls,
        public array $happened,
        public array $temperatures,
        public array $seen,
        public array $incidents,
        public array $better,
    ) {}

    /**
     * @param list<Measured> $instruments
     * @param list<CountedLot> $lots
     * @param list<Incident> $incidents in order of time
     */
    public static function of(EventFacts $facts, DayPlan $plan, LoggedDay $day, array $instruments, array $lots, array $incidents): self
    {
        $clock = Clock::over($facts->here);
        $late = $day->observed(ObservationKind::LateCall->value);

        return new self(
            numbers: self::numbers($day, $instruments, $lots, $incidents),
            calls: array_map(static fn(array $call): array => ['time' => $clock->second($call[0]), 'name' => $call[1], 'called' => self::called($call[1], $late)], self::planned($facts, $plan)),
            happened: array_values(array_map(static fn(DayRecord $r): array => ['time' => $clock->second($r->at), 'words' => $r->words === '' ? $r->what : "{$r->what}: {$r->words}"], array_filter($day->standing, static fn(DayRecord $r): bool => $r->isCalled))),
            temperatures: array_map(static fn(Measured $m): string => "{$m->log->name}: " . ($m->drop === null ? LogbookWords::light($m->lightFactor, $m->clearShare) : LogbookWords::drop($m->drop) . ' ' . LogbookWords::worth($m->drop->worth()) . '.'), $instruments),
            seen: self::seen($day, $clock),
            incidents: array_map(static fn(Incident $i): array => ['time' => ObservationWords::moment($clock, $i->happened_at, $i->within_s), 'what' => $i->what, 'done' => $i->done], $incidents),
            better: self::better($late, $instruments, $lots, $incidents, $clock),
        );
    }

    /**
     * @param list<Measured> $instruments
     * @param list<CountedLot> $lots
     * @param list<Incident> $incidents
     *
     * @return list<array{name: string, words: string}>
     */
    private static function numbers(LoggedDay $day, array $instruments, array $lots, array $incidents): array
    {
        $visitors = array_map(static fn(DayRecord $r): float => $r->value ?? 0.0, $day->observed(ObservationKind::Visitors->value));
        $out = array_sum(array_map(static fn(CountedLot $l): int => $l->out, $lots));
        return [
            ['name' => __('Visitors at once, at most'), 'words' => $visitors === [] ? __('not counted') : Numbers::decimal(max($visitors))],
            ['name' => __('Glasses handed out'), 'words' => $out === 0 ? __('none') : __(':out, of which :back came back and :lost were lost', ['out' => $out, 'back' => array_sum(array_map(static fn(CountedLot $l): int => $l->back, $lots)), 'lost' => array_sum(array_map(static fn(CountedLot $l): int => $l->lost, $lots))])],
            ['name' => __('Lines in the log'), 'words' => (string) count($day->standing)],
            ['name' => __('Instruments'), 'words' => (string) count($instruments)],
            ['name' => __('Incidents'), 'words' => (string) count($incidents)],
        ];
    }

    /** @return list<array{DateTimeImmutable, string}> what was to be called: the run sheet's, else the contacts that are seen */
    private static function planned(EventFacts $facts, DayPlan $plan): array
    {
        $calls = array_values(array_filter($plan->lines, static fn(DayLine $line): bool => $line->call !== ''));
        if ($calls !== []) {
            return array_map(static fn(DayLine $line): array => [$line->from, $line->name], $calls);
        }
        $seen = array_values(array_filter($facts->here->circumstances->contacts(), static fn(Contact $contact): bool => $contact->view->isSunUp()));

        return array_map(static fn(Contact $contact): array => [$contact->time(), SkyWords::contact($contact->name)], $seen);
    }

    /** @param list<DayRecord> $late */
    private static function called(string $name, array $late): string
    {
        foreach ($late as $record) {
            if ($record->words !== '' && (str_contains(mb_strtolower($name), mb_strtolower($record->words)) || str_contains(mb_strtolower($record->words), mb_strtolower($name)))) {
                return __(':s s late', ['s' => Numbers::decimal($record->value ?? 0.0)]);
            }
        }

        return __('nothing else is written down');
    }

    /** @return list<array{time: string, words: string}> */
    private static function seen(LoggedDay $day, Clock $clock): array
    {
        $told = array_map(static fn(ObservationKind $kind): string => $kind->value, self::TOLD);
        $records = array_filter($day->standing, static fn(DayRecord $r): bool => in_array($r->observed, $told, true));

        return array_values(array_map(static function (DayRecord $r) use ($clock): array {
            $kind = ObservationKind::from((string) $r->observed);

            return ['time' => $clock->minute($r->at), 'words' => trim(ObservationWords::kind($kind) . ($r->value === null ? '' : ' ' . ObservationWords::value($kind, $r->value)) . ($r->words === '' ? '' : ": {$r->words}"))];
        }, $records));
    }

    /**
     * @param list<DayRecord> $late
     * @param list<Measured> $instruments
     * @param list<CountedLot> $lots
     * @param list<Incident> $incidents
     *
     * @return list<string>
     */
    private static function better(array $late, array $instruments, array $lots, array $incidents, Clock $clock): array
    {
        $missing = array_sum(array_map(static fn(CountedLot $l): int => $l->lost + $l->missing, $lots));

        return [
            ...array_map(static fn(DayRecord $r): string => __('“:what” was called :s s late.', ['what' => $r->words, 's' => Numbers::decimal($r->value ?? 0.0)]), $late),
            ...($missing === 0 ? [] : [trans_choice('{1} One pair did not come back.|[2,*] :count pairs did not come back.', $missing)]),
            ...self::poor($instruments),
            ...array_map(static fn(Incident $i): string => __('Incident of :time: what would have prevented it?', ['time' => $clock->minute($i->happened_at)]), $incidents),
        ];
    }

    /**
     * @param list<Measured> $instruments
     *
     * @return list<string> why a log is not as good as it might be
     */
    private static function poor(array $instruments): array
    {
        $words = [];
        foreach ($instruments as $measured) {
            if ($measured->drop !== null && $measured->drop->worth() !== Worth::Good) {
                $words[] = "{$measured->log->name}: " . LogbookWords::why($measured->drop);
            }
        }

        return $words;
    }
}
