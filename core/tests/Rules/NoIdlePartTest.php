<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Situation;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/**
 * No part of a situation is idle: wherever a part matters, every worse value of it takes the yes away, and so does not knowing it.
 * Common practice, no source; from it a look at two barrels, one of them bare, was a plain yes.
 */
final class NoIdlePartTest extends TestCase
{
    private const WELL = [
        'phase' => 'partial', 'at' => 'front', 'fixing' => 'screwed', 'flaw' => [], 'checked_against_sun' => true, 'verdict' => 'fit', 'lot' => 'in_order', 'stacked' => false, 'finder' => 'none',
        'unused_side' => 'capped', 'mounted' => 'tripod', 'attended' => true, 'person' => 'adult', 'watched' => true, 'keeps_on' => true, 'spectacles' => 'none', 'people_in_beam' => false,
        'eyepiece' => 'uncemented', 'aperture_mm' => 10.0, 'screen_suns' => 1.0, 'policy' => 'mixed',
    ];

    /**
     * @param list<mixed> $worse
     * @param array<string, list<mixed>> $where
     */
    #[DataProviderExternal(WhereItMatters::class, 'parts')]
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
        foreach (WhereItMatters::parts() as [$part]) {
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
