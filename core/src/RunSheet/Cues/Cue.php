<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\RunSheet\RunSheetException;

/** One timed line of a run sheet. */
final readonly class Cue
{
    public const LONGEST_NAME = 80;
    public const LONGEST_TEXT = 500;
    /** Two weeks: some glasses are tried days before. */
    public const MOST_OFFSET_S = 14 * 86400;
    public const MOST_DURATION_S = 12 * 3600;
    /** Earlier by more than this is another day's work. */
    public const SAME_DAY_S = 12 * 3600;

    /**
     * @param string $id UUID
     * @param int $offsetS seconds after what it hangs on, less than nothing before it
     * @param int|null $clockS seconds of the day's clock; of an anchor that is one only
     * @param string $who whom it takes, in the organiser's words
     * @param string $where at which station or spot
     * @param string $crew what the crew is told
     * @param string $call what is called out
     * @param DateTimeImmutable|null $frozenAt where it stays whatever moves; null hangs on its anchor
     * @param Clouds|null $clouds what becomes of it under clouds; null is as usual for what it is about
     * @param CueNeed|null $needs what must be seen there and then; null is nothing
     * @param Gaze|null $eyes where it sends eyes besides the Sun behind a filter; null is nowhere
     */
    private function __construct(
        public string $id,
        public CueKind $kind,
        public string $name,
        public Anchor $anchor,
        public int $offsetS,
        public ?int $clockS,
        public int $durationS,
        public string $who,
        public string $where,
        public string $crew,
        public string $call,
        public ?DateTimeImmutable $frozenAt,
        public ?Clouds $clouds,
        public ?CueNeed $needs,
        public ?Gaze $eyes,
    ) {}

    /** @throws RunSheetException naming the field */
    public static function of(
        string $id,
        CueKind $kind,
        string $name,
        Anchor $anchor,
        int $offsetS = 0,
        ?int $clockS = null,
        int $durationS = 0,
        string $who = '',
        string $where = '',
        string $crew = '',
        string $call = '',
        ?DateTimeImmutable $frozenAt = null,
        ?Clouds $clouds = null,
        ?CueNeed $needs = null,
        ?Gaze $eyes = null,
    ): self {
        if ($name === '') {
            throw RunSheetException::missing('name');
        }
        foreach (['name' => [$name, self::LONGEST_NAME], 'who' => [$who, self::LONGEST_NAME], 'where' => [$where, self::LONGEST_NAME], 'crew' => [$crew, self::LONGEST_TEXT], 'call' => [$call, self::LONGEST_TEXT]] as $field => [$text, $most]) {
            if (mb_strlen($text) > $most) {
                throw RunSheetException::tooLong($field, $most);
            }
        }
        if (($clockS === null) === ($anchor === Anchor::Clock)) {
            throw $clockS === null ? RunSheetException::missing('clock') : RunSheetException::notATime('clock');
        }
        RunSheetException::within('offset_s', $offsetS, -self::MOST_OFFSET_S, self::MOST_OFFSET_S);
        RunSheetException::within('duration_s', $durationS, 0, self::MOST_DURATION_S);
        RunSheetException::within('clock', $clockS ?? 0, 0, 86399);

        return new self(id: $id, kind: $kind, name: $name, anchor: $anchor, offsetS: $offsetS, clockS: $clockS, durationS: $durationS, who: $who, where: $where, crew: $crew, call: $call, frozenAt: $frozenAt, clouds: $clouds, needs: $needs, eyes: $eyes);
    }

    /** The same line elsewhere along the axis. */
    public function moved(int $offsetS, int $durationS): self
    {
        return $this->with(['offsetS' => $offsetS, 'durationS' => $durationS]);
    }

    /** The same line as another one. */
    public function numbered(string $id): self
    {
        return $this->with(['id' => $id]);
    }

    /** The same line at a moment that stays. */
    public function frozen(?DateTimeImmutable $at): self
    {
        return $this->with(['frozenAt' => $at]);
    }

    /** The same line, with what becomes of it under clouds said. */
    public function under(Clouds $clouds): self
    {
        return $this->with(['clouds' => $clouds]);
    }

    /** The same line in other words. */
    public function worded(string $name, string $crew, string $call): self
    {
        return $this->with(['name' => $name, 'crew' => $crew, 'call' => $call]);
    }

    /** The same line, with what it needs and where it sends eyes said. */
    public function needing(?CueNeed $needs, ?Gaze $eyes): self
    {
        return $this->with(['needs' => $needs, 'eyes' => $eyes]);
    }

    /** Whether it is of no use while the Sun is not seen: something to look at, or a contact that is called. */
    public function needsTheSun(): bool
    {
        return $this->clouds !== Clouds::OnlyThen && ($this->kind === CueKind::Look || $this->kind === CueKind::Call && $this->anchor->contact() !== null);
    }

    /** What becomes of it when clouds are called. */
    public function underClouds(): Clouds
    {
        return $this->clouds ?? ($this->needsTheSun() ? Clouds::FallsAway : Clouds::GoesOn);
    }

    /** Whether it is done on the same day as another one: plan B takes the place of what clouds take away. */
    public function isDoneWith(self $other): bool
    {
        $both = [$this->underClouds(), $other->underClouds()];

        return !in_array(Clouds::OnlyThen, $both, true) || !in_array(Clouds::FallsAway, $both, true);
    }

    public function isDaysBefore(): bool
    {
        return $this->offsetS < -self::SAME_DAY_S;
    }

    public function equals(self $other): bool
    {
        return CueRecord::write($this) === CueRecord::write($other);
    }

    /** @param array{id?: string, name?: string, crew?: string, call?: string, offsetS?: int, durationS?: int, frozenAt?: DateTimeImmutable|null, clouds?: Clouds, needs?: CueNeed|null, eyes?: Gaze|null} $changed */
    private function with(array $changed): self
    {
        /** @var array{id: string, kind: CueKind, name: string, anchor: Anchor, offsetS: int, clockS: int|null, durationS: int, who: string, where: string, crew: string, call: string, frozenAt: DateTimeImmutable|null, clouds: Clouds|null, needs: CueNeed|null, eyes: Gaze|null} $all */
        $all = $changed + get_object_vars($this);

        return self::of(...$all);
    }
}
