<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeInterface;
use KeenShadow\Core\Photo\Kit\Camera;
use KeenShadow\Core\Photo\Kit\FilterMake;
use KeenShadow\Core\Photo\Kit\FilterSeat;
use KeenShadow\Core\Photo\Kit\Fixing;
use KeenShadow\Core\Photo\Kit\FrontFilter;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Kit\Mount;
use KeenShadow\Core\Photo\Kit\Optics;
use KeenShadow\Core\Photo\Kit\OpticsBuild;

/** What is said of photographic kit. */
final class KitWords
{
    /** What may be seen of a filter that is held against the Sun, in the rule book's words. */
    public const FLAWS = ['hole', 'scratch', 'crease', 'film_lifting', 'loose', 'dirt', 'patched'];

    public static function kind(KitKind $kind): string
    {
        return match ($kind) {
            KitKind::Camera => __('Camera'),
            KitKind::Optics => __('Lens or telescope'),
            KitKind::Filter => __('Filter'),
            KitKind::Mount => __('Mount'),
        };
    }

    /** In one line, what it is. */
    public static function about(Camera|Optics|FrontFilter|Mount $item): string
    {
        return match (true) {
            $item instanceof Camera => self::camera($item),
            $item instanceof Optics => __(':build, :focal mm f/:f', ['build' => self::build($item->build), 'focal' => self::plain($item->focalMm), 'f' => self::plain($item->fNumber)])
                . ($item->ownApertureMm === null ? '' : __(', opening :mm mm', ['mm' => self::plain($item->ownApertureMm)])),
            $item instanceof FrontFilter => __(':make, :seat, :fixing', ['make' => self::make($item->make), 'seat' => self::seat($item->seat), 'fixing' => self::fixing($item->fixing)])
                . ($item->openingMm === null ? '' : __(', opening :mm mm', ['mm' => self::plain($item->openingMm)])),
            default => self::tracks($item->tracks),
        };
    }

    public static function build(OpticsBuild $build): string
    {
        return match ($build) {
            OpticsBuild::Lens => __('Camera lens'),
            OpticsBuild::Refractor => __('Refractor'),
            OpticsBuild::Newtonian => __('Newtonian'),
            OpticsBuild::ClosedMirror => __('Closed mirror telescope'),
        };
    }

    public static function make(FilterMake $make): string
    {
        return match ($make) {
            FilterMake::Visual => __('made for looking, OD 5'),
            FilterMake::Photographic => __('made for photographs, OD 4: not for eyes'),
            FilterMake::Glasses => __('lens of eclipse glasses, for a phone'),
        };
    }

    public static function seat(FilterSeat $seat): string
    {
        return match ($seat) {
            FilterSeat::Front => __('over the whole front'),
            FilterSeat::Thread => __('in the thread of the lens'),
            FilterSeat::BehindOptics => __('behind the optics'),
        };
    }

    public static function fixing(Fixing $fixing): string
    {
        return match ($fixing) {
            Fixing::Screwed => __('screwed on'),
            Fixing::Taped => __('taped on, no gap'),
            Fixing::PushedOn => __('pushed on'),
            Fixing::Loose => __('loose'),
        };
    }

    public static function tracks(bool $tracks): string
    {
        return $tracks ? __('goes with the Sun') : __('stands still');
    }

    public static function flaw(string $flaw): string
    {
        return match ($flaw) {
            'hole' => __('a hole or a bright point'),
            'scratch' => __('a scratch'),
            'crease' => __('a crease'),
            'film_lifting' => __('film lifting'),
            'loose' => __('sits loosely'),
            'dirt' => __('dirt'),
            default => __('patched'),
        };
    }

    /** @param list<string> $flaws */
    public static function found(array $flaws): string
    {
        return $flaws === [] ? __('looked for holes, found none') : implode(', ', array_map(self::flaw(...), $flaws));
    }

    public static function when(DateTimeInterface $local): string
    {
        return Days::short($local) . ', ' . $local->format('H:i');
    }

    /** Of a filter: when it was held against the Sun, and what was seen. */
    public static function checked(DateTimeInterface $local, string $found): string
    {
        return __(':when: :found', ['when' => self::when($local), 'found' => $found]);
    }

    /** Without digits that say nothing. */
    public static function plain(float $number): string
    {
        return (string) round($number, 3);
    }

    private static function camera(Camera $camera): string
    {
        return __(':w × :h mm, pixel :px µm, ISO :least to :most', [
            'w' => self::plain($camera->sensor->widthMm), 'h' => self::plain($camera->sensor->heightMm), 'px' => self::plain($camera->sensor->pixelMm * 1000), 'least' => self::plain($camera->leastIso), 'most' => self::plain($camera->mostIso),
        ]) . ($camera->ownLens === null ? '' : __('; a phone, :focal mm f/:f', ['focal' => self::plain($camera->ownLens->focalMm), 'f' => self::plain($camera->ownLens->fNumber)]));
    }
}
