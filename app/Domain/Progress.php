<?php

declare(strict_types=1);

namespace App\Domain;

use DateTimeInterface;
use Illuminate\Support\Facades\Queue;

/** How far long work on the queue has come, and whether it goes on by itself. */
final readonly class Progress
{
    private function __construct(
        public int $done,
        public int $size,
        public bool $hasFailed,
        public bool $isWorkedOn,
    ) {}

    /** @param DateTimeInterface|null $failedAt when it was given up */
    public static function of(int $done, int $size, ?DateTimeInterface $failedAt, Workers $workers): self
    {
        return new self(
            done: $done,
            size: $size,
            // What is neither done nor waiting is lost: nobody will come for it.
            hasFailed: $done < $size && ($failedAt !== null || Queue::size() === 0),
            isWorkedOn: $workers->answer('default'),
        );
    }

    public function isDone(): bool
    {
        return $this->done === $this->size;
    }
}
