<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Models\Logbook\InstrumentLog;
use DateTimeZone;
use KeenShadow\Core\Logbook\DateOrder;

/** How a logger's file is to be read. */
final readonly class Reading
{
    /**
     * @param DateTimeZone $zone of times that have none of their own
     * @param DateOrder|null $order null where the year comes first, or the file tells
     * @param int $aheadS by how much its clock was ahead
     */
    public function __construct(
        public DateTimeZone $zone,
        public ?DateOrder $order,
        public int $aheadS,
    ) {}

    public static function ofLog(InstrumentLog $log): self
    {
        return new self(new DateTimeZone($log->zone), $log->date_order, $log->ahead_s);
    }
}
