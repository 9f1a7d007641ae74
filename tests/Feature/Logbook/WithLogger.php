<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Event;
use App\Models\Logbook\InstrumentLog;
use App\Models\StoredFile;
use App\Models\User;
use Illuminate\Support\Str;

/** An instrument with one reading. */
trait WithLogger
{
    private static function loggerOf(Event $event, User $owner): InstrumentLog
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'log');
        file_put_contents($path, gzencode("time,temperature_c\n2027-08-02T08:00:00Z,21.5\n"));
        $sha256 = StoredFile::keep($path, 'application/gzip');
        unlink($path);

        return InstrumentLog::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'name' => 'Shade', 'stood' => '', 'sha256' => $sha256, 'zone' => 'UTC', 'ahead_s' => 0, 'sensor' => 'flat', 'made_by' => $owner->id]);
    }
}
