<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Models\Event;
use App\Models\User;
use App\Pages\Event\KeptPages;
use Illuminate\Container\Attributes\Tag;

/** What one person's device keeps of one event's day, under a name that nobody else's has. */
final readonly class KeptDay
{
    /** @param iterable<KeptPages> $rooms that have pages for the day */
    public function __construct(
        #[Tag('kept')]
        private iterable $rooms,
    ) {}

    /** @return array{name: string, worker: string, scope: string, pages: list<string>} */
    public function of(Event $event, User $user): array
    {
        return [
            'name' => self::prefix($event) . $user->id,
            'worker' => route('day.worker', $event, false),
            'scope' => rtrim(dirname(route('day.show', $event, false)), '/') . '/',
            'pages' => [route('day.show', $event, false), ...array_merge(...array_map(static fn(KeptPages $room): array => $room->of($event, $user), [...$this->rooms]))],
        ];
    }

    /** Of all that is kept of an event's day on a device. */
    public static function prefix(Event $event): string
    {
        return "day-{$event->id}-";
    }
}
