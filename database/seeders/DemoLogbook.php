<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Devices\Logbook\LogFault;
use App\Devices\Logbook\SampleLog;
use App\Domain\Event\DayRecords;
use App\Domain\Event\NewRecord;
use App\Domain\Sky\Eclipses;
use App\Exports\CsvLine;
use App\Imports\Logbook\StoredSeries;
use App\Models\Day\DayEntry;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use App\Models\Logbook\AfterTick;
use App\Models\Logbook\EventReport;
use App\Models\Logbook\EyeReminder;
use App\Models\Logbook\EyeReport;
use App\Models\Logbook\Incident;
use App\Models\Logbook\InstrumentLog;
use App\Models\Logbook\LogPicture;
use App\Models\StoredFile;
use App\Models\User;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Str;
use KeenShadow\Core\Day\EntryKind;
use KeenShadow\Core\Logbook\AfterTask;
use KeenShadow\Core\Logbook\DateOrder;
use KeenShadow\Core\Logbook\Eyes\EyeSign;
use KeenShadow\Core\Logbook\Eyes\Reminders;
use KeenShadow\Core\Logbook\Eyes\WhichEye;
use KeenShadow\Core\Logbook\HowLooked;
use KeenShadow\Core\Logbook\Light\Sensor;
use KeenShadow\Core\Logbook\ObservationKind;

/** What was logged on the evening of 12 August 2026: invented, but for Sun and Moon. */
final class DemoLogbook
{
    public static function evening(Event $event, User $by): void
    {
        $here = app(Eclipses::class)->at($event);
        foreach ([['Logger in the shade', 'north side of the lifeguard hut, 1.5 m above sand', 2.4, 9.0, 26.0, 11], ['Logger on the roof', 'roof of the kiosk, in a white box', 3.1, 7.0, 28.0, 12]] as [$name, $stood, $dropK, $lagMin, $meanC, $seed]) {
            $csv = CsvLine::of(['Date Time', 'Temp (°C)', 'Light (lux)']);
            foreach ((new SampleLog($here, $dropK, $lagMin, LogFault::None, $seed, $meanC))->readings(60) as [$at, $celsius, $lux]) {
                $csv .= CsvLine::of([$at->setTimezone(new DateTimeZone('Europe/Madrid'))->modify('+90 seconds')->format('d/m/Y H:i:s'), $celsius, $lux]);
            }
            $path = (string) tempnam(sys_get_temp_dir(), 'demo');
            file_put_contents($path, $csv);
            $packed = StoredSeries::packed($path);
            InstrumentLog::query()->create(['uuid' => Str::uuid7()->toString(), 'event_id' => $event->id, 'name' => $name, 'stood' => $stood, 'sha256' => StoredFile::keep($packed, StoredSeries::MEDIA_TYPE), 'zone' => 'Europe/Madrid', 'date_order' => DateOrder::DayFirst, 'ahead_s' => 90, 'sensor' => Sensor::Flat, 'made_by' => $by->id]);
            array_map(unlink(...), [$path, $packed]);
        }
    }

    /** What was called and written down at the time, and what a class typed from its sheets afterwards. */
    public static function lines(Event $event, User $leader, User $helper): void
    {
        foreach ([
            ['19:31:10', EntryKind::CheckIn, 'projection table', $helper, 400], ['19:43:40', EntryKind::Note, 'First bite called', $leader, 300], ['20:04:50', EntryKind::Cloud, null, $leader, 300], ['20:09:20', EntryKind::Clear, null, $leader, 300],
            ['20:22:05', EntryKind::FilterOff, 'cap of the small refractor taken off by a visitor; nobody looked', $helper, 400], ['20:23:00', EntryKind::Note, 'refractor covered and turned away', $helper, 400], ['21:20:30', EntryKind::Message, 'Sun is down: collect the glasses', $leader, 300],
        ] as [$time, $kind, $text, $by, $withinMs]) {
            DayEntry::query()->create(['uuid' => Str::uuid7()->toString(), 'event_id' => $event->id, 'kind' => $kind, 'text' => $text, 'made_by' => $by->id, 'who' => $by->name, 'made_at' => self::at($time), 'clock_offset_ms' => 0, 'clock_uncertainty_ms' => $withinMs]);
        }
        $typed = [];
        foreach ([['19:20', 29.9], ['19:30', 29.8], ['19:40', 29.6], ['19:50', 29.4], ['20:00', 28.9], ['20:10', 28.3], ['20:20', 27.6], ['20:30', 27.0], ['20:40', 26.6], ['20:50', 26.5], ['21:00', 26.8], ['21:10', 27.1], ['21:20', 27.2]] as [$time, $celsius]) {
            $typed[] = ["{$time}:00", ObservationKind::Temperature, $celsius, ''];
        }
        foreach ([['19:30', 2], ['20:00', 1], ['20:10', 4], ['20:30', 1], ['21:00', 1]] as [$time, $eighths]) {
            $typed[] = ["{$time}:00", ObservationKind::Cloud, $eighths, ''];
        }
        foreach ([['19:30', 3, 'from the west'], ['20:30', 2, 'from the west'], ['21:00', 1, 'nearly still']] as [$time, $beaufort, $words]) {
            $typed[] = ["{$time}:00", ObservationKind::Wind, $beaufort, $words];
        }
        foreach ([['19:40', 85], ['20:10', 212], ['20:40', 260], ['21:10', 174]] as [$time, $people]) {
            $typed[] = ["{$time}:00", ObservationKind::Visitors, $people, ''];
        }
        array_push($typed, ['20:34:00', ObservationKind::Animals, null, 'gulls fly in from the water and settle on the lamps'], ['20:12:00', ObservationKind::Bead, 3, 'nearly white'], ['20:19:00', ObservationKind::Bead, 1, ''], ['20:27:00', ObservationKind::Bead, 2, ''], ['20:39:40', ObservationKind::LateCall, 35, 'maximum'], ['20:41:00', ObservationKind::Picture, null, 'crescents under the tamarisk, kept by Nora Brisa']);
        app(DayRecords::class)->add($event, array_map(static fn(array $line): NewRecord => new NewRecord(Str::uuid7()->toString(), self::at($line[0]), $line[1]->value, $line[2] === null ? null : (float) $line[2], $line[3], 'Class 4A', 60), $typed), $leader);
    }

    private static function at(string $time): CarbonImmutable
    {
        return CarbonImmutable::parse("2026-08-12 {$time}", 'Europe/Madrid')->utc();
    }

    public static function incident(Event $event, User $by): void
    {
        Incident::query()->create([
            'uuid' => Str::uuid7()->toString(), 'event_id' => $event->id, 'happened_at' => self::at('20:22:05'), 'within_s' => 15, 'what' => 'A visitor took the front cap off the small refractor to see what was under it. Nobody was at the eyepiece.', 'place' => 'third table, by the steps', 'done' => 'Tube turned away and covered within half a minute; cap taped on; a helper stays beside it.',
            'seen_by' => 'helper at the third table', 'method' => 'telescope', 'lot_id' => Lot::query()->where('organisation_id', $event->organisation_id)->where('kind', 'front_filter')->value('id'), 'tag' => 1, 'instrument' => 'small refractor', 'made_by' => $by->id,
        ]);
    }

    /** One that was closed: seen by an eye doctor two days later. */
    public static function eyes(Event $event, User $by): void
    {
        $report = EyeReport::query()->create([
            'uuid' => Str::uuid7()->toString(), 'event_id' => $event->id, 'called' => 'blue parasol', 'told_at' => self::at('21:40:00'), 'signs' => [EyeSign::Blur, EyeSign::OddColours], 'other' => 'letters swim a little', 'eye' => WhichEye::Right, 'since' => 'half an hour after looking',
            'method' => HowLooked::Nothing, 'looked' => 'a few glances past the glasses', 'looked_at' => self::at('20:50:00'), 'made_by' => $by->id, 'closed_at' => self::at('21:40:00')->addDays(2), 'closed_how' => 'seen by an eye doctor, who took it over', 'delete_on' => now()->addDays(60)->toDateString(),
        ]);
        foreach (Reminders::HOURS as $hours) {
            EyeReminder::query()->create(['eye_report_id' => $report->id, 'hours' => $hours, 'made_at' => $report->told_at->addHours($hours), 'seen_at' => $report->told_at->addHours($hours + 1)]);
        }
    }

    public static function putAway(Event $event, User $by): void
    {
        $lot = Lot::query()->where('organisation_id', $event->organisation_id)->where('label', 'Left from August 2026')->firstOrFail();
        foreach ([['19:35:00', 'out', 45], ['21:25:00', 'back', 42], ['21:50:00', 'lost', 2]] as [$time, $what, $pairs]) {
            StockEntry::query()->create(['uuid' => Str::uuid7()->toString(), 'event_id' => $event->id, 'lot_id' => $lot->id, 'what' => $what, 'pairs' => $pairs, 'is_void' => false, 'moved_by' => $by->id, 'moved_at' => self::at($time)]);
        }
        foreach ([AfterTask::CountGlasses, AfterTask::StoreGlasses, AfterTask::CapInstruments, AfterTask::TellSymptoms, AfterTask::ReadLoggers, AfterTask::TypeSheets] as $task) {
            AfterTick::query()->insert(['event_id' => $event->id, 'item' => $task->value, 'state' => 'done', 'ticked_by' => $by->id]);
        }
    }

    public static function report(Event $event): void
    {
        EventReport::query()->create([
            'event_id' => $event->id, 'summary' => 'A clear evening on the beach with one cloud that passed. People came to see the Sun set as a crescent; most followed it on the projection tables and under the tamarisk.',
            'went_well' => "The tables drew the crowd away from the single telescope.\nClass 4A read the thermometer to the end.", 'better' => "Tape every cap before people come.\nCall the maximum from the clock on the screen, not from a watch.",
        ]);
    }

    /** A drawing in place of a photograph: images of the Sun under a tree, as deep as it was eclipsed at 20:41. */
    public static function picture(Event $event, User $by): void
    {
        $image = imagecreatetruecolor(900, 560);
        imagefill($image, 0, 0, 0xC9B58C);
        mt_srand(20260812);
        for ($i = 0; $i < 60; ++$i) {
            [$x, $y, $size] = [mt_rand(40, 860), mt_rand(40, 520), mt_rand(44, 58)];
            imagefilledellipse($image, $x, $y, $size, $size, 0xFFF3D0);
            imagefilledellipse($image, $x + 4, $y - 3, $size, $size, 0xB39F78);
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'demo');
        imagejpeg($image, $path, 85);
        LogPicture::query()->create(['uuid' => Str::uuid7()->toString(), 'event_id' => $event->id, 'caption' => 'Crescents under the tamarisk at 20:41 (drawn for the demo)', 'sha256' => StoredFile::keep($path, 'image/jpeg'), 'made_by' => $by->id]);
        unlink($path);
    }
}
