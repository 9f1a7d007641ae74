<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\HorizonCrossing;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;

/** What cues hang on, at one place and one eclipse, and whether the Sun is seen there. */
final readonly class Moments
{
    /** @param list<Interval> $hidden with the whole Sun behind something, in order */
    public function __construct(public LocalEclipse $here, private array $hidden) {}

    /** When it happens, in UTC; null where it does not. */
    public function of(Anchor $anchor): ?DateTimeImmutable
    {
        $contact = $anchor->contact();

        return match (true) {
            $contact !== null => $this->here->circumstances->contact($contact)?->time(),
            $anchor === Anchor::Sunrise, $anchor === Anchor::Sunset => $this->crossing($anchor === Anchor::Sunrise),
            $anchor === Anchor::Hidden => $this->hidden() === null ? null : JulianDate::toDateTime($this->hidden()->fromUt),
            $anchor === Anchor::Clear => $this->clear(),
            default => $this->here->local($this->here->circumstances->maximum->time())->setTime(0, 0),
        };
    }

    /** What the rule about filters says of the place, and of what stands there. */
    public function filters(): Filters
    {
        return Filters::forPlace($this->here, $this->hidden);
    }

    /** Whether it happens with the Sun down. */
    public function isDown(Anchor $anchor): bool
    {
        $contact = $anchor->contact();

        return $contact !== null && $this->here->circumstances->contact($contact)?->view->isSunUp() === false;
    }

    public function isSunUp(DateTimeImmutable $moment): bool
    {
        return $this->here->at($moment)->isSunUp();
    }

    /** Whether the whole Sun is behind something then. */
    public function isSunHidden(DateTimeImmutable $moment): bool
    {
        $ut = JulianDate::fromDateTime($moment);
        foreach ($this->hidden as $interval) {
            if ($interval->covers($ut)) {
                return true;
            }
        }

        return false;
    }

    /** The first time while the eclipse lasts that the whole Sun is behind something. */
    private function hidden(): ?Interval
    {
        $eclipse = new Interval(JulianDate::fromDateTime($this->here->begins()), JulianDate::fromDateTime($this->here->ends()));
        foreach ($this->hidden as $interval) {
            if ($interval->common($eclipse)->seconds() > 0) {
                return $interval;
            }
        }

        return null;
    }

    /** When it comes out again; null where it is not seen to, until long after the eclipse. */
    private function clear(): ?DateTimeImmutable
    {
        $clear = $this->hidden() === null ? null : JulianDate::toDateTime($this->hidden()->toUt);

        return $clear !== null && $clear < $this->here->spanEnds()->modify('-1 second') ? $clear : null;
    }

    /** The sunrise or sunset of that day; of several the one nearest to the maximum. */
    private function crossing(bool $isRise): ?DateTimeImmutable
    {
        $maximum = $this->here->circumstances->maximum->time();
        $apart = static fn(HorizonCrossing $c): float => abs((float) $c->time->format('U.u') - (float) $maximum->format('U.u'));
        $crossings = array_filter($this->here->crossings, static fn(HorizonCrossing $c): bool => $c->isRise === $isRise);
        usort($crossings, static fn(HorizonCrossing $a, HorizonCrossing $b): int => $apart($a) <=> $apart($b));

        return ($crossings[0] ?? null)?->time;
    }
}
