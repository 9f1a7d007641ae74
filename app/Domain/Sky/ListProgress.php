<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Domain\Workers;
use App\Models\Sky\PlaceList;
use Illuminate\Support\Facades\Queue;

/** How far the computing of a list's places has come, and whether it goes on by itself. */
final readonly class ListProgress
{
    private function __construct(
        public int $computed,
        public int $size,
        public bool $hasFailed,
        public bool $isWorkedOn,
    ) {}

    public static function of(PlaceList $list, Workers $workers): self
    {
        $computed = $list->computed();

        return new self(
            computed: $computed,
            size: $list->size,
            // What is neither done nor waiting is lost: nobody will come for it.
            hasFailed: $computed < $list->size && ($list->failed_at !== null || Queue::size() === 0),
            isWorkedOn: $workers->answer('default'),
        );
    }

    public function isDone(): bool
    {
        return $this->computed === $this->size;
    }
}
