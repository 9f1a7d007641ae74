<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Domain\Viewers\DayLight;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use App\Models\Viewers\ViewerTrial;
use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\TryOut\Measured;

/** A viewer's tries on ordinary days. */
final readonly class TrialsPage
{
    /**
     * @param list<TrialRow> $trials the newest first
     * @param array<string, string> $sharpness to choose from
     */
    private function __construct(
        public Viewer $viewer,
        public array $trials,
        public array $sharpness,
        public string $usualMm,
        public string $today,
    ) {}

    public static function of(Viewer $viewer, Event $event, DayLight $light): self
    {
        return new self(
            $viewer,
            array_values(ViewerTrial::standing($viewer)->get()->map(static fn(ViewerTrial $trial): TrialRow => TrialRow::of($trial, $light->on($trial->tried_on, $event)))->all()),
            ['' => (string) __('not said')] + ViewersWords::sharpness(),
            (string) Measured::USUAL_MM,
            now($event->timezone)->format('Y-m-d'),
        );
    }
}
