<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** Where groups take turns. */
final readonly class Station
{
    /** The method that needs a pair of glasses for everybody. */
    public const GLASSES = 'glasses';

    /**
     * @param int $capacity people at once
     * @param int $minutes of one turn
     * @param int $crew helpers that are there while a group is
     * @param list<string> $training what each of them must be trained for
     * @param list<Stretch>|null $open null is all the time
     * @param bool $isNeverAlone whether they are there all the time it is open, with a group or without
     */
    public function __construct(
        public string $id,
        public string $method,
        public int $capacity,
        public int $minutes,
        public int $crew,
        public array $training = [],
        public ?array $open = null,
        public bool $isNeverAlone = false,
    ) {}

    public function needsGlasses(): bool
    {
        return $this->method === self::GLASSES;
    }

    public function isOpen(int $fromMin, int $toMin): bool
    {
        return $this->open === null || Stretch::oneHas($this->open, $fromMin, $toMin);
    }

    /** The same place for any number of people, at any time, without helpers. */
    public function unlimited(): self
    {
        return new self($this->id, $this->method, PHP_INT_MAX, $this->minutes, 0);
    }

    public function withoutCrew(): self
    {
        return new self($this->id, $this->method, $this->capacity, $this->minutes, 0, [], $this->open);
    }
}
