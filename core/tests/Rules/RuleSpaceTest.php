<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use KeenShadow\Core\Rules\Book\Projection;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\RuleBook;
use KeenShadow\Core\Rules\Situation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The whole space of situations, walked by pairs: from each good practice, and from what is refused, any two parts are made
 * whatever they may be, the unknown among it; and some thousand more drawn near them.
 */
final class RuleSpaceTest extends TestCase
{
    private const MAY_LOOK_DIRECTLY = ['direct', 'through_optics'];
    private const DRAWN = 5000;
    /** One of each kind; the others differ from these in a part or two. */
    private const STARTS = ['a class with glasses, each child watched', 'shade 14', 'totality', 'a telescope with a front filter', 'totality through a telescope', 'a refractor on a screen', 'a class in called totality', 'a binocular with one barrel capped', 'one side of a binocular on a screen', 'a flat mirror on a wall', 'a telescope with a camera', 'a phone without a filter', 'a mirror behind a card with a hole'];
    /** Where good practice does not say it. */
    private const WELL = ['watched' => true, 'at' => 'front', 'spectacles' => 'none', 'eyepiece' => 'uncemented', 'aperture_mm' => 10.0, 'screen_suns' => 1.0, 'unused_side' => 'capped', 'fixing' => 'taped', 'flaw' => [], 'checked_against_sun' => true, 'children_in_totality' => true, 'attended' => true, 'keeps_on' => true, 'people_in_beam' => false];

    /** @var list<array{Part, bool|float|string|list<string>|null}> each part with all that it may be, and unknown */
    private static array $values = [];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function starts(): iterable
    {
        foreach (self::STARTS as $name) {
            yield $name => [GoodPractice::situations()[$name]];
        }
    }

    /** @param array<string, mixed> $start */
    #[DataProvider('starts')]
    public function testEveryPairOfParts(array $start): void
    {
        $book = Standard::book();
        $one = Situation::of($start);
        $seen = 0;
        foreach (self::values() as $i => [$part, $value]) {
            $changed = self::made($one, $part, $value);
            foreach (array_slice(self::values(), $i + 1) as [$other, $otherValue]) {
                if ($other !== $part) {
                    $this->checkOne($book, self::made($changed, $other, $otherValue), [$part, $other]);
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(5000, $seen);
    }

    public function testDrawnAtRandom(): void
    {
        $book = Standard::book();
        mt_srand(7);
        $count = ['yes' => 0, 'if' => 0, 'no' => 0];
        for ($n = 0; $n < self::DRAWN; ++$n) {
            $good = array_values(GoodPractice::situations());
            // Near good practice, for a situation drawn from nothing is nearly always a no.
            $situation = Situation::of($good[mt_rand(0, count($good) - 1)]);
            $parts = [];
            for ($changes = mt_rand(0, 6); $changes > 0; --$changes) {
                [$parts[], $value] = self::values()[mt_rand(0, count(self::values()) - 1)];
                $situation = self::made($situation, $parts[count($parts) - 1], $value);
            }
            ++$count[$this->checkOne($book, $situation, $parts)->value];
        }
        self::assertGreaterThan(self::DRAWN / 50, min($count), json_encode($count, JSON_THROW_ON_ERROR));
    }

    /**
     * What must hold of every situation there is.
     *
     * @param list<Part> $parts that were made otherwise
     */
    private function checkOne(RuleBook $book, Situation $situation, array $parts): Permission
    {
        $hearing = $book->hear($situation);
        $permission = $hearing->permission;
        // Mends are dear: they are checked where they are listed.
        $answer = $hearing->answer([]);
        $told = json_encode($situation->told(), JSON_THROW_ON_ERROR);
        self::assertTrue($answer->rules !== [] || $answer->question !== null, $told);
        self::assertSame($permission === Permission::If, $answer->conditions !== [], $told);
        self::assertNotSame(Part::At->question(), $answer->question, "a question about nothing: {$told}");
        foreach ($permission === Permission::No ? $parts : [] as $part) {
            self::assertNotSame(Permission::Yes, $book->hear($situation->without($part))->permission, "a yes until {$part->value} is told: {$told}");
        }
        if ($permission === Permission::Yes) {
            self::assertTrue(self::isSafe($situation), $told);
        }
        // Between warm and scorching it hangs on how it is handled, whatever is told.
        $suns = $situation->get(Part::ScreenSuns);
        if ($permission === Permission::If && !($suns > Projection::WARM_SUNS && $suns < Projection::SCORCHING_SUNS)) {
            self::assertTrue(self::canBecomeAYes($book, $situation), "an “if” that no answer makes a yes: {$told}");
        }

        return $permission;
    }

    /** What may be a yes at all, said once more without the book: no eye at the Sun but with a right filter, or in guarded totality. */
    private static function isSafe(Situation $s): bool
    {
        $is = static fn(string $part, mixed ...$values): bool => in_array($s->get(Part::from($part)), $values, true);
        $isFree = $is('phase', 'total') && $is('guarded', true);
        $isBare = $isFree && $is('look', 'direct') && $is('filter', 'none', 'cloud');
        $mayPerson = $is('person', 'adult', 'teen') || ($isBare ? $is('children_in_totality', true) : $is('person', 'child') && $is('watched', true));
        if ($is('look', ...self::MAY_LOOK_DIRECTLY) && (!$mayPerson || !$is('policy', 'glasses', 'mixed'))) {
            return false;
        }
        $isSound = $is('fixing', 'screwed', 'taped') && $is('checked_against_sun', true) && $is('flaw', []);
        if ($is('look', 'through_optics', 'camera', 'screen_of_device') && $is('instrument', 'binocular', null) && !$is('filter', 'none', 'cloud') && !$is('unused_side', 'capped', 'filtered')) {
            return false;
        }
        $isWhole = $is('verdict', 'fit') && $is('lot', 'in_order') && $is('flaw', []) && $is('stacked', false);

        return match ($s->get(Part::Look)) {
            'direct' => $is('instrument', 'none') && match (true) {
                $is('filter', 'eclipse_glasses', 'handheld_viewer', 'face_shield') => $isWhole && $is('at', 'eye') && $is('keeps_on', true) && !$is('spectacles', 'over', null),
                $is('filter', 'welding') => $isWhole && $is('at', 'eye') && $is('keeps_on', true) && $s->get(Part::Shade) >= 14.0 && $is('welding_kind', 'fixed_plate', 'helmet_fixed'),
                default => $isFree && $is('filter', 'none', 'cloud'),
            },
            'through_optics' => $is('attended', true) && $is('finder', 'capped_both', 'removed', 'none') && ($is('filter', 'visual_front')
                ? $isWhole && $is('at', 'front') && $is('fixing', 'screwed', 'taped') && $is('checked_against_sun', true)
                : $isFree && $is('filter', 'none', 'cloud')),
            'projected' => ($s->get(Part::ScreenSuns) ?? INF) <= ($is('instrument', 'flat_mirror') ? INF : 4.0) && ($is('instrument', 'flat_mirror') || $s->get(Part::ScreenSuns) !== null) && $is('people_in_beam', false) && $is('attended', true) && !$is('instrument', 'closed_mirror', 'curved_mirror', 'magnifier', null) && !$is('filter', 'eyepiece_filter', null),
            'pinhole_screen' => $is('instrument', 'none') || $is('instrument', 'flat_mirror') && $is('people_in_beam', false),
            'camera', 'screen_of_device' => !$is('filter', 'eyepiece_filter', null) && ($is('instrument', 'phone', 'none', 'magnifier', 'reading_lens', 'curved_mirror', 'flat_mirror') || $is('finder', 'capped_both', 'removed', 'none') || $is('finder', 'through_lens') && ($isFree || $isSound && $is('filter', 'visual_front') && $is('at', 'front', 'thread')))
                && ($isFree || $isSound || !$is('instrument', 'binocular', 'refractor', 'newtonian', 'closed_mirror', 'solar_telescope')),
            default => false,
        };
    }

    /** Whether what is not told may be so that nothing is open any more. */
    private static function canBecomeAYes(RuleBook $book, Situation $situation): bool
    {
        foreach (GoodPractice::situations() as $good) {
            $isAlike = in_array($situation->get(Part::Look), [null, $good['look']], true);
            if ($isAlike && $book->hear(Situation::of($situation->told() + ['person' => 'adult'] + $good + self::WELL))->permission === Permission::Yes) {
                return true;
            }
        }

        return false;
    }

    private static function made(Situation $situation, Part $part, mixed $value): Situation
    {
        return $value === null ? $situation->without($part) : $situation->with($part, $value);
    }

    /** @return list<array{Part, bool|float|string|list<string>|null}> */
    private static function values(): array
    {
        if (self::$values !== []) {
            return self::$values;
        }
        foreach (Part::cases() as $part) {
            foreach (match (true) {
                !$part->isTold() => [],
                $part->isList() => [null, [], ['hole'], ['dirt']],
                $part === Part::Shade => [null, 10.0, 12.0, 13.0, 14.0],
                $part === Part::Aperture => [null, 50.0, 75.0, 76.0],
                $part === Part::ScreenSuns => [null, 1.0, 10.0, 25.0, 320.0],
                $part === Part::SunAltitude => [null, -1.0, 3.0, 40.0],
                default => [null, ...($part->words() === [] ? [true, false] : $part->words())],
            } as $value) {
                self::$values[] = [$part, $value];
            }
        }

        return self::$values;
    }
}
