<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;

/** A cue with its time, and what is wrong with it. */
final readonly class PlacedCue
{
    /**
     * @param DateTimeImmutable|null $begins null where what it hangs on gives no time
     * @param DateTimeImmutable|null $ends the same as the beginning for a cue without a length
     * @param DateTimeImmutable|null $wouldBegin where a frozen one would stand if it were not
     * @param list<CueNote> $notes
     * @param list<string> $clashes names of cues that want the same person at the same time
     */
    public function __construct(
        public Cue $cue,
        public ?DateTimeImmutable $begins,
        public ?DateTimeImmutable $ends,
        public ?DateTimeImmutable $wouldBegin,
        public array $notes,
        public array $clashes = [],
    ) {}

    /** @param list<string> $names */
    public function clashing(array $names): self
    {
        return new self($this->cue, $this->begins, $this->ends, $this->wouldBegin, $names === [] ? $this->notes : [...$this->notes, CueNote::Clash], $names);
    }

    /** Whether both want the same person, some of the time. */
    public function clashesWith(self $other): bool
    {
        return $this->cue->isDoneWith($other->cue) && $this->cue->who !== '' && mb_strtolower($this->cue->who) === mb_strtolower($other->cue->who) && $this->cue->id !== $other->cue->id
            && $this->begins !== null && $other->begins !== null && $this->begins < $other->ends && $other->begins < $this->ends;
    }
}
