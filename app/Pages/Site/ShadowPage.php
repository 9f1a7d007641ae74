<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\Site\TubeDrawing;
use App\Text\Angles;
use App\Text\Numbers;
use App\Text\SiteWords;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Shadow\LongTube;
use KeenShadow\Core\Site\Shadow\ShadowOnGround;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Sky\SunPosition;

/** How a tube points and is propped over the event, how long shadows are and where they fall. */
final readonly class ShadowPage
{
    private const EVERY_MINUTES = 10;

    /**
     * @param list<string> $walls whose shade is listed
     * @param list<array{time: string, altitude: string, azimuth: string, upper: string, prop: string, foot: string, pole: string, towards: string, walls: list<string>}> $rows
     * @param list<array{name: string, kind: string, verdict: \KeenShadow\Core\Rules\Verdict, lines: list<string>}> $posts places that want shade
     */
    private function __construct(
        public string $headline,
        public array $walls,
        public array $rows,
        public array $posts,
        public TubeDrawing $drawing,
    ) {}

    public static function of(SunlitSite $site, float $poleM, LongTube $tube, float $propM): self
    {
        $moments = EventMoments::every(self::EVERY_MINUTES, $site);
        $walls = array_values(array_filter($site->plan->obstacles(), static fn(Thing $t): bool => $t->kind !== ThingKind::Tree));
        $posts = array_values(array_filter($site->plan->places(), static fn(Thing $t): bool => $t->kind->wantsShade() || $t->kind === ThingKind::Queue));

        return new self(
            self::headlineOf($moments, $tube),
            array_map(static fn(Thing $t): string => $t->name, $walls),
            array_map(static fn(string $clock, SunPosition $sun): array => self::row($clock, $sun, $poleM, $tube, $propM, $walls), array_keys($moments), array_values($moments)),
            array_map(static function (Thing $post) use ($site): array {
                $outlook = $site->outlookFrom($post);

                return ['name' => $post->name, 'kind' => SiteWords::of($post->kind), 'verdict' => $outlook->shadeVerdict(), 'lines' => array_map(static fn($h): string => ObstructionWords::line($h, $site), $outlook->obstructions)];
            }, $posts),
            TubeDrawing::of($moments, $tube, $propM),
        );
    }

    /** @param array<string, SunPosition> $moments */
    private static function headlineOf(array $moments, LongTube $tube): string
    {
        if ($moments === []) {
            return __('The Sun is down while the eclipse lasts.');
        }
        $altitudes = array_map(static fn(SunPosition $s): float => $s->altitudeDeg, $moments);
        $ends = array_map(static fn(SunPosition $s): float => $tube->heightM($s, $tube->lengthM), $moments);

        return __('The tube points :low to :high up; its upper end is :least to :most m above the ground.', [
            'low' => Angles::degrees(min($altitudes), 0), 'high' => Angles::degrees(max($altitudes), 0),
            'least' => Numbers::decimal(min($ends), 2), 'most' => Numbers::decimal(max($ends), 2),
        ]);
    }

    /**
     * @param list<Thing> $walls
     *
     * @return array{time: string, altitude: string, azimuth: string, upper: string, prop: string, foot: string, pole: string, towards: string, walls: list<string>}
     */
    private static function row(string $clock, SunPosition $sun, float $poleM, LongTube $tube, float $propM, array $walls): array
    {
        return [
            'time' => $clock,
            'altitude' => Angles::degrees($sun->altitudeDeg),
            'azimuth' => Angles::direction($sun->azimuthDeg),
            'upper' => self::metres($tube->heightM($sun, $tube->lengthM)),
            'prop' => self::metres($tube->heightM($sun, $propM)),
            'foot' => self::metres($tube->footM($sun, $propM)),
            'pole' => self::shadow($poleM, $sun),
            'towards' => Angles::direction($sun->shadowBearingDeg(), 0),
            'walls' => array_map(static fn(Thing $t): string => self::shadow($t->heightM, $sun), $walls),
        ];
    }

    private static function shadow(float $heightM, SunPosition $sun): string
    {
        $length = ShadowOnGround::lengthM($heightM, $sun);

        return $length >= 1000 ? __('over 1 km') : Numbers::decimal($length, $length < 100 ? 1 : 0) . ' m';
    }

    private static function metres(float $metres): string
    {
        return Numbers::decimal($metres, 2) . ' m';
    }
}
