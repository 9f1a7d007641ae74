<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Devices\Logbook\LogFault;
use App\Devices\Logbook\SampleLog;
use App\Domain\Sky\Eclipses;
use App\Exports\CsvLine;
use App\Imports\Logbook\StoredSeries;
use App\Models\Event;
use App\Models\Logbook\InstrumentLog;
use App\Models\StoredFile;
use App\Models\User;
use DateTimeZone;
use Illuminate\Support\Str;
use KeenShadow\Core\Logbook\DateOrder;
use KeenShadow\Core\Logbook\Light\Sensor;

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
}
