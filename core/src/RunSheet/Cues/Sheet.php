<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use KeenShadow\Core\Rules\FilterAdvice;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\RunSheet\Rota\Rota;
use KeenShadow\Core\RunSheet\RunSheetException;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Time\JulianDate;

/** A run sheet: its cues, the hours of the event, and who is where. */
final readonly class Sheet
{
    public const MOST_CUES = 200;
    private const BEFORE = '-75 minutes';
    private const AFTER = '+45 minutes';

    /**
     * @param array<string, Cue> $cues by id
     * @param int|null $opensS when the event opens, in seconds of the day's clock; null is 75 min before the eclipse begins
     * @param int|null $closesS when it closes; null is 45 min after the eclipse ends
     */
    private function __construct(public array $cues, public ?int $opensS, public ?int $closesS, public Rota $rota) {}

    /**
     * @param list<Cue> $cues
     *
     * @throws RunSheetException
     */
    public static function of(array $cues, ?int $opensS = null, ?int $closesS = null, ?Rota $rota = null): self
    {
        if (count($cues) > self::MOST_CUES) {
            throw RunSheetException::tooMany('cues', self::MOST_CUES);
        }

        return new self(array_column(array_map(static fn(Cue $cue): array => [$cue->id, $cue], $cues), 1, 0), $opensS, $closesS, $rota ?? Rota::blank());
    }

    public static function blank(): self
    {
        return self::of([]);
    }

    public function with(Cue ...$cues): self
    {
        return self::of(array_values(array_replace($this->cues, array_column(array_map(static fn(Cue $cue): array => [$cue->id, $cue], $cues), 1, 0))), $this->opensS, $this->closesS, $this->rota);
    }

    /** With those of which neither name nor number is there yet. */
    public function withNew(Cue ...$cues): self
    {
        $names = array_map(static fn(Cue $cue): string => $cue->name, $this->cues);

        return $this->with(...array_filter($cues, fn(Cue $cue): bool => !in_array($cue->name, $names, true) && !isset($this->cues[$cue->id])));
    }

    public function without(string $id): self
    {
        return new self(array_diff_key($this->cues, [$id => true]), $this->opensS, $this->closesS, $this->rota);
    }

    public function withRota(Rota $rota): self
    {
        return new self($this->cues, $this->opensS, $this->closesS, $rota);
    }

    /**
     * The same cues within other hours, at a place and eclipse.
     *
     * @throws RunSheetException where the event would close before it opens
     */
    public function open(?int $fromS, ?int $toS, Moments $moments): self
    {
        $sheet = new self($this->cues, $fromS, $toS, $this->rota);

        return $sheet->closes($moments) > $sheet->opens($moments) ? $sheet : throw RunSheetException::reversed('closes');
    }

    public function opens(Moments $moments): DateTimeImmutable
    {
        return $this->opensS === null ? $moments->here->begins()->modify(self::BEFORE) : self::onTheClock($moments, $this->opensS);
    }

    public function closes(Moments $moments): DateTimeImmutable
    {
        return $this->closesS === null ? $moments->here->ends()->modify(self::AFTER) : self::onTheClock($moments, $this->closesS);
    }

    /**
     * @param list<Busy> $busy who has duties besides
     *
     * @return list<PlacedCue> in order of time; those without one last
     */
    public function placed(Moments $moments, array $busy = []): array
    {
        // Asked once, and only where something hangs on it: it is dear.
        $asks = array_filter($this->cues, static fn(Cue $cue): bool => $cue->needs !== null || $cue->eyes === Gaze::AllRound);
        $filters = $asks === [] ? null : $moments->filters();
        $placed = array_map(fn(Cue $cue): PlacedCue => $this->place($cue, $moments, $filters), array_values($this->cues));
        $placed = array_map(static fn(PlacedCue $p): PlacedCue => $p->clashing([
            ...array_values(array_map(static fn(PlacedCue $other): string => $other->cue->name, array_filter($placed, $p->clashesWith(...)))),
            ...array_values(array_map(static fn(Busy $b): string => $b->what, array_filter($busy, static fn(Busy $b): bool => $b->clashesWith($p)))),
        ]), $placed);
        usort($placed, static fn(PlacedCue $a, PlacedCue $b): int => [$a->begins === null, $a->begins, $a->cue->name, $a->cue->id] <=> [$b->begins === null, $b->begins, $b->cue->name, $b->cue->id]);

        return $placed;
    }

    private function place(Cue $cue, Moments $moments, ?Filters $filters): PlacedCue
    {
        $anchored = self::anchored($cue, $moments);
        $begins = $cue->frozenAt ?? $anchored;
        if ($begins === null) {
            return new PlacedCue($cue, null, null, null, [$moments->of($cue->anchor) === null ? CueNote::NoMoment : CueNote::MomentDown]);
        }
        $ends = self::later($begins, $cue->durationS);
        $withheld = $filters === null ? null : self::withheld($cue, $begins, $ends, $moments, $filters);
        if ($withheld !== null) {
            return new PlacedCue($cue, null, null, null, [$withheld]);
        }
        $isToday = !$cue->isDaysBefore();

        return new PlacedCue($cue, $begins, $ends, $cue->frozenAt === null ? null : $anchored, [
            ...($cue->frozenAt !== null && ($anchored === null || abs((float) $anchored->format('U.u') - (float) $begins->format('U.u')) >= 1.0) ? [CueNote::Frozen] : []),
            ...($isToday && $cue->needsTheSun() ? self::unseen($begins, $moments) : []),
            ...($isToday && ($begins < $this->opens($moments) || $ends > $this->closes($moments)) ? [CueNote::OutsideHours] : []),
        ]);
    }

    /** Why a cue has no time though its moment comes: what it needs is not seen, or it would send eyes to the Sun. */
    private static function withheld(Cue $cue, DateTimeImmutable $begins, DateTimeImmutable $ends, Moments $moments, Filters $filters): ?CueNote
    {
        if ($cue->needs?->isMet($begins, $ends, $moments, $filters) === false) {
            return CueNote::NotSeen;
        }
        foreach ([$begins, $ends] as $moment) {
            $isCovered = $filters->at(JulianDate::fromDateTime($moment)) === FilterAdvice::MayComeOff;
            if ($cue->eyes?->isSafe(Bearing::ofSun($moments->here->at($moment)), $isCovered) === false) {
                return CueNote::EyesAtTheSun;
            }
        }

        return null;
    }

    /** @return list<CueNote> */
    private static function unseen(DateTimeImmutable $moment, Moments $moments): array
    {
        return match (true) {
            !$moments->isSunUp($moment) => [CueNote::SunDown],
            $moments->isSunHidden($moment) => [CueNote::SunHidden],
            default => [],
        };
    }

    /** Where a cue stands by its anchor; contacts with the Sun down are never used for one. */
    private static function anchored(Cue $cue, Moments $moments): ?DateTimeImmutable
    {
        if ($cue->clockS !== null) {
            return self::later(self::onTheClock($moments, $cue->clockS), $cue->offsetS);
        }
        $moment = $moments->isDown($cue->anchor) ? null : $moments->of($cue->anchor);

        return $moment === null ? null : self::later($moment, $cue->offsetS);
    }

    private static function later(DateTimeImmutable $moment, int $seconds): DateTimeImmutable
    {
        return $moment->modify(sprintf('%+d seconds', $seconds));
    }

    /**
     * A time on the place's clock: hours and minutes as they are read there, also where the clock is changed that night, on the
     * day of the maximum; of an eclipse across midnight on the day on which it is nearer to the maximum.
     */
    private static function onTheClock(Moments $moments, int $seconds): DateTimeImmutable
    {
        $here = $moments->here;
        $maximum = $here->local($here->circumstances->maximum->time());
        $isAcrossMidnight = $here->local($here->begins())->format('Y-m-d') !== $here->local($here->ends())->format('Y-m-d');
        $times = array_map(
            static fn(string $day): DateTimeImmutable => $maximum->modify($day)->setTime(intdiv($seconds, 3600), intdiv($seconds, 60) % 60, $seconds % 60),
            $isAcrossMidnight ? ['today', '-1 day', '+1 day'] : ['today'],
        );
        usort($times, static fn(DateTimeImmutable $a, DateTimeImmutable $b): int => abs($a->getTimestamp() - $maximum->getTimestamp()) <=> abs($b->getTimestamp() - $maximum->getTimestamp()));

        return $times[0];
    }
}
