<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Record;

use DateTimeImmutable;
use KeenShadow\Core\Training\Cards\Duty;

/** Something that must be passed, not too long before an event. */
final readonly class Need
{
    /** Of so many different cards in a row, so many right (own judgement); of one that came again the last answer counts. */
    public const CARDS = 20;
    public const CARDS_RIGHT = 18;
    /** Drills one after the other, all in time. */
    public const DRILLS = 2;
    /** What was passed longer before is done once more (own judgement). */
    public const RECENT_DAYS = 90;

    /** @param string $about id of the scene or order; of cards the duty; blank where there is one only */
    public function __construct(public Exercise $exercise, public string $about) {}

    public static function cards(Duty $duty): self
    {
        return new self(Exercise::Card, $duty->value);
    }

    /** The day to reckon from: the end of the event's; as long as that is farther away than what counts, now: it is to be done once more, and counts until then. */
    public static function reckonedOn(DateTimeImmutable $eventDay, DateTimeImmutable $now): DateTimeImmutable
    {
        $end = $eventDay->modify('+1 day');

        return $now < self::since($end) ? $now : $end;
    }

    /** From when on an attempt counts on a day. */
    public static function since(DateTimeImmutable $day): DateTimeImmutable
    {
        return $day->modify('-' . self::RECENT_DAYS . ' days');
    }

    /**
     * Whether it is met on a day: by the last tries within the time, for a fault yesterday counts more than luck a month ago.
     *
     * @param list<Attempt> $attempts of one person, in order of time
     */
    public function isMet(array $attempts, DateTimeImmutable $day, Judge $judge): bool
    {
        return $this->isPassed($this->counted(array_values(array_filter($attempts, static fn(Attempt $attempt): bool => $attempt->at >= self::since($day) && $attempt->at <= $day)), $judge));
    }

    /**
     * What was right and wrong, as far as it counts: of cards the last answer to each of the last ones, of all else every try.
     * What cannot be told any more neither helps nor harms.
     *
     * @param list<Attempt> $attempts of one person, in order of time
     *
     * @return list<bool>
     */
    public function counted(array $attempts, Judge $judge): array
    {
        $right = [];
        foreach (array_filter($attempts, $this->isAbout(...)) as $i => $attempt) {
            $which = $this->exercise === Exercise::Card ? $attempt->about : $i;
            unset($right[$which]);
            $right[$which] = $judge->isRight($attempt);
        }
        $known = array_values(array_filter($right, is_bool(...)));

        return $this->exercise === Exercise::Card ? array_slice($known, -self::CARDS) : $known;
    }

    /** @param list<bool> $counted */
    public function isPassed(array $counted): bool
    {
        return match ($this->exercise) {
            Exercise::Card => count($counted) === self::CARDS && count(array_keys($counted, true, true)) >= self::CARDS_RIGHT,
            Exercise::Drill => count($counted) >= self::DRILLS && !in_array(false, array_slice($counted, -self::DRILLS), true),
            default => $counted !== [] && $counted[count($counted) - 1],
        };
    }

    /** Whether an attempt is one at this. */
    public function isAbout(Attempt $attempt): bool
    {
        return $attempt->exercise === $this->exercise && match ($this->exercise) {
            Exercise::Card => $attempt->duty?->value === $this->about,
            Exercise::Scene, Exercise::Steps => $attempt->about === $this->about,
            default => true,
        };
    }
}
