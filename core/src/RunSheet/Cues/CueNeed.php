<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalKind;

/** What must be seen at a place for a cue to make sense there. It belongs to the cue, and is asked each time the cue is placed. */
enum CueNeed: string
{
    /** From its beginning to its end filters may be off, and the warning that they go on is not called yet. */
    case FiltersOff = 'filters_off';
    /** Totality is seen here. */
    case Totality = 'totality';
    /** The ring is seen here. */
    case Ring = 'ring';
    /** Filters never come off here. */
    case FiltersStayOn = 'filters_stay_on';

    /** @param Filters $filters the rule for the place and what stands there */
    public function isMet(DateTimeImmutable $begins, DateTimeImmutable $ends, Moments $moments, Filters $filters): bool
    {
        $circumstances = $moments->here->circumstances;
        $ring = $circumstances->contact(ContactName::C2);

        return match ($this) {
            self::FiltersOff => $filters->off() !== null && $filters->on() !== null && $begins >= $filters->off() && $ends <= $filters->on()->modify('-' . Filters::WARNING_SECONDS . ' seconds'),
            self::Totality => $filters->mayComeOff(),
            self::Ring => $circumstances->kind === LocalKind::Annular && $ring?->view->isSunUp() === true,
            self::FiltersStayOn => !$filters->mayComeOff(),
        };
    }
}
