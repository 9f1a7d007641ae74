<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Viewers;

use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\RulesException;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignFigures;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Design\Judgement;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Turn;
use KeenShadow\Core\Viewers\ViewerException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DesignTest extends TestCase
{
    private const HOLE = ['kind' => 'pinhole', 'distance_mm' => 900, 'hole_mm' => 1.2];
    private const PROJECTION = ['kind' => 'eyepiece', 'distance_mm' => 300, 'objective_focal_mm' => 700, 'aperture_mm' => 60, 'eyepiece_focal_mm' => 20, 'screen_mm' => 210];

    /** @return iterable<string, array{array<string, mixed>, Level, string}> */
    public static function designs(): iterable
    {
        // Common practice, no source: a hole wider than about L/109 shows its own shape.
        yield 'shoe box with a pencil hole' => [['distance_mm' => 300, 'hole_mm' => 7, 'surroundings' => 'box'] + self::HOLE, Level::No, 'image-wider-than-hole'];
        yield 'short box, good hole' => [['distance_mm' => 300, 'hole_mm' => 0.6, 'surroundings' => 'box'] + self::HOLE, Level::Yes, 'details-across'];
        yield 'short box, coarse hole' => [['distance_mm' => 300, 'hole_mm' => 1.5, 'surroundings' => 'box'] + self::HOLE, Level::Hold, 'details-across'];
        yield 'tiny box' => [['distance_mm' => 150, 'hole_mm' => 0.3, 'surroundings' => 'box'] + self::HOLE, Level::Hold, 'details-across'];
        yield 'long tube' => [['surroundings' => 'lined_tube'] + self::HOLE, Level::Yes, 'details-across'];
        yield 'across a yard into a dark room' => [['kind' => 'mirror', 'distance_mm' => 20000, 'hole_mm' => 8, 'surroundings' => 'box'] + self::HOLE, Level::Yes, 'details-across'];
        yield 'across a yard in the open' => [['kind' => 'mirror', 'distance_mm' => 20000, 'hole_mm' => 8] + self::HOLE, Level::No, 'image-in-stray-light'];
        yield 'a lens in focus' => [['kind' => 'lens', 'distance_mm' => 1000, 'hole_mm' => 10, 'focal_mm' => 1000], Level::Yes, 'details-across'];
        yield 'a lens far out of focus' => [['kind' => 'lens', 'distance_mm' => 600, 'hole_mm' => 10, 'focal_mm' => 1000], Level::Hold, 'screen-in-focus'];
        yield 'a small telescope' => [self::PROJECTION, Level::Yes, 'details-across'];
        yield 'its screen too narrow' => [['screen_mm' => 80] + self::PROJECTION, Level::Hold, 'image-on-the-screen'];
        // 6.516 mm × (143/20 − 1) = 40.1 mm, (75/40.1)² = 3.5 times sunlight; at 100 mm 8.3 times.
        yield 'its screen near' => [['distance_mm' => 143, 'aperture_mm' => 75] + self::PROJECTION, Level::Hold, 'image-not-dazzling'];
        yield 'its screen too near' => [['distance_mm' => 100, 'aperture_mm' => 75] + self::PROJECTION, Level::Hold, 'screen-not-scorched'];
        yield 'a long telescope' => [['objective_focal_mm' => 2000, 'screen_mm' => 300] + self::PROJECTION, Level::Hold, 'whole-sun-in-the-eyepiece'];
    }

    /** @param array<string, mixed> $record */
    #[DataProvider('designs')]
    public function testVerdicts(array $record, Level $level, string $rule): void
    {
        $verdict = Judgement::of(DesignRecord::read($record), Light::of());

        self::assertSame([$level, $rule], [$verdict->level, $verdict->rule()]);
    }

    /** Every build as it is usually made shows the Sun, or says what is wrong with it; and none is refused by the rule book. */
    public function testEveryBuildIsThere(): void
    {
        $levels = [];
        foreach (Build::cases() as $build) {
            $usual = ['build' => $build->value, 'text' => 'SOL'] + ($build->kind() === Kind::Eyepiece ? ['instrument' => 'refractor', 'eyepiece' => 'uncemented'] : []);
            $design = DesignRecord::read($usual, isWhole: false);
            $levels[$build->value] = Judgement::of($design, Light::of())->level;
            self::assertNotSame(Permission::No, Standard::book()->ask($design->situation(Light::of()))->permission, $build->value);
            self::assertEquals($design, DesignRecord::read(DesignRecord::of($design)), 'it reads back as it was written');
            self::assertGreaterThan(0, $build->atOnce());
        }
        // What is commonly told to children is a soft one: a hole of 1.5 mm in a tube of some 230 mm.
        self::assertSame(['snack_tube'], array_keys(array_filter($levels, static fn(Level $level): bool => $level !== Level::Yes)));
    }

    /** All of the way is folded: 500 mm of objective, 15 of eyepiece and 420 to the screen in four legs are 233.75 mm each. */
    public function testAFoldedProjectorIsAsLongAsALeg(): void
    {
        $path = DesignRecord::read(['build' => 'folded_projector'], isWhole: false)->path();
        self::assertSame([3, 935.0, 233.75], [$path->mirrors(), $path->distanceMm(), $path->boxMm()]);
    }

    /** @return iterable<string, array{array<string, mixed>, Permission, string}> what the rule book says, and by which rule */
    public static function heard(): iterable
    {
        $crewed = ['finder' => 'capped_both', 'mounted' => 'tripod', 'attended' => true, 'people_in_beam' => false];
        $refractor = ['instrument' => 'refractor', 'eyepiece' => 'uncemented'] + $crewed + self::PROJECTION;
        yield 'a hole' => [self::HOLE, Permission::Yes, 'pinhole-image'];
        yield 'a refractor, all told' => [$refractor, Permission::Yes, 'projection'];
        yield 'nothing told' => [self::PROJECTION, Permission::If, 'closed-mirror-projection'];
        yield 'a Cassegrain' => [['instrument' => 'closed_mirror'] + $refractor, Permission::No, 'closed-mirror-projection'];
        yield 'cement' => [['eyepiece' => 'cemented'] + $refractor, Permission::No, 'uncemented-eyepiece'];
        yield 'plastic' => [['eyepiece' => 'plastic'] + $refractor, Permission::No, 'uncemented-eyepiece'];
        yield 'no cap on the finder' => [['finder' => 'open'] + $refractor, Permission::No, 'finder-capped'];
        yield 'nobody at it' => [['attended' => false] + $refractor, Permission::No, 'never-alone'];
        yield 'nobody said who is at it' => [array_diff_key($refractor, ['attended' => 0]), Permission::If, 'never-alone'];
        yield 'the whole opening' => [['aperture_mm' => 100] + $refractor, Permission::No, 'stopped-down'];
        yield 'a flat mirror' => [['kind' => 'mirror', 'instrument' => 'flat_mirror'] + $crewed + self::HOLE, Permission::Yes, 'pinhole-image'];
        yield 'a curved mirror' => [['kind' => 'mirror', 'instrument' => 'curved_mirror'] + $crewed + self::HOLE, Permission::No, 'curved-mirrors'];
        yield 'a reading lens' => [['kind' => 'lens', 'distance_mm' => '1 m', 'hole_mm' => 10, 'focal_mm' => 1000] + $crewed, Permission::Yes, 'projection'];
        yield 'a whole reading lens' => [['kind' => 'lens', 'distance_mm' => '1 m', 'hole_mm' => 50, 'focal_mm' => 1000] + $crewed, Permission::No, 'reading-lens-stopped'];
        // 600 mm, 60 mm, 25 mm: the image is 5.585 mm × (P/25 − 1); at 40 mm 3.351 mm, (60/3.351)² = 320; at 26 mm 0.2234 mm, 72 000. By hand, thin lenses.
        $hot = ['objective_focal_mm' => 600, 'aperture_mm' => 60, 'eyepiece_focal_mm' => 25] + $refractor;
        yield 'a screen 40 mm behind the eyepiece' => [['distance_mm' => 40] + $hot, Permission::No, 'screen-not-scorched'];
        yield 'a screen 26 mm behind the eyepiece' => [['distance_mm' => 26] + $hot, Permission::No, 'screen-not-scorched'];
        yield 'a screen that is warm' => [['distance_mm' => 110] + $hot, Permission::If, 'screen-not-scorched'];
        yield 'a screen far enough' => [['distance_mm' => 160] + $hot, Permission::Yes, 'screen-not-scorched'];
        yield 'a burning glass' => [['kind' => 'lens', 'distance_mm' => 100, 'hole_mm' => 10, 'focal_mm' => 100] + $crewed, Permission::No, 'burning-glasses'];
    }

    /** @param array<string, mixed> $record */
    #[DataProvider('heard')]
    public function testTheRuleBookHearsWhatADesignIs(array $record, Permission $permission, string $rule): void
    {
        $answer = Standard::book()->ask(DesignRecord::read($record)->situation(Light::of()));

        self::assertSame($permission, $answer->permission);
        self::assertContains($rule, array_column($answer->rules, 'id'));
    }

    /** 60/√4 = 30 mm is 5.371 times the 5.585 mm at the focus: 25·(1 + 5.371) = 159.3 mm. By hand. */
    public function testHeatNamesTheDistanceThatWouldDo(): void
    {
        $design = static fn(float $distanceMm): Design => DesignRecord::read(['kind' => 'eyepiece', 'distance_mm' => $distanceMm, 'objective_focal_mm' => 600, 'aperture_mm' => 60, 'eyepiece_focal_mm' => 25, 'screen_mm' => 210]);
        foreach ([[40.0, Level::No, 320.6], [26.0, Level::No, 72133.0], [110.0, Level::Hold, 10.0]] as [$distanceMm, $level, $suns]) {
            $verdict = Judgement::of($design($distanceMm), Light::of());
            $heat = array_column($verdict->findings, null, 'rule')['screen-not-scorched'];
            self::assertSame([$level, 160.0], [$heat->level, $heat->values['mm']]);
            self::assertSame([$level, $level === Level::No ? 'Burns its screen' : 'Hot screen'], [$verdict->level, $verdict->word()]);
            self::assertEqualsWithDelta($suns, $heat->values['suns'], 0.002 * $suns);
            self::assertEqualsWithDelta($suns, DesignFigures::of($design($distanceMm), Light::of())['screen_suns'], 0.002 * $suns);
            // A Sun that is dim now is not dim tomorrow.
            self::assertSame($level, array_column(Judgement::of($design($distanceMm), Light::of(sunLx: 0.0))->findings, null, 'rule')['screen-not-scorched']->level);
        }
        self::assertArrayNotHasKey('screen-not-scorched', array_column(Judgement::of($design(160.0), Light::of())->findings, null, 'rule'));
    }

    /** @return iterable<string, array{array<string, mixed>, Turn}> */
    public static function turns(): iterable
    {
        $mirror = ['kind' => 'mirror'] + self::HOLE;
        // Common practice, no source: upside down with left staying left with the Sun at one's back, turned by 180° from behind.
        yield 'a card in front of one' => [self::HOLE, Turn::UpsideDown];
        yield 'a screen seen from behind' => [['screen_side' => 'behind'] + self::HOLE, Turn::HalfTurn];
        yield 'a lens' => [['kind' => 'lens', 'focal_mm' => 900] + self::HOLE, Turn::UpsideDown];
        // An eyepiece turns it once more: upright, and left for right (any text on optics).
        yield 'a refractor on a card' => [['instrument' => 'refractor'] + self::PROJECTION, Turn::LeftForRight];
        yield 'a refractor on ground glass' => [['instrument' => 'refractor', 'screen_side' => 'behind'] + self::PROJECTION, Turn::AsInTheSky];
        // A binocular shows things upright: its prisms turn once more.
        yield 'a binocular' => [['instrument' => 'binocular'] + self::PROJECTION, Turn::UpsideDown];
        yield 'a mirror' => [$mirror, Turn::HalfTurn];
        yield 'three mirrors in a box' => [['build' => 'folded_projector', 'instrument' => 'refractor'] + self::PROJECTION, Turn::AsInTheSky];
    }

    /** @param array<string, mixed> $record */
    #[DataProvider('turns')]
    public function testHowTheImageStands(array $record, Turn $turn): void
    {
        self::assertSame($turn, DesignRecord::read($record)->turn());
    }

    /**
     * Source: the inch of 25.4 mm (1959).
     *
     * @return iterable<string, array{mixed, float}>
     */
    public static function lengths(): iterable
    {
        yield 'a number' => [900, 900.0];
        yield 'as text' => ['900', 900.0];
        yield 'inches' => ['36 in', 914.4];
        yield 'metres with a comma' => ['0,9 m', 900.0];
        yield 'feet' => ['3 ft', 914.4];
        yield 'centimetres' => ['90cm', 900.0];
        yield 'millimetres' => [' 900 mm ', 900.0];
        yield 'a mark' => ['36"', 914.4];
    }

    #[DataProvider('lengths')]
    public function testLengthsAsPeopleWriteThem(mixed $written, float $mm): void
    {
        self::assertEqualsWithDelta($mm, DesignRecord::read(['distance_mm' => $written] + self::HOLE)->sizesMm['distance_mm'], 1e-9);
    }

    /** @return iterable<string, array{array<array-key, mixed>, string, string}> */
    public static function nonsense(): iterable
    {
        yield 'no hole' => [['hole_mm' => 0] + self::HOLE, 'out_of_range', 'hole_mm'];
        yield 'less than none' => [['hole_mm' => -1] + self::HOLE, 'out_of_range', 'hole_mm'];
        yield 'a hole as wide as the way' => [['hole_mm' => 900] + self::HOLE, 'wider_than_long', 'hole_mm'];
        yield 'no way' => [['distance_mm' => 0] + self::HOLE, 'out_of_range', 'distance_mm'];
        yield 'to the next town' => [['distance_mm' => '20000 m'] + self::HOLE, 'out_of_range', 'distance_mm'];
        yield 'feet and inches' => [['distance_mm' => '3 ft 2 in'] + self::HOLE, 'several_units', 'distance_mm'];
        yield 'another unit' => [['distance_mm' => '3 cubits'] + self::HOLE, 'not_a_length', 'distance_mm'];
        yield 'words' => [['distance_mm' => 'long'] + self::HOLE, 'not_a_length', 'distance_mm'];
        yield 'endless' => [['distance_mm' => '1e999 m'] + self::HOLE, 'out_of_range', 'distance_mm'];
        yield 'true' => [['distance_mm' => true] + self::HOLE, 'not_a_length', 'distance_mm'];
        yield 'a list' => [['hole_mm' => [1]] + self::HOLE, 'not_a_length', 'hole_mm'];
        yield 'nothing' => [[], 'missing', 'kind'];
        yield 'no lengths' => [['kind' => 'pinhole'], 'missing', 'distance_mm'];
        yield 'a lens without focus' => [['kind' => 'lens'] + self::HOLE, 'missing', 'focal_mm'];
        yield 'a spoon' => [['kind' => 'spoon'] + self::HOLE, 'not_one_of', 'kind'];
        yield 'a box that is a lens' => [['kind' => 'lens', 'build' => 'box'] + self::HOLE, 'not_one_of', 'build'];
        yield 'a slip' => [['holes_mm' => 3] + self::HOLE, 'unknown_key', 'holes_mm'];
        yield 'a list for an object' => [[1, 2], 'unknown_key', '0'];
        yield 'inside the focus' => [['distance_mm' => 15] + self::PROJECTION, 'inside_the_focus', 'distance_mm'];
        yield 'wider than long' => [['aperture_mm' => 800] + self::PROJECTION, 'wider_than_long', 'aperture_mm'];
        yield 'no word' => [['kind' => 'pattern'] + self::HOLE, 'no_text', 'text'];
        yield 'a long word' => [['kind' => 'pattern', 'text' => str_repeat('A', 25)] + self::HOLE, 'no_text', 'text'];
        yield 'letters without dots' => [['kind' => 'pattern', 'text' => '日食'] + self::HOLE, 'no_letter', 'text'];
    }

    /** @param array<array-key, mixed> $record */
    #[DataProvider('nonsense')]
    public function testNonsenseIsNamedWhereItIs(array $record, string $reason, string $field): void
    {
        try {
            DesignFigures::of(DesignRecord::read($record), Light::of());
            self::fail('accepted');
        } catch (ViewerException $e) {
            self::assertSame([$reason, $field], [$e->reason, $e->field]);
        }
    }

    public function testHandlingIsTheRuleBooksOwnWord(): void
    {
        $this->expectException(RulesException::class);
        DesignRecord::read(['finder' => 'painted over'] + self::PROJECTION);
    }
}
