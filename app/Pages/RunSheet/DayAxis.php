<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\RunSheet\EventSheet;
use App\Drawings\RunSheet\LaneStack;
use DateTimeImmutable;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;

/** The hours that the ribbon and the lanes below it show: the eclipse and the event, not much more. */
final readonly class DayAxis
{
    /** So far an axis goes beyond the eclipse, for what is of the day. */
    private const BEFORE = '-2 hours';
    private const AFTER = '+2 hours';

    private function __construct(public DateTimeImmutable $begins, public DateTimeImmutable $ends) {}

    public static function of(EventFacts $facts): self
    {
        $sheet = EventSheet::of($facts->event)->sheet();
        $moments = EventSheet::moments($facts);

        return new self(
            max($facts->here->begins()->modify(self::BEFORE), min($facts->here->spanBegins(), $sheet->opens($moments))),
            min($facts->here->ends()->modify(self::AFTER), max($facts->here->spanEnds(), $sheet->closes($moments))),
        );
    }

    public function interval(): Interval
    {
        return new Interval(JulianDate::fromDateTime($this->begins), JulianDate::fromDateTime($this->ends));
    }

    public function stack(): LaneStack
    {
        return new LaneStack($this->begins, $this->ends);
    }
}
