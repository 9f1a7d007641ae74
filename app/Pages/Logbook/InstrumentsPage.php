<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Logbook\Measured;
use App\Domain\Logbook\Measurements;
use App\Drawings\Event\ShadowRibbon;
use App\Drawings\Logbook\MeasuredCurves;
use App\Text\LogbookWords;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\Temperature\Drop;
use KeenShadow\Core\Logbook\Temperature\Worth;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;

/** Loggers of an event side by side, and by how much the eclipse cooled the air. */
final readonly class InstrumentsPage
{
    /** On either side of the eclipse, where something was logged. */
    private const MOST_BESIDE_S = 7200.0;

    /** @param list<InstrumentRow> $rows */
    private function __construct(
        public string $headline,
        public array $rows,
        public MeasuredCurves $curves,
    ) {}

    /** @param list<Measured> $instruments */
    public static function of(array $instruments, LocalEclipse $here, ShadowRibbon $ribbon): self
    {
        $measured = array_values(array_filter($instruments, static fn(Measured $m): bool => $m->drop !== null));
        usort($measured, static fn(Measured $a, Measured $b): int => self::rank($a->drop) <=> self::rank($b->drop));

        return new self(
            match (true) {
                $instruments === [] => __('No instrument has logged anything here yet.'),
                $measured === [] => __('No temperature was logged.'),
                count($measured) === 1 => self::drop($measured[0]),
                default => __(':instrument: :drop', ['instrument' => $measured[0]->log->name, 'drop' => self::drop($measured[0])]),
            },
            array_map(static fn(Measured $m): InstrumentRow => InstrumentRow::of($m, $here), $instruments),
            MeasuredCurves::of($instruments, $ribbon),
        );
    }

    /**
     * What the ribbon shows: the eclipse, and what was logged beside it.
     *
     * @param list<Measured> $instruments
     */
    public static function axis(array $instruments, LocalEclipse $here): ?Interval
    {
        $times = Measurements::times($here);
        if ($instruments === [] || $times === null) {
            return null;
        }
        $fromS = max($times->c1S - self::MOST_BESIDE_S, min(array_map(static fn(Measured $m): float => $m->fromS, $instruments)));
        $toS = min($times->c4S + self::MOST_BESIDE_S, max(array_map(static fn(Measured $m): float => $m->toS, $instruments)));
        $unix = static fn(DateTimeImmutable $moment): float => JulianDate::fromDateTime($moment);

        return new Interval(
            min($unix($here->spanBegins()), JulianDate::UNIX_EPOCH + $fromS / 86400),
            max($unix($here->spanEnds()), JulianDate::UNIX_EPOCH + $toS / 86400),
        );
    }

    private static function drop(Measured $measured): string
    {
        return $measured->drop === null ? '' : LogbookWords::drop($measured->drop);
    }

    /** @return array{int, float} the better the less */
    private static function rank(?Drop $drop): array
    {
        return [match ($drop?->worth()) {
            Worth::Good => 0,
            Worth::Poor => 1,
            default => 2,
        }, $drop->uncertaintyK ?? INF];
    }
}
