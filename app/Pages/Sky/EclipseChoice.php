<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Pages\Words;
use DateTimeZone;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SolarEclipse;

/** One line of the list from which the eclipse of a new event is chosen. */
final readonly class EclipseChoice
{
    private function __construct(
        public SolarEclipse $eclipse,
        private ?LocalCircumstances $here,
        private ?DateTimeZone $zone,
    ) {}

    public static function at(SolarEclipse $eclipse, ?Observer $observer, ?DateTimeZone $zone): self
    {
        return new self($eclipse, $observer === null ? null : $eclipse->circumstances($observer), $zone);
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
        $deepest = $this->here->deepest;
        if (!$deepest->isSunUp()) {
            return __('partly seen here: the Sun is down at the maximum');
        }
        $time = Words::rounded($deepest->time())->setTimezone($this->zone ?? new DateTimeZone('UTC'))->format('H:i T');
        $duration = $this->here->durationSeconds();

        return $duration === null
            ? __(':percent % of the area covered at :time', ['percent' => Words::percent($deepest->obscuration()), 'time' => $time])
            : __(':kind at :time, for :length', ['kind' => __($this->here->kind->value), 'time' => $time, 'length' => Words::duration($duration)]);
    }
}
