<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Text\Clock;
use App\Text\FilterWords;
use DateTimeImmutable;
use KeenShadow\Core\Rules\FilterCall;
use KeenShadow\Core\RunSheet\Cues\FilterCues;

/** A moment that concerns filters, as it stands between the cues: computed, never typed. */
final readonly class FilterMoment
{
    /**
     * @param string $id of its kind
     * @param DateTimeImmutable $at to the whole second, on the side of the filters
     * @param string $time on the place's clock
     */
    private function __construct(public string $id, public string $name, public DateTimeImmutable $at, public string $time) {}

    /** @return list<self> in order of time; none where filters stay on */
    public static function allOf(?FilterCues $cues, Clock $clock): array
    {
        return $cues === null ? [] : [
            new self('filters-off', FilterWords::callName(FilterCall::MayComeOff), $cues->off->modify('+999 milliseconds'), FilterWords::notBefore($cues->off, $clock)),
            new self('filters-warning', FilterWords::callName(FilterCall::Warning), $cues->warning, FilterWords::notAfter($cues->warning, $clock)),
            new self('filters-on', FilterWords::callName(FilterCall::BackOn), $cues->on, FilterWords::notAfter($cues->on, $clock)),
        ];
    }
}
