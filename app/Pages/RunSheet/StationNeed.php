<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\EventRota;
use App\Text\RotaWords;
use KeenShadow\Core\RunSheet\Rota\StationWish;
use KeenShadow\Core\RunSheet\Rota\Training;
use KeenShadow\Core\RunSheet\Rotation\Station;

/** A station as it goes, and what is wished of it. */
final readonly class StationNeed
{
    /**
     * @param string $place where it stands; empty while nobody has said
     * @param string $training what its helpers must be trained for; empty where nothing
     * @param string $watched that each who looks has an adult of their own, and how many look at a time; empty where none needs one
     * @param array<string, string> $wish what was typed, by field; empty for what is usual
     */
    private function __construct(
        public string $method,
        public string $name,
        public string $place,
        public int $minutes,
        public int $capacity,
        public int $crew,
        public string $training,
        public bool $isNeverAlone,
        public string $watched,
        public array $wish,
    ) {}

    private static function watched(?int $atOnce): string
    {
        return $atOnce === null ? '' : trans_choice('{1} one adult for each child of 9 to 12 who looks: 1 looks at a time|[2,*] one adult for each child of 9 to 12 who looks: :count look at a time', $atOnce);
    }

    public static function of(Station $station, EventRota $rota): self
    {
        $wish = $rota->rota()->wishes->stations[$station->id] ?? new StationWish();
        $place = array_column(array_map(static fn($spot): array => [$spot->method, $spot->place], $rota->spots), 1, 0)[$station->id] ?? null;

        return new self(
            method: $station->id,
            name: $rota->names()[$station->id] ?? $station->id,
            place: $place ?? '',
            minutes: $station->minutes,
            capacity: $station->capacity,
            crew: $station->crew,
            training: implode(', ', array_map(static fn(string $t): string => RotaWords::training(Training::from($t)), $station->training)),
            isNeverAlone: $station->isNeverAlone,
            watched: self::watched($rota->watchedAtOnce($station)),
            wish: ['minutes' => (string) $wish->minutes, 'capacity' => (string) $wish->capacity, 'crew' => (string) $wish->crew],
        );
    }
}
