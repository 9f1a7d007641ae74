<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Drawings\Photo\CompositeDrawing;
use App\Drawings\Site\Panorama;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\KitWords;
use App\Text\Numbers;
use App\Text\PhotoWords;
use App\Text\SiteWords;
use KeenShadow\Core\Photo\Composite;
use KeenShadow\Core\Photo\Frame;
use KeenShadow\Core\Photo\PartialSeries;
use KeenShadow\Core\Photo\Programme\SeenEclipse;
use KeenShadow\Core\Photo\Sensor;
use KeenShadow\Core\Photo\ShotList;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\AzimuthSpan;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Sky\Compass;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Time\Interval;

/** Many phases in one picture: with which lens, whither it is pointed, how often, and from where on the site. */
final readonly class CompositePage
{
    private const PIXEL_UM = 4.0;
    private const MINUTE_S = 60;
    private const BESIDE_DEG = 12.0;
    private const PLACES = 30;

    /**
     * @param list<string> $figures sentences
     * @param list<string> $against what does not work
     * @param array<string, string> $spots to choose from
     * @param list<string> $times of the pictures
     */
    private function __construct(
        public string $headline,
        public array $figures,
        public array $against,
        public array $spots,
        public string $spot,
        public ?Panorama $panorama,
        public ?CompositeDrawing $drawing,
        public array $times,
        public string $focal,
    ) {}

    /**
     * @param callable(string): list<Interval> $from when the eclipse is seen from a spot of the site
     * @param float|null $focalMm null for the longest that fits
     * @param callable(string): float $number of a field
     */
    public static function of(SunlitSite $site, SeenEclipse $seen, callable $from, string $spot, ?float $focalMm, callable $number, Clock $clock): self
    {
        $place = $site->place($spot === '' ? null : $spot);
        $spots = array_column(array_map(static fn(Thing $thing): array => [$thing->name, $thing->name], $site->plan->places()), 1, 0);
        $everyS = $number('every_min') * self::MINUTE_S;
        $pictures = array_map($seen->track->at(...), PartialSeries::moments($seen->middle->julianDateUt, $seen->seen, $everyS, ShotList::none()));
        $nothing = fn(string $headline): self => new self(headline: $headline, figures: [], against: [], spots: $spots, spot: $place->name, panorama: null, drawing: null, times: [], focal: '');
        if ($pictures === []) {
            return $nothing(__('From “:spot” the Sun is not seen while the eclipse lasts.', ['spot' => SiteWords::name($place)]));
        }
        $sensor = Sensor::of($number('sensor_w'), $number('sensor_h'), self::PIXEL_UM);
        $way = self::thinned($pictures);
        $longestMm = Composite::longestFittingMm($sensor, $way, $number('foreground_deg'), $seen->sunArcmin());
        $frame = Frame::of($focalMm ?? floor($longestMm ?? 1.0), $sensor, $seen->sunArcmin());
        $composite = Composite::of($frame, $way, $number('foreground_deg'));
        if ($composite === null || $longestMm === null) {
            return $nothing(__('No single picture holds so much of the sky: leave some of it out.'));
        }
        [$width, $height] = $frame->fieldDeg();
        $panorama = Panorama::of($place, $site->outlookFrom($place), $site, $width + self::BESIDE_DEG, $composite->tiltDeg + $height / 2);

        return new self(
            headline: __('Point it :azimuth (:compass), tilted :tilt; with :focal mm it takes :share % of the frame.', [
                'azimuth' => Angles::direction($composite->azimuthDeg, 0), 'compass' => Compass::nearest($composite->azimuthDeg)->name, 'tilt' => Angles::degrees($composite->tiltDeg, 0), 'focal' => KitWords::plain($frame->focalMm), 'share' => Numbers::decimal(100 * $composite->share),
            ]),
            figures: [...self::figures($pictures, $frame, $longestMm, $everyS, $number('gap'), $clock), self::standing($seen->middle, $spots, $from, $everyS)],
            against: self::against($composite, $pictures, $everyS, $number('gap')),
            spots: $spots,
            spot: $place->name,
            panorama: $panorama,
            drawing: CompositeDrawing::of($composite, $pictures, $site->skylineFrom($place, AzimuthSpan::from($panorama->on->leftDeg, $panorama->on->widthDeg))->walls(), $panorama->on),
            times: array_map(static fn(SunPosition $sun): string => $clock->second($sun->time()), $pictures),
            focal: $focalMm === null ? '' : (string) $focalMm,
        );
    }

    /**
     * Where to stand: how many of the pictures show the Sun from each spot.
     *
     * @param array<string, string> $spots
     * @param callable(string): list<Interval> $from
     */
    private static function standing(SunPosition $middle, array $spots, callable $from, float $everyS): string
    {
        $counts = array_map(static fn(string $name): int => count(PartialSeries::moments($middle->julianDateUt, $from($name), $everyS, ShotList::none())), $spots);
        arsort($counts);

        return $counts === [] ? '' : __('Where to stand: :counts.', ['counts' => implode(', ', array_map(static fn(string $name, int $count): string => trans_choice('{0} “:name” none|{1} “:name” 1 picture|[2,*] “:name” :count pictures', $count, ['name' => $name]), array_keys($counts), $counts))]);
    }

    /**
     * A Sun that goes smoothly is framed by some thirty of its places, the first and the last among them.
     *
     * @param non-empty-list<SunPosition> $pictures
     *
     * @return non-empty-list<SunPosition>
     */
    private static function thinned(array $pictures): array
    {
        $every = max(1, intdiv(count($pictures), self::PLACES));
        $last = count($pictures) - 1;

        return [...array_values(array_filter($pictures, static fn(int $i): bool => $i % $every === 0 && $i !== $last, ARRAY_FILTER_USE_KEY)), $pictures[$last]];
    }

    /**
     * @param non-empty-list<SunPosition> $pictures
     *
     * @return list<string>
     */
    private static function figures(array $pictures, Frame $frame, float $longestMm, float $everyS, float $gap, Clock $clock): array
    {
        [$width, $height] = $frame->fieldDeg();

        return [
            __('The longest lens with which it fits: :mm mm.', ['mm' => Numbers::decimal(floor($longestMm))]),
            __('Field :w × :h; the Sun is :mm mm wide on the sensor.', ['w' => Angles::degrees($width, 0), 'h' => Angles::degrees($height, 0), 'mm' => Numbers::about($frame->imageMm(), 2)]),
            trans_choice('{1} 1 picture, at :from.|[2,*] :count pictures, every :every from :from to :to.', count($pictures), ['every' => PhotoWords::every($everyS), 'from' => $clock->second($pictures[0]->time()), 'to' => $clock->second($pictures[count($pictures) - 1]->time())]),
            ($least = Composite::everyS($pictures, $gap)) === null ? '' : __('With :gap widths of the Sun between discs: at least :s s from one to the next.', ['gap' => Numbers::decimal($gap, 1), 's' => Numbers::decimal(ceil($least))]),
        ];
    }

    /**
     * @param non-empty-list<SunPosition> $pictures
     *
     * @return list<string>
     */
    private static function against(Composite $composite, array $pictures, float $everyS, float $gap): array
    {
        $least = Composite::everyS($pictures, $gap);

        return array_values(array_filter([
            $composite->share > 1.0 ? __('It does not fit: take a shorter lens, or a higher foreground.') : '',
            $least !== null && $everyS < $least ? __('The discs stand closer than that: take a picture less often.') : '',
        ], static fn(string $words): bool => $words !== ''));
    }
}
