<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SkyWords;
use DateTimeZone;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SolarEclipse;

/** One line of the list from which the eclipse of a new event is chosen. */
final readonly class EclipseChoice
{
    private function __construct(
        public SolarEclipse $eclipse,
        private ?LocalCircumstances $here,
        private ?DateTimeZone $zone,
        public bool $isChosen,
    ) {}

    public static function at(SolarEclipse $eclipse, ?Observer $observer, ?DateTimeZone $zone, string $chosenDate): self
    {
        return new self($eclipse, $observer === null ? null : $eclipse->circumstances($observer), $zone, $eclipse->date() === $chosenDate);
    }

    public function date(): string
    {
        return $this->eclipse->date();
    }

    public function isPlaceKnown(): bool
    {
        return $this->here !== null;
    }

    public function isSeen(): bool
    {
        return $this->here?->isSeen() ?? false;
    }

    /** What is seen at the place, in words. */
    public function seen(): string
    {
        if ($this->here === null) {
            return __('choose a place first');
        }
        if (!$this->here->isSeen()) {
            return $this->here->contacts() === [] ? __('not seen here') : __('not seen here: the Sun is down');
        }
        $maximum = $this->here->maximum;
        if (!$maximum->isSunUp()) {
            return $this->here->seenKind() === LocalKind::Partial
                ? __('partly seen here: the Sun is down at the maximum')
                : __(':kind, cut by the horizon', ['kind' => SkyWords::kind($this->here->kind)]);
        }
        $time = Clock::of($this->zone ?? new DateTimeZone('UTC'), $maximum->time())->minuteAndZone($maximum->time());
        $duration = $this->here->durationSeconds();
        $names = ['percent' => Numbers::percent($maximum->obscuration()), 'kind' => SkyWords::kind($this->here->kind), 'time' => $time, 'length' => Durations::toTheSecond($duration ?? 0.0)];

        return match (true) {
            $duration === null => __(':percent % of the area covered at :time', $names),
            $this->here->isNearEdgeOfPath() => __('perhaps :kind at :time, for :length: near the edge of the path', $names),
            $this->here->isCentralPhaseCut() => __(':kind at :time, for :length, cut by the horizon', $names),
            default => __(':kind at :time, for :length', $names),
        };
    }
}
