<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Domain\Viewers\EventLight;
use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrame;
use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\Design\AtHand;
use KeenShadow\Core\Viewers\Design\Thing;

/** The workshop's first page: the designs that are kept, and what can be built from what is at hand. */
final readonly class StartPage
{
    /**
     * @param list<ViewerRow> $viewers
     * @param list<Start> $starts what can be built, those that most can look at first
     * @param array<string, string> $things to choose from
     * @param list<string> $chosen of them
     * @param array<string, array<string, mixed>> $examples what somebody may begin with, in words, and the form that says it
     */
    private function __construct(
        public array $viewers,
        public array $starts,
        public array $things,
        public array $chosen,
        public array $examples,
    ) {}

    public static function of(EventFrame $frame, AtHand $atHand): self
    {
        $light = EventLight::of($frame->here);

        return new self(
            array_values($frame->event->viewers()->orderBy('name')->get()->map(static fn(Viewer $viewer): ViewerRow => ViewerRow::of($viewer, $light, $frame))->all()),
            array_map(static fn($build): Start => Start::of($build, $atHand, $light), $atHand->builds()),
            ViewersWords::things(),
            array_map(static fn(Thing $thing): string => $thing->value, $atHand->things),
            [
                __('I have a tube 900 mm long') => ['things' => [Thing::LongTube->value], 'length' => '900 mm'],
                __('A colander and a pale yard') => ['things' => [Thing::Sieve->value]],
                __('Thirty pupils at once') => ['people' => 30],
                __('An hour and no glasses') => ['minutes' => 60],
            ],
        );
    }
}
