<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SiteWords;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\ContactVisibility;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Site\Skyline\UncertainObstruction;

/** One spot in the table of clear sky. */
final readonly class SpotRow
{
    /**
     * @param list<string> $hidden one line an obstruction: from, to, by what, how much is covered then
     * @param string $lost names of contacts that are not seen
     */
    private function __construct(
        public string $name,
        public string $kind,
        public string $eyes,
        public Verdict $verdict,
        public array $hidden,
        public string $lost,
        public string $clear,
        public string $ground,
    ) {}

    public static function of(Thing $place, SpotOutlook $outlook, SunlitSite $site): self
    {
        return new self(
            name: $place->name,
            kind: SiteWords::of($place->kind),
            eyes: Numbers::decimal($place->heightM, 2) . ' m',
            verdict: $place->kind->wantsShade() ? $outlook->shadeVerdict() : $outlook->verdict(),
            hidden: array_map(static fn(UncertainObstruction $h): string => ObstructionWords::line($h, $site), $outlook->obstructions),
            lost: self::lost($place, $outlook),
            clear: __(':clear of :whole', ['clear' => Durations::toTheMinute($outlook->clearSeconds), 'whole' => Durations::toTheMinute($outlook->wholeSeconds)]),
            ground: SiteWords::ground($site->plan->groundUnder($place->at())?->kind),
        );
    }

    private static function lost(Thing $place, SpotOutlook $outlook): string
    {
        $names = array_map(static fn(ContactVisibility $c): string => $c->name->value, $outlook->lost());

        return $place->kind->wantsShade() ? '–' : ($names === [] ? __('none') : implode(', ', $names));
    }
}
