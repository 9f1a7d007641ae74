<?php

declare(strict_types=1);

namespace App\Imports\Logbook;

use App\Domain\Kept;
use App\Domain\Logbook\LoggedSeries;
use App\Domain\Logbook\Reading;
use App\Models\Logbook\InstrumentLog;
use KeenShadow\Core\Logbook\Series;
use RuntimeException;

/** The file of an instrument unpacked and read again; what was read is kept, of long logs one reading a minute. */
final readonly class StoredSeries implements LoggedSeries
{
    public const MEDIA_TYPE = 'application/gzip';
    private const LONG = 5000;
    private const MINUTE_S = 60.0;

    public function __construct(private Kept $kept) {}

    public function of(InstrumentLog $log): array
    {
        return $this->keptOf($log, static fn(): array => LoggerFile::readStored($log->stored()->firstOrFail()->content(), Reading::ofLog($log)));
    }

    /**
     * Keeps what was read while a file was checked, so that nobody waits for it twice.
     *
     * @param array<string, Series> $series
     */
    public function remember(InstrumentLog $log, array $series): void
    {
        $this->keptOf($log, static fn(): array => $series);
    }

    /**
     * @param callable(): array<string, Series> $read
     *
     * @return array<string, Series>
     */
    private function keptOf(InstrumentLog $log, callable $read): array
    {
        $reading = Reading::ofLog($log);

        return self::series($this->kept->by('logged', [$log->sha256, $reading->zone->getName(), $reading->order, $reading->aheadS], static fn(): array => self::plain($read())));
    }

    /** Packs a file so that it can be stored, and tells where; whoever asks removes it. */
    public static function packed(string $path): string
    {
        $packed = (string) tempnam(sys_get_temp_dir(), 'log');
        $to = gzopen($packed, 'wb6');
        $from = fopen($path, 'r');
        if ($to === false || $from === false) {
            throw new RuntimeException('A file that was sent cannot be packed.');
        }
        while (!feof($from)) {
            gzwrite($to, (string) fread($from, 1 << 20));
        }
        gzclose($to);
        fclose($from);

        return $packed;
    }

    /**
     * @param array<string, Series> $series
     *
     * @return array<string, array{list<float>, list<float>}>
     */
    private static function plain(array $series): array
    {
        return array_map(static function (Series $s): array {
            $short = $s->count() > self::LONG ? $s->medians(self::MINUTE_S) : $s;

            return [$short->atS, $short->values];
        }, $series);
    }

    /**
     * @param array<array-key, mixed> $kept as plain() made it
     *
     * @return array<string, Series>
     */
    private static function series(array $kept): array
    {
        /** @var array<string, array{list<float>, list<float>}> $kept */
        return array_map(static fn(array $s): Series => Series::of($s[0], $s[1]), $kept);
    }
}
