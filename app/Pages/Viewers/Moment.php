<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\Clock;
use App\Text\Numbers;
use DateTimeImmutable;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalView;

/** A moment of the eclipse at which one looks at a viewer's screen. */
final readonly class Moment
{
    private function __construct(
        public string $name,
        public string $time,
        public string $obscuration,
        public bool $isTotal,
        /** Of the Unix clock, by which the picture is asked for. */
        public int $second,
    ) {}

    /**
     * Twenty minutes after C1, a quarter of an hour before the best moment, both at the whole minute that the slider has, and that moment; those with the Sun up.
     *
     * @return list<self>
     */
    public static function allOf(LocalEclipse $here): array
    {
        $best = $here->bestVisible();
        $moments = [
            [__('20 min after C1'), $here->at(self::minute($here->begins()->modify('+20 minutes')))],
            [__('15 min before'), $here->at(self::minute($best->time()->modify('-15 minutes')))],
            [$best === $here->circumstances->maximum ? __('Maximum') : __('At the horizon'), $best],
        ];
        $seen = array_filter($moments, static fn(array $moment): bool => $moment[1]->isSunUp() && $moment[1]->hours <= $best->hours);

        return array_values(array_map(static fn(array $moment): self => self::of($moment[0], $moment[1], Clock::over($here)), $seen));
    }

    private static function minute(DateTimeImmutable $moment): DateTimeImmutable
    {
        return $moment->setTime((int) $moment->format('G'), (int) $moment->format('i'));
    }

    private static function of(string $name, LocalView $view, Clock $clock): self
    {
        return new self(
            $name,
            $clock->minute($view->time()),
            Numbers::percent($view->obscuration()),
            $view->obscuration() >= 1.0,
            (int) Clock::nearestSecond($view->time())->format('U'),
        );
    }
}
