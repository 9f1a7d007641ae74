<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Situation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * No part of a situation is idle: wherever a part matters, every worse value of it takes the yes away, and so does not knowing it.
 * Common practice, no source; from it a look at two barrels, one of them bare, was a plain yes.
 */
final class NoIdlePartTest extends TestCase
{
    private const TELESCOPES = ['binocular', 'refractor', 'newtonian', 'closed_mirror', 'solar_telescope'];
    private const EYEPIECE_TOO = ['binocular', 'refractor', 'newtonian'];
    private const SENSORS = ['camera', 'screen_of_device'];
    private const WORN = ['eclipse_glasses', 'handheld_viewer', 'face_shield'];
    private const FLAWS = [['scratch'], ['hole'], ['crease'], ['film_lifting'], ['loose'], ['torn_frame'], ['dirt'], ['second_point'], ['see_through'], ['patched']];

    private const WELL = [
        'phase' => 'partial', 'at' => 'front', 'fixing' => 'screwed', 'flaw' => [], 'checked_against_sun' => true, 'verdict' => 'fit', 'lot' => 'in_order', 'stacked' => false, 'finder' => 'none',
        'unused_side' => 'capped', 'mounted' => 'tripod', 'attended' => true, 'person' => 'adult', 'watched' => true, 'keeps_on' => true, 'spectacles' => 'none', 'people_in_beam' => false,
        'eyepiece' => 'uncemented', 'aperture_mm' => 10.0, 'screen_suns' => 1.0, 'policy' => 'mixed',
    ];

    /** @return iterable<string, array{Part, list<mixed>, array<string, list<mixed>>}> the part, what is worse, and where it matters: parts with what they are one of */
    public static function parts(): iterable
    {
        foreach ([...self::filters(), ...self::instrumentsAndPeople()] as [$part, $worse, $where]) {
            yield "{$part->value} where " . json_encode($where, JSON_THROW_ON_ERROR) => [$part, $worse, $where];
        }
    }

    /** @return list<array{Part, list<mixed>, array<string, list<mixed>>}> */
    private static function filters(): array
    {
        $direct = ['look' => ['direct']];
        $before = $direct + ['filter' => [...self::WORN, 'welding']];
        $optics = ['look' => ['through_optics'], 'instrument' => self::TELESCOPES];
        $filtered = $optics + ['filter' => ['visual_front']];
        $sensor = ['look' => self::SENSORS, 'instrument' => self::TELESCOPES, 'filter' => ['visual_front', 'photo_front']];
        $reflex = ['look' => self::SENSORS, 'instrument' => ['camera'], 'finder' => ['through_lens']];
        $projected = ['look' => ['projected']];

        return [
            [Part::Look, ['through_pinhole', 'reflection'], []],
            [Part::Filter, ['none', 'cloud', 'sunglasses', 'smoked_glass', 'developed_film', 'xray_film', 'disc', 'balloon_or_wrapper', 'cellophane', 'liquid', 'photographic_nd', 'polariser', 'eyepiece_filter', 'photo_front'], ['filter' => [...self::WORN, 'welding', 'visual_front'], 'look' => ['direct', 'through_optics']]],
            [Part::Filter, ['none', 'cloud', 'sunglasses', 'disc', 'photographic_nd', 'eyepiece_filter', 'welding', 'eclipse_glasses'], $sensor],
            [Part::Filter, ['eyepiece_filter'], $projected],
            [Part::Phase, ['none', 'partial', 'annular'], ['look' => ['direct', 'through_optics'], 'filter' => ['none', 'cloud']]],
            [Part::Guarded, [false], ['look' => ['direct', 'through_optics'], 'filter' => ['none', 'cloud']]],
            [Part::Phase, ['none', 'partial', 'annular'], ['look' => self::SENSORS, 'instrument' => self::TELESCOPES, 'filter' => ['none']]],
            [Part::Guarded, [false], ['look' => self::SENSORS, 'instrument' => self::TELESCOPES, 'filter' => ['none']]],
            [Part::Stacked, [true], $before],
            [Part::Stacked, [true], $filtered],
            [Part::At, ['front', 'behind_optics', 'thread'], $before],
            [Part::At, ['eye', 'behind_optics', 'thread'], $filtered],
            [Part::At, ['eye', 'behind_optics', 'thread'], $sensor],
            [Part::At, ['eye', 'behind_optics'], $reflex],
            [Part::Shade, [0.0, 10.0, 12.0, 13.0], ['filter' => ['welding']]],
            [Part::WeldingKind, ['auto_darkening'], ['filter' => ['welding']]],
            [Part::Verdict, ['hold', 'withdraw'], $before],
            [Part::Verdict, ['hold', 'withdraw'], $filtered],
            [Part::Lot, ['in_doubt', 'refused'], $before],
            [Part::Lot, ['in_doubt', 'refused'], $filtered],
            [Part::Flaw, self::FLAWS, $before],
            [Part::Flaw, self::FLAWS, $filtered],
            [Part::Flaw, self::FLAWS, $sensor],
            [Part::Flaw, self::FLAWS, $reflex],
            [Part::CheckedAgainstSun, [false], $filtered],
            [Part::CheckedAgainstSun, [false], $sensor],
            [Part::CheckedAgainstSun, [false], $reflex],
            [Part::Fixing, ['pushed_on', 'loose'], $filtered],
            [Part::Fixing, ['pushed_on', 'loose'], $sensor],
            [Part::Fixing, ['pushed_on', 'loose'], $reflex],
        ];
    }

    /** @return list<array{Part, list<mixed>, array<string, list<mixed>>}> */
    private static function instrumentsAndPeople(): array
    {
        $direct = ['look' => ['direct']];
        $worn = $direct + ['filter' => self::WORN];
        $before = $direct + ['filter' => [...self::WORN, 'welding']];
        $optics = ['look' => ['through_optics'], 'instrument' => self::TELESCOPES];
        $projected = ['look' => ['projected']];
        $eyepiece = $projected + ['instrument' => self::EYEPIECE_TOO];
        $gathering = $projected + ['instrument' => [...self::EYEPIECE_TOO, 'reading_lens']];
        $mirror = ['look' => ['pinhole_screen', 'projected'], 'instrument' => ['flat_mirror']];

        return [
            [Part::Instrument, ['binocular', 'refractor', 'newtonian', 'closed_mirror', 'camera', 'phone', 'magnifier', 'reading_lens', 'curved_mirror', 'flat_mirror'], $direct],
            [Part::Instrument, ['none', 'camera', 'phone', 'magnifier', 'reading_lens', 'curved_mirror', 'flat_mirror'], $optics],
            [Part::Instrument, ['closed_mirror', 'solar_telescope', 'magnifier', 'curved_mirror', 'camera', 'phone'], $projected],
            [Part::Instrument, ['magnifier', 'reading_lens', 'curved_mirror', 'refractor', 'binocular', 'newtonian', 'closed_mirror'], ['look' => ['pinhole_screen']]],
            [Part::Eyepiece, ['cemented', 'plastic'], $eyepiece],
            [Part::Aperture, [76.0, 200.0], $eyepiece],
            [Part::Aperture, [11.0, 50.0], ['look' => ['projected'], 'instrument' => ['reading_lens']]],
            [Part::ScreenSuns, [4.1, 24.9, 25.0, 320.0, 72000.0], $gathering],
            [Part::Finder, ['open', 'capped_front', 'through_lens'], $optics],
            [Part::Finder, ['open', 'capped_front'], $eyepiece],
            [Part::Finder, ['open', 'capped_front'], ['look' => self::SENSORS, 'instrument' => [...self::TELESCOPES, 'camera']]],
            [Part::Finder, ['through_lens'], ['look' => self::SENSORS, 'filter' => ['photo_front'], 'instrument' => [...self::TELESCOPES, 'camera']]],
            [Part::UnusedSide, ['open'], ['look' => ['through_optics', 'projected', ...self::SENSORS], 'instrument' => ['binocular'], 'phase' => ['partial']]],
            [Part::Mounted, ['hand'], $gathering],
            [Part::Mounted, ['hand'], $optics + ['person' => ['teen', 'child']]],
            [Part::Attended, [false], $optics],
            [Part::Attended, [false], $projected],
            [Part::Attended, [false], $mirror],
            [Part::Attended, [false], ['look' => self::SENSORS, 'instrument' => self::TELESCOPES]],
            [Part::Person, ['young_child'], $before],
            [Part::Person, ['young_child'], $optics],
            [Part::Watched, [false], $before + ['person' => ['child']]],
            [Part::Watched, [false], $optics + ['person' => ['child']]],
            [Part::Watched, [false], ['look' => ['projected'], 'instrument' => ['binocular'], 'person' => ['child', 'young_child']]],
            [Part::KeepsOn, [false], $before],
            [Part::Spectacles, ['over'], $worn],
            [Part::PeopleInBeam, [true], $projected],
            [Part::PeopleInBeam, [true], $mirror],
            [Part::ChildrenInTotality, [false], $direct + ['phase' => ['total'], 'person' => ['child', 'young_child'], 'filter' => ['none', 'cloud']]],
            [Part::Policy, ['indirect_only'], ['look' => ['direct', 'through_optics']]],
        ];
    }

    /**
     * @param list<mixed> $worse
     * @param array<string, list<mixed>> $where
     */
    #[DataProvider('parts')]
    public function testWorseAndUnknownTakeTheYesAway(Part $part, array $worse, array $where): void
    {
        $book = Standard::book();
        $seen = 0;
        foreach (self::good() as $name => $good) {
            $isThere = array_filter($where, static fn(array $oneOf, string $key): bool => !in_array($good[$key] ?? null, $oneOf, true), ARRAY_FILTER_USE_BOTH) === [];
            if (!$isThere) {
                continue;
            }
            $situation = Situation::of($good);
            self::assertSame(Permission::Yes, $book->ask($situation)->permission, $name);
            foreach ($worse as $value) {
                self::assertNotSame(Permission::Yes, $book->hear($situation->with($part, $value))->permission, "{$name}: {$part->value} " . json_encode($value, JSON_THROW_ON_ERROR));
            }
            self::assertNotSame(Permission::Yes, $book->hear($situation->without($part))->permission, "{$name}: {$part->value} unknown");
            ++$seen;
        }
        self::assertGreaterThan(0, $seen);
    }

    /** Each part of the book stands in the table above, and each look that can be a yes at each instrument is among what is looked at. */
    public function testTheTableHasAllPartsAndPlaces(): void
    {
        $named = [];
        foreach (self::parts() as [$part]) {
            $named[$part->value] = true;
        }
        // A low Sun is no excuse: whatever its altitude, nothing of it changes an answer.
        $told = array_filter(Part::cases(), static fn(Part $part): bool => $part->isTold() && $part !== Part::SunAltitude);
        self::assertSame([], array_values(array_diff(array_map(static fn(Part $part): string => $part->value, $told), array_keys($named))));

        $places = [];
        foreach (self::good() as $good) {
            $places[implode(' ', [$good['look'], $good['instrument']])] = true;
        }
        foreach (Part::Look->words() as $look) {
            foreach (Part::Instrument->words() as $instrument) {
                $known = [...self::WELL, 'look' => $look, 'instrument' => $instrument, ...($look === 'direct' ? ['at' => 'eye'] : [])];
                $may = array_filter(['none', 'eclipse_glasses', 'visual_front', 'photo_front'], static fn(string $filter): bool => Standard::book()->ask(Situation::of(['filter' => $filter] + $known))->permission === Permission::Yes);
                self::assertSame($may !== [], isset($places["{$look} {$instrument}"]), "{$look} {$instrument}");
            }
        }
    }

    /** What the audit found: a filter on one barrel, the other bare; for whoever looks, however. */
    public function testAnOpenBarrelIsNo(): void
    {
        $binocular = GoodPractice::situations()['a binocular with one barrel capped'];
        foreach ([[], ['person' => 'child', 'watched' => true], ['person' => 'adult', 'mounted' => 'hand'], ['look' => 'screen_of_device'], ['look' => 'camera']] as $change) {
            $ask = static fn(array $more): Answer => Standard::book()->ask(Situation::of($more + $change + $binocular));
            self::assertSame(Permission::No, $ask(['unused_side' => 'open'])->permission);
            self::assertSame('both-barrels', $ask(['unused_side' => 'open'])->rules[0]->id);
            $unknown = $ask(['unused_side' => null]);
            self::assertSame(Permission::If, $unknown->permission);
            self::assertSame([Standard::book()->rule('both-barrels')->condition], $unknown->conditions);
            foreach (['capped', 'filtered'] as $right) {
                self::assertSame(Permission::Yes, $ask(['unused_side' => $right])->permission);
            }
        }
    }

    /** @return array<string, array{look: string, instrument: string}&array<string, mixed>> ordinary good practice, and the same at the other instruments it is done with */
    private static function good(): array
    {
        $good = GoodPractice::situations();
        $at = static fn(string $name, string $instrument, array $more = []): array => [...$good[$name], 'instrument' => $instrument, ...$more];
        $optics = ['newtonian', 'closed_mirror', 'solar_telescope', 'binocular'];
        foreach ($optics as $instrument) {
            $side = $instrument === 'binocular' ? ['unused_side' => 'filtered'] : [];
            $good["an eye at {$instrument}"] = $at('a telescope with a front filter', $instrument, $side);
            $good["a child at {$instrument}"] = $at('a telescope with a front filter', $instrument, ['person' => 'child', 'watched' => true] + $side);
            $good["an eye at {$instrument} in totality"] = $at('totality through a telescope', $instrument, $side);
            $good["a camera at {$instrument}"] = $at('a telescope with a camera', $instrument, $side);
            $good["a phone at {$instrument}"] = $at('a phone at a telescope with a front filter', $instrument, $side);
        }
        $good['a Newtonian on a screen'] = $at('a refractor on a screen', 'newtonian');
        foreach (['none', 'phone', 'magnifier', 'reading_lens', 'curved_mirror', 'flat_mirror'] as $instrument) {
            $good["a sensor at {$instrument}"] = $at('a camera with a front filter', $instrument);
            $good["a display at {$instrument}"] = $at('a phone without a filter', $instrument);
        }
        $good['a display of a camera'] = [...$good['a camera with a front filter'], 'look' => 'screen_of_device'];

        return $good;
    }
}
