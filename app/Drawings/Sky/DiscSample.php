<?php

declare(strict_types=1);

namespace App\Drawings\Sky;

use App\Text\Clock;
use App\Text\Numbers;
use App\Text\SkyWords;
use JsonSerializable;
use KeenShadow\Core\Rules\FilterAdvice;
use KeenShadow\Core\Sky\LocalView;

/** The two discs at one moment, zenith up, in units of the Sun's radius, with what goes beside the picture. */
final readonly class DiscSample implements JsonSerializable
{
    private function __construct(
        public string $name,
        public string $time,
        public float $x,
        public float $y,
        public float $ratio,
        public float $altitudeDeg,
        public float $azimuthDeg,
        public string $compass,
        public float $magnitude,
        public float $obscuration,
        public bool $isUp,
        public int $second,
        public FilterAdvice $filters,
    ) {}

    /** @param string $name of a contact, or empty */
    public static function of(LocalView $view, string $name, string $time, FilterAdvice $filters = FilterAdvice::StayOn): self
    {
        // The zenith angle runs anticlockwise from the top; the picture's x runs to the right.
        $angle = deg2rad($view->moonFromZenithDeg());

        return new self(
            name: $name,
            time: $time,
            x: -$view->separation() * sin($angle),
            y: $view->separation() * cos($angle),
            ratio: $view->diameterRatio(),
            altitudeDeg: $view->altitudeDeg(),
            azimuthDeg: $view->azimuthDeg(),
            compass: SkyWords::compass($view->azimuthDeg()),
            magnitude: $view->magnitude(),
            obscuration: $view->obscuration(),
            isUp: $view->isSunUp(),
            second: (int) Clock::nearestSecond($view->time())->format('U'),
            filters: $filters,
        );
    }

    /** @return array<string, string|float|int|bool> short keys: a page carries some two hundred of these */
    public function jsonSerialize(): array
    {
        return [
            'n' => $this->name,
            't' => $this->time,
            'x' => round($this->x, 4),
            'y' => round($this->y, 4),
            'r' => round($this->ratio, 4),
            'alt' => Numbers::decimal($this->altitudeDeg, 1),
            'az' => Numbers::decimal(fmod(round($this->azimuthDeg, 1), 360.0), 1),
            'low' => $this->altitudeDeg < 0,
            'c' => $this->compass,
            'd' => Numbers::magnitude($this->magnitude),
            'p' => Numbers::percent($this->obscuration),
            'o' => round($this->obscuration, 6),
            'up' => $this->isUp,
            's' => $this->second,
            'f' => $this->filters === FilterAdvice::MayComeOff,
        ];
    }
}
