<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Domain\Day\Writer;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\KeptPages;

/** By which addresses somebody comes to a day's screen, and what their device keeps of it: signed in, or by the private address of a helper. */
final readonly class DayDoor
{
    /**
     * @param string $url of the screen; what it asks and tells is below it
     * @param string $back to where one came from
     * @param string $may of "May I use this?"
     * @param string $pocket the same with all its answers
     * @param array{name: string, worker: string, scope: string, pages: list<string>} $keep
     */
    private function __construct(public Writer $writer, public string $url, public string $back, public string $may, public string $pocket, public array $keep) {}

    /** @param iterable<KeptPages> $rooms that have pages for the day */
    public static function ofUser(Event $event, User $user, iterable $rooms): self
    {
        $writer = Writer::user($user);
        $url = route('day.show', $event, false);
        $pages = array_merge(...array_map(static fn(KeptPages $room): array => $room->of($event, $user), array_values([...$rooms])));

        return new self(
            writer: $writer,
            url: $url,
            back: route('sky.show', $event, false),
            may: route('rules.may', $event, false),
            pocket: route('rules.pocket', $event, false),
            keep: ['name' => self::prefix($event) . $writer->id(), 'worker' => route('day.worker', $event, false), 'scope' => rtrim(dirname($url), '/') . '/', 'pages' => [$url, ...$pages]],
        );
    }

    public static function ofHelper(Event $event, Writer $writer, string $dutyKey): self
    {
        $url = route('duties.day.show', [$dutyKey, $event], false);
        $pocket = route('duties.day.pocket', [$dutyKey, $event], false);

        return new self(
            writer: $writer,
            url: $url,
            back: route('runsheet.duties', $dutyKey, false),
            may: $pocket,
            pocket: $pocket,
            keep: ['name' => self::prefix($event) . $writer->id(), 'worker' => route('duties.day.worker', [$dutyKey, $event], false), 'scope' => $url, 'pages' => [$url, $pocket]],
        );
    }

    /** The service worker: whose it is, and what it does. */
    public function worker(Event $event, string $script): string
    {
        $day = ['name' => $this->keep['name'], 'prefix' => self::prefix($event), 'book' => $this->may, 'pocket' => $this->pocket];

        return sprintf("self.day = %s;\nimportScripts(%s);\n", ...array_map(static fn(mixed $part): string => json_encode($part, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES), [$day, $script]));
    }

    /** Of all that is kept of an event's day on a device. */
    private static function prefix(Event $event): string
    {
        return "day-{$event->id}-";
    }
}
