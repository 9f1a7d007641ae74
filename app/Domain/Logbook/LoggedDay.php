<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Domain\Event\DayRecord;

/** The log of a day: what stands, and what something else has taken the place of. */
final readonly class LoggedDay
{
    /**
     * @param list<DayRecord> $standing in order of time
     * @param list<DayRecord> $replaced those that were corrected or taken out, as they were
     */
    private function __construct(
        public array $standing,
        public array $replaced,
    ) {}

    /** @param list<DayRecord> $records in order of time */
    public static function of(array $records): self
    {
        $corrected = array_filter(array_map(static fn(DayRecord $r): ?int => $r->correctsId, $records), is_int(...));

        return new self(
            array_values(array_filter($records, static fn(DayRecord $r): bool => !$r->isTakenOut && !in_array($r->id, $corrected, true))),
            array_values(array_filter($records, static fn(DayRecord $r): bool => !$r->isTakenOut && in_array($r->id, $corrected, true))),
        );
    }

    /** @return list<DayRecord> of one kind */
    public function observed(string $kind): array
    {
        return array_values(array_filter($this->standing, static fn(DayRecord $r): bool => $r->observed === $kind));
    }

    public function find(int $id): ?DayRecord
    {
        foreach ($this->standing as $record) {
            if ($record->id === $id) {
                return $record;
            }
        }

        return null;
    }
}
