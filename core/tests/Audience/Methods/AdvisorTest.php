<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Audience\Methods;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Methods\Advice;
use KeenShadow\Core\Audience\Methods\Advisor;
use KeenShadow\Core\Audience\Methods\Kit;
use KeenShadow\Core\Audience\Methods\Means;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Methods\Reason;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\RuleBook;
use PHPUnit\Framework\TestCase;

/** What the advisor proposes in the cases that organisers know (common practice, no source). */
final class AdvisorTest extends TestCase
{
    private const INDIRECT = [Method::Box, Method::Card, Method::Mirror, Method::Projection, Method::PhaseStrip];

    public function testTheYoungestGetIndirectMethods(): void
    {
        $advice = $this->advise(self::group(24, AgeBand::YoungChild), self::means(kit: [Kit::FilteredTelescope], glassesFit: 400));
        foreach ($advice as $one) {
            self::assertSame(!in_array($one->method, self::INDIRECT, true), $one->isRefused(), $one->method->value);
        }
        self::assertSame(Method::Box, $advice[0]->method);
        self::assertSame('youngest-indirectly', $advice[count($advice) - 1]->answer?->rules[0]->id);
    }

    public function testTwoDaysAndNoGlassesABoxIsBuilt(): void
    {
        $advice = $this->advise(self::group(20, AgeBand::Adult), self::means(daysLeft: 2));
        self::assertContains($advice[0]->method, [Method::Box, Method::Card]);
        self::assertSame([Reason::BuiltInAnHour], array_values(array_filter($advice[0]->reasons, static fn(Reason $r): bool => $r === Reason::BuiltInAnHour)));
        self::assertTrue(self::find($advice, Method::Glasses)->has(Reason::NotInTime));
        $left = Advisor::without($advice, Method::Glasses);
        self::assertSame([Method::Box, Method::Card], array_slice(array_map(static fn(Advice $a): Method => $a->method, $left), 0, 2));
    }

    public function testACrowdOnAsphaltGetsAProjectionOntoASheet(): void
    {
        $advice = $this->advise(self::group(300, AgeBand::AllAges), self::means(helpers: 20, kit: [Kit::Refractor], isGroundPale: false));
        self::assertSame(Method::Projection, $advice[0]->method);
        self::assertTrue($advice[0]->has(Reason::NeedsASheet));
        self::assertTrue($advice[0]->has(Reason::ServesMany));
        self::assertFalse($this->advise(self::group(300, AgeBand::AllAges), self::means(helpers: 20, kit: [Kit::Refractor, Kit::WhiteSheet], isGroundPale: false))[0]->has(Reason::NeedsASheet));
    }

    public function testABlindVisitorIsNotLeftOut(): void
    {
        $alone = $this->advise(new Group(people: 1, band: AgeBand::Adult, spectacles: 0, seated: 0, lowVision: 1, peeks: false), self::means());
        self::assertSame(Method::PhaseStrip, $alone[0]->method);
        $among = $this->advise(new Group(people: 30, band: AgeBand::Adult, spectacles: 0, seated: 0, lowVision: 2, peeks: false), self::means());
        self::assertTrue(self::find($among, Method::PhaseStrip)->has(Reason::ForThoseWhoDoNotSee));
        self::assertFalse(self::find($this->advise(self::group(30, AgeBand::Adult), self::means()), Method::PhaseStrip)->has(Reason::ForThoseWhoDoNotSee));
    }

    public function testGlassesThatAreFitComeFirstForAdults(): void
    {
        $advice = $this->advise(self::group(30, AgeBand::Adult), self::means(glassesFit: 30, daysLeft: 1));
        self::assertFalse(self::find($advice, Method::Glasses)->has(Reason::NotInTime));
        self::assertTrue(self::find($advice, Method::Glasses)->has(Reason::AtHand));
        self::assertNull(self::find($advice, Method::Glasses)->getDaysAhead);
        $short = self::find($this->advise(self::group(300, AgeBand::Adult), self::means(glassesFit: 5)), Method::Glasses);
        self::assertTrue($short->has(Reason::TooFewPairs));
        self::assertSame(21, $short->getDaysAhead, 'more are ordered');
        self::assertNull(self::find($this->advise(self::group(300, AgeBand::Adult), self::means(glassesFit: 5, daysLeft: 3)), Method::Glasses)->getDaysAhead, 'no more come in time');
    }

    /** Whatever is asked: the book decides what may be, what it refuses comes last, and every policy is kept. */
    public function testTheBookDecidesForEveryGroup(): void
    {
        foreach (AgeBand::cases() as $band) {
            foreach ([null, ...Policy::cases()] as $policy) {
                foreach ([true, false] as $peeks) {
                    $advice = $this->advise(new Group(people: 60, band: $band, spectacles: 0, seated: 0, lowVision: 0, peeks: $peeks), self::means(kit: Kit::cases(), glassesFit: 100, policy: $policy));
                    self::assertCount(count(Method::cases()), $advice);
                    $refused = array_map(static fn(Advice $a): bool => $a->isRefused(), $advice);
                    $sorted = $refused;
                    sort($sorted);
                    self::assertSame($sorted, $refused);
                    self::assertContains($advice[0]->method, $policy === Policy::IndirectOnly || $peeks || $band === AgeBand::YoungChild ? self::INDIRECT : Method::cases());
                    foreach (array_slice($advice, 1) as $i => $next) {
                        self::assertTrue($refused[$i + 1] !== $refused[$i] || $next->score <= $advice[$i]->score);
                    }
                }
            }
        }
    }

    /** @return list<Advice> */
    private function advise(Group $group, Means $means): array
    {
        return (new Advisor(self::book()))->of($group, $means);
    }

    private static function book(): RuleBook
    {
        return Standard::book();
    }

    /** @param list<Advice> $advice */
    private static function find(array $advice, Method $method): Advice
    {
        return array_values(array_filter($advice, static fn(Advice $a): bool => $a->method === $method))[0];
    }

    private static function group(int $people, AgeBand $band): Group
    {
        return new Group(people: $people, band: $band, spectacles: 0, seated: 0, lowVision: 0, peeks: false);
    }

    /** @param list<Kit> $kit */
    private static function means(int $daysLeft = 60, int $helpers = 4, ?float $budget = null, array $kit = [], int $glassesFit = 0, ?bool $isGroundPale = null, ?bool $hasShadedWall = null, ?float $sunDeg = 40.0, ?Policy $policy = Policy::Mixed): Means
    {
        return new Means(daysLeft: $daysLeft, helpers: $helpers, budget: $budget, kit: $kit, glassesFit: $glassesFit, isGroundPale: $isGroundPale, hasShadedWall: $hasShadedWall, sunDeg: $sunDeg, policy: $policy);
    }
}
