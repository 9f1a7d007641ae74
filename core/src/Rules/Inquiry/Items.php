<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Inquiry;

/** All that helpers ask about, what is most asked first. */
final class Items
{
    /** Before the eyes; what is a filter, or taken for one, is asked about for the bright Sun. */
    private const EYE = ['look' => 'direct', 'at' => 'eye', 'instrument' => 'none', 'phase' => 'partial'];

    /** @return list<Item> */
    public static function all(): array
    {
        return [...self::forEyes(), ...self::images(), ...self::instruments(), ...self::noFilters()];
    }

    public static function named(string $id): ?Item
    {
        foreach (self::all() as $item) {
            if ($item->id === $id) {
                return $item;
            }
        }

        return null;
    }

    /** @return list<Item> for the naked eye */
    public static function forEyes(): array
    {
        return [
            Item::of('eclipse-glasses', 'Eclipse glasses', 'solar shades viewing spectacles paper card plastic iso mylar film', ['filter' => 'eclipse_glasses'] + self::EYE),
            Item::of('hand-held-viewer', 'Hand-held solar viewer', 'card eclipse viewer window without temples', ['filter' => 'handheld_viewer', 'spectacles' => 'none'] + self::EYE),
            Item::of('face-shield', 'Glasses set in a paper plate', 'face shield mask children small', ['filter' => 'face_shield'] + self::EYE),
            Item::of('welding-plate', 'Welding glass, a plate', 'welder shade 14 12 13 filter', ['filter' => 'welding', 'welding_kind' => 'fixed_plate'] + self::EYE),
            Item::of('welding-helmet', 'Welding helmet', 'welder mask auto darkening automatic visor workshop', ['filter' => 'welding'] + self::EYE),
            Item::of('bare-eyes', 'Nothing: bare eyes', 'naked without unprotected a quick look glance', ['filter' => 'none', 'look' => 'direct', 'instrument' => 'none']),
        ];
    }

    /** @return list<Item> that throw an image */
    public static function images(): array
    {
        return [
            Item::of('box', 'Box or tube with a hole', 'pinhole viewer shoebox cereal camera obscura', ['instrument' => 'none']),
            Item::of('holes', 'Card with a hole, colander, leaves, hands', 'pinhole sieve straw hat cracker spoon tree shadow fingers', ['instrument' => 'none']),
            Item::of('flat-mirror', 'Flat mirror', 'pocket mirror reflect wall', ['instrument' => 'flat_mirror', 'filter' => 'none']),
            Item::of('curved-mirror', 'Make-up or shaving mirror', 'curved concave magnifying', ['look' => 'projected', 'instrument' => 'curved_mirror', 'filter' => 'none']),
            Item::of('reflection', 'Reflection in water or a window', 'puddle bucket pond glass', ['look' => 'reflection']),
        ];
    }

    /** @return list<Item> with lenses and mirrors */
    public static function instruments(): array
    {
        return [
            Item::of('phone', 'Phone or tablet', 'smartphone selfie photo video cell mobile', ['look' => 'screen_of_device', 'instrument' => 'phone', 'finder' => 'none']),
            Item::of('camera', 'Camera', 'dslr reflex compact photo video lens camcorder', ['instrument' => 'camera']),
            Item::of('binocular', 'Binoculars', 'binocular field opera glasses with', ['instrument' => 'binocular']),
            Item::of('refractor', 'Telescope with a lens', 'refractor small spotting scope', ['instrument' => 'refractor']),
            Item::of('newtonian', 'Mirror telescope with an open tube', 'newtonian reflector dobsonian', ['instrument' => 'newtonian']),
            Item::of('closed-mirror', 'Mirror telescope with a closed tube', 'cassegrain schmidt maksutov catadioptric', ['instrument' => 'closed_mirror']),
            Item::of('solar-telescope', 'Solar telescope', 'hydrogen alpha sun', ['instrument' => 'solar_telescope', 'filter' => 'visual_front', 'at' => 'front', 'look' => 'through_optics', 'finder' => 'none', 'phase' => 'partial']),
            Item::of('eyepiece-filter', 'Filter that screws into an eyepiece', 'sun filter ocular old telescope box', ['look' => 'through_optics', 'filter' => 'eyepiece_filter', 'phase' => 'partial']),
            Item::of('reading-lens', 'Weak reading lens, one dioptre', 'spectacles reading glasses plus cup single', ['look' => 'projected', 'instrument' => 'reading_lens', 'filter' => 'none']),
            Item::of('magnifier', 'Magnifying glass', 'burning reading loupe lens', ['look' => 'projected', 'instrument' => 'magnifier', 'filter' => 'none']),
        ];
    }

    /** @return list<Item> that people take for a filter */
    public static function noFilters(): array
    {
        return [
            Item::of('sunglasses', 'Sunglasses', 'shades dark polarised ski glacier several', ['filter' => 'sunglasses'] + self::EYE),
            Item::of('film', 'Film, negatives, slides', 'old slide photographic exposed developed black white colour photo', ['filter' => 'developed_film'] + self::EYE),
            Item::of('x-ray', 'X-ray picture', 'xray film radiograph hospital', ['filter' => 'xray_film'] + self::EYE),
            Item::of('disc', 'Disc', 'cd dvd compact floppy', ['filter' => 'disc'] + self::EYE),
            Item::of('foil', 'Foil balloon, rescue blanket, wrapper', 'mylar crisps chips bag space emergency aluminium', ['filter' => 'balloon_or_wrapper'] + self::EYE),
            Item::of('smoked-glass', 'Smoked glass', 'soot candle', ['filter' => 'smoked_glass'] + self::EYE),
            Item::of('cellophane', 'Cellophane, coloured plastic', 'sweet candy wrapper bottle', ['filter' => 'cellophane'] + self::EYE),
            Item::of('liquid', 'Coffee, tea, ink in a glass', 'liquid water drink', ['filter' => 'liquid'] + self::EYE),
            Item::of('grey-filter', 'Grey filter of a camera', 'nd neutral density photographic', ['filter' => 'photographic_nd'] + self::EYE),
            Item::of('polariser', 'Polarising filters', 'polarizer polariser crossed', ['filter' => 'polariser'] + self::EYE),
            Item::of('telescope-filter', 'A telescope\'s filter before the eye', 'solar film sheet foil front', ['filter' => 'visual_front'] + self::EYE),
            Item::of('cloud', 'Thin cloud or haze', 'overcast fog mist sunset', ['filter' => 'cloud', 'look' => 'direct', 'instrument' => 'none', 'phase' => 'partial']),
        ];
    }

    /**
     * Whatever has all words of a search, or the begin of them.
     *
     * @return list<Item> the ones that are called so first
     */
    public static function found(string $search): array
    {
        $words = array_filter(explode(' ', self::plain($search)), static fn(string $word): bool => $word !== '');
        $called = $known = [];
        foreach (self::all() as $item) {
            if (self::hasAll($item->name, $words)) {
                $called[] = $item;
            } elseif (self::hasAll("{$item->name} {$item->others}", $words)) {
                $known[] = $item;
            }
        }

        return [...$called, ...$known];
    }

    /** @param array<int, string> $words */
    private static function hasAll(string $text, array $words): bool
    {
        foreach ($words as $word) {
            // Nobody should miss a thing by its plural.
            if (!str_contains(' ' . self::plain($text), ' ' . (strlen($word) > 3 ? rtrim($word, 's') : $word))) {
                return false;
            }
        }

        return true;
    }

    /** Small letters and figures, one space between words. */
    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($text)));
    }
}
