<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\TimeUncertainty;

/**
 * When filters come off and go on again: computed from the one rule about filters, never typed, with the sum that leads there.
 * None where they stay on.
 */
final readonly class FilterCues
{
    /**
     * @param DateTimeImmutable $off from which filters may be off
     * @param DateTimeImmutable $warning to call before they go on
     * @param DateTimeImmutable $on by which they are on again
     * @param array<string, float> $offSum seconds that are added to C2, by what for
     * @param array<string, float> $onSum seconds that are taken off C3
     * @param bool $isCut whether the Sun is not seen for all of it, so that the sums alone do not lead there
     */
    private function __construct(
        public DateTimeImmutable $c2,
        public DateTimeImmutable $c3,
        public DateTimeImmutable $off,
        public DateTimeImmutable $warning,
        public DateTimeImmutable $on,
        public array $offSum,
        public array $onSum,
        public bool $isCut,
    ) {}

    /** @param Filters $filters the rule, for this eclipse and place with what stands there */
    public static function of(LocalEclipse $here, Filters $filters): ?self
    {
        $begin = $here->circumstances->contact(ContactName::C2);
        $end = $here->circumstances->contact(ContactName::C3);
        [$off, $on] = [$filters->off(), $filters->on()];
        if (!$filters->mayComeOff() || $begin === null || $end === null || $off === null || $on === null) {
            return null;
        }
        [$early, $late] = TimeUncertainty::ofContacts($here->eclipse, $here->observer, [$begin, $end]);

        return new self(
            c2: $begin->time(),
            c3: $end->time(),
            off: $off,
            warning: $on->modify('-' . Filters::WARNING_SECONDS . ' seconds'),
            on: $on,
            offSum: self::parts($early),
            onSum: self::parts($late) + ['reaction' => Filters::REACTION_SECONDS],
            isCut: $filters->isCut,
        );
    }

    /** @return array<string, float> */
    private static function parts(TimeUncertainty $uncertainty): array
    {
        return ['delta_t' => $uncertainty->deltaTSeconds, 'limb' => $uncertainty->limbSeconds, 'clock' => $uncertainty->clockSeconds, 'place' => $uncertainty->positionSeconds];
    }
}
