<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

use DateTimeImmutable;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Sky\TimeUncertainty;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;

/**
 * Whether filters may come off at a place, from when to when, and why not otherwise. Whatever tells people about filters
 * asks this one rule.
 *
 * Only totality is free, only inside the path, only between C2 and C3 (common practice): with the cautious radius of the
 * Moon, after the uncertainty of C2 and before that of C3 and the time a hand needs, and only while the Sun is seen. What is
 * unknown never lets a filter come off.
 */
final readonly class Filters
{
    /** From hearing "filters on" to having them on (own judgement). */
    public const REACTION_SECONDS = 3.0;

    /** The warning before filters go on (common practice, no source: 10 s, more if in doubt). */
    public const WARNING_SECONDS = 10;

    /** The words that filters may come off, and a hand that takes them off (own judgement). */
    public const PERMISSION_SECONDS = 3.0;

    /** A shorter while is no use: the warning takes all of it. */
    public const LEAST_SECONDS = 10.0;

    private const DAY_SECONDS = 86400;

    /**
     * @param float|null $offUt Julian date (UT) from which filters may be off; null when they stay on
     * @param float|null $onUt by which they are on again
     * @param bool $isCut whether they might be off for longer if the Sun were seen all the while
     */
    private function __construct(
        public FilterAdvice $advice,
        public FilterReason $reason,
        public ?float $offUt = null,
        public ?float $onUt = null,
        public bool $isCut = false,
    ) {}

    /**
     * The rule for a place over a level horizon and what stands in front of the Sun there.
     *
     * @param LocalCircumstances $c of this eclipse and observer
     * @param list<Interval> $hidden in order, during which the whole disc is behind something
     */
    public static function of(SolarEclipse $eclipse, Observer $observer, LocalCircumstances $c, array $hidden = []): self
    {
        $begin = $c->contact(ContactName::C2);
        $end = $c->contact(ContactName::C3);
        if ($c->kind !== LocalKind::Total || $begin === null || $end === null) {
            return self::decide($c->kind, $c->isNearEdgeOfPath(), null, null, [], []);
        }
        // Only where the answer hangs on it: the uncertainty costs more than all the rest.
        $up = $c->upBetween($begin->view, $end->view);
        if ($up === [] || $c->isNearEdgeOfPath()) {
            return self::decide($c->kind, $c->isNearEdgeOfPath(), null, null, $up, $hidden);
        }
        [$early, $late] = TimeUncertainty::ofContacts($eclipse, $observer, [$begin, $end]);
        $isSure = $early->isSureToHappen && $late->isSureToHappen && $eclipse->elements->radii->umbralK <= Radii::UMBRAL_K;

        return self::decide(
            $c->kind,
            $c->isNearEdgeOfPath(),
            $isSure ? $begin->view->julianDateUt() + $early->worstSeconds() / self::DAY_SECONDS : null,
            $isSure ? $end->view->julianDateUt() - ($late->worstSeconds() + self::REACTION_SECONDS) / self::DAY_SECONDS : null,
            $up,
            $hidden,
        );
    }

    /**
     * The same for an eclipse at a place.
     *
     * @param list<Interval> $hidden as above; none over a level horizon
     */
    public static function forPlace(LocalEclipse $here, array $hidden = []): self
    {
        return self::of($here->eclipse, $here->observer, $here->circumstances, $hidden);
    }

    /**
     * The rule itself, from what is known; null is unknown.
     *
     * @param float|null $guardedOffUt C2 with its margin added, Julian date in UT
     * @param float|null $guardedOnUt C3 with its margins taken off; null where C2 and C3 are not sure enough to tell
     * @param list<Interval>|null $up intervals around totality with the Sun above a level horizon, in order
     * @param list<Interval>|null $hidden intervals with all of the Sun behind something, in order
     */
    public static function decide(?LocalKind $kind, ?bool $isNearEdge, ?float $guardedOffUt, ?float $guardedOnUt, ?array $up, ?array $hidden): self
    {
        $reason = match ($kind) {
            null => FilterReason::Unknown,
            LocalKind::None => FilterReason::NoEclipse,
            LocalKind::Partial => FilterReason::Partial,
            LocalKind::Annular => FilterReason::Annular,
            LocalKind::Total => null,
        };
        if ($reason !== null) {
            return new self(FilterAdvice::StayOn, $reason);
        }
        if ($isNearEdge === null || $up === null || $hidden === null) {
            return new self(FilterAdvice::StayOn, FilterReason::Unknown);
        }
        $whole = $guardedOffUt === null || $guardedOnUt === null ? null : new Interval($guardedOffUt, $guardedOnUt);
        $free = $whole === null ? [] : self::longEnough(array_map($whole->common(...), $up));
        $seen = self::longEnough(array_merge([], ...array_map(static fn(Interval $i): array => $i->without($hidden), $free)));
        $reason = match (true) {
            $up === [] => FilterReason::BelowHorizon,
            $isNearEdge => FilterReason::NearEdge,
            $free === [] => FilterReason::TooShort,
            $seen === [] => FilterReason::Hidden,
            default => FilterReason::Totality,
        };
        if ($reason !== FilterReason::Totality) {
            return new self(FilterAdvice::StayOn, $reason);
        }
        usort($seen, static fn(Interval $a, Interval $b): int => $b->seconds() <=> $a->seconds());

        return new self(FilterAdvice::MayComeOff, $reason, $seen[0]->fromUt, $seen[0]->toUt, count($seen) > 1 || !$seen[0]->equals($whole));
    }

    /**
     * The same for the people of an event: its policy can only be stricter than the place, as the book has it.
     *
     * @param string|null $policy by the book's word; null while none is decided
     */
    public function under(?string $policy, RuleBook $book): self
    {
        if (!$this->mayComeOff() || $policy === null) {
            return $this;
        }
        $answer = $book->ask(Situation::of([
            Part::Filter->value => 'none', Part::Look->value => 'direct', Part::Instrument->value => 'none', Part::Phase->value => 'total', Part::Guarded->value => true, Part::Policy->value => $policy,
        ]));

        return $answer->permission === Permission::No ? new self(FilterAdvice::StayOn, FilterReason::Policy) : $this;
    }

    /** The first instant with filters off, in UTC; null when they stay on. */
    public function off(): ?DateTimeImmutable
    {
        return $this->offUt === null ? null : JulianDate::toDateTime($this->offUt);
    }

    /** The instant by which filters are on again, in UTC; null when they stay on. */
    public function on(): ?DateTimeImmutable
    {
        return $this->onUt === null ? null : JulianDate::toDateTime($this->onUt);
    }

    public function mayComeOff(): bool
    {
        return $this->advice === FilterAdvice::MayComeOff;
    }

    /** The advice for one moment. */
    public function at(float $julianDateUt): FilterAdvice
    {
        return $this->offUt !== null && $this->onUt !== null && $julianDateUt >= $this->offUt && $julianDateUt < $this->onUt
            ? FilterAdvice::MayComeOff
            : FilterAdvice::StayOn;
    }

    /**
     * @param list<Interval> $intervals
     *
     * @return list<Interval>
     */
    private static function longEnough(array $intervals): array
    {
        return array_values(array_filter($intervals, static fn(Interval $i): bool => $i->seconds() >= self::LEAST_SECONDS));
    }
}
