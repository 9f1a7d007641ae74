<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Eyewear;

use DateTimeImmutable;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Eyewear\Paperwork;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Rule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EyewearTest extends TestCase
{
    private const USE_ON = '2027-08-02';

    /**
     * Sources: the label's contents as ISO 12312-2:2015 asks for them (from memory); that print and shop prove nothing,
     * that old glasses are kept while unexpired and whole: common practice, no source.
     *
     * @return iterable<string, array{Paperwork, Level, string}>
     */
    public static function lots(): iterable
    {
        yield 'all in order' => [self::papers(), Level::Yes, 'fit together'];
        yield 'expires on the day itself' => [self::papers(expiresOn: '2027-08-02'), Level::Yes, 'fit together'];
        yield 'expired the day before' => [self::papers(expiresOn: '2027-08-01'), Level::No, 'expiry'];
        yield 'no maker' => [self::papers(makerName: Stated::No), Level::No, 'No maker'];
        yield 'maker unclear' => [self::papers(makerName: Stated::Unsure), Level::Hold, 'who made them'];
        yield 'no address' => [self::papers(makerAddress: Stated::No), Level::Hold, 'address'];
        yield 'logo alone' => [self::papers(standard: PrintedStandard::LogoOnly), Level::Hold, 'logo'];
        yield 'sunglasses standard' => [self::papers(standard: PrintedStandard::Another), Level::No, 'Another standard'];
        yield 'no standard' => [self::papers(standard: PrintedStandard::None), Level::No, 'No standard'];
        yield 'no instructions' => [self::papers(instructions: Stated::Unsure), Level::Hold, 'instructions'];
        yield 'no warnings' => [self::papers(warnings: Stated::No), Level::Hold, 'warnings'];
        yield 'big web shop' => [self::papers(origin: Origin::WebShop), Level::Hold, 'web shop'];
        yield 'found in a cupboard' => [self::papers(origin: Origin::Unknown), Level::Hold, 'Nobody knows'];
        yield 'report of another batch' => [self::papers(report: TestReport::ProductOnly), Level::Hold, 'not this batch'];
        yield 'report of another product' => [self::papers(report: TestReport::SomethingElse), Level::Hold, 'another product'];
        yield 'no report' => [self::papers(report: TestReport::None), Level::Hold, 'no laboratory report'];
    }

    #[DataProvider('lots')]
    public function testPaperwork(Paperwork $papers, Level $level, string $reason): void
    {
        $verdict = $papers->verdict(new DateTimeImmutable(self::USE_ON));

        self::assertSame($level, $verdict->level);
        self::assertStringContainsString($reason, $verdict->findings[0]->reason);
        self::assertNotSame('', $verdict->findings[0]->nextStep);
    }

    public function testTheWorstFindingDecidesAndComesFirst(): void
    {
        $verdict = self::papers(makerAddress: Stated::No, standard: PrintedStandard::None, report: TestReport::None)
            ->verdict(new DateTimeImmutable(self::USE_ON));

        self::assertSame(Level::No, $verdict->level);
        self::assertSame([Level::No, Level::Hold, Level::Hold], array_map(static fn($f): Level => $f->level, $verdict->findings));
        self::assertSame('Do not hand out', $verdict->word());
    }

    /** Common practice, no source: damage is never patched, dirt and fit can be put right. */
    public function testEveryFaultHasAVerdict(): void
    {
        $held = [PairFault::Dirt, PairFault::DoesNotStayOn];
        foreach (PairFault::cases() as $fault) {
            $verdict = PairCondition::verdict([$fault], Level::Yes, true);
            self::assertSame(in_array($fault, $held, true) ? Level::Hold : Level::No, $verdict->level, $fault->value);
            self::assertSame($verdict->level === Level::Hold, $fault->canBePutRight());
        }
        self::assertSame('Fit to use', PairCondition::verdict([], Level::Yes, true)->word());
        self::assertSame('Withdraw and destroy', PairCondition::verdict([PairFault::Dirt, PairFault::Hole], Level::Yes, true)->word());
    }

    /** A look for a later occasion counts for an earlier one, never the other way round; from the day on it is the day itself. */
    public function testOccasions(): void
    {
        $counts = array_map(static fn(Occasion $o): array => array_map($o->countsFor(...), Occasion::cases()), Occasion::cases());
        self::assertSame([[true, false, false], [true, true, false], [true, true, true]], $counts);
        $at = static fn(string $now): Occasion => Occasion::next(new DateTimeImmutable($now), new DateTimeImmutable('2027-08-02 10:46'));
        self::assertSame([Occasion::Arrival, Occasion::Day, Occasion::Day, Occasion::Day], [$at('2027-08-01 23:59'), $at('2027-08-02 00:00'), $at('2027-08-02 23:59'), $at('2027-08-03 00:00')]);
    }

    public function testAPairIsNeverBetterThanItsLot(): void
    {
        self::assertSame(Level::Hold, PairCondition::verdict([], Level::Hold, true)->level);
        self::assertSame(Level::No, PairCondition::verdict([], Level::No, true)->level);
        self::assertSame(Level::No, PairCondition::verdict([PairFault::Scratch], Level::Hold, true)->level);
    }

    /** The room's own verdict and the rule book agree on every pair: any faults, any lot, looked over for now or before. Fit is an "if" there, for it depends on who looks. */
    public function testTheRuleBookAgreesOnEveryPair(): void
    {
        $pairs = [[], ...array_map(static fn(PairFault $f): array => [$f], PairFault::cases()), [PairFault::Dirt, PairFault::DoesNotStayOn], PairFault::cases()];
        foreach ($pairs as $faults) {
            foreach ([[Level::Yes, true], [Level::Yes, false], [Level::Hold, true], [Level::Hold, false], [Level::No, true], [Level::No, false]] as [$lot, $isForNow]) {
                $verdict = PairCondition::verdict($faults, $lot, $isForNow);
                $answer = Standard::book()->ask(PairCondition::situation($faults, $lot, $isForNow));
                // One that was clean before is an "if" of the book, for it may be looked over; for the room it is on hold until then.
                $mayBe = $faults === [] && $lot === Level::Yes;
                self::assertSame($mayBe ? Permission::If : Permission::No, $answer->permission, $verdict->findings[0]->reason);
                self::assertSame($mayBe && $isForNow, $verdict->level === Level::Yes);
                self::assertSame($mayBe && !$isForNow, $mayBe && in_array('It is inspected today and found fit.', $answer->conditions, true));
                foreach ($verdict->findings as $finding) {
                    self::assertContains($finding->rule, array_map(static fn(Rule $r): string => $r->id, $answer->rules), $finding->reason);
                }
            }
        }
    }

    private static function papers(
        Stated $makerName = Stated::Yes,
        Stated $makerAddress = Stated::Yes,
        PrintedStandard $standard = PrintedStandard::Iso12312,
        Stated $instructions = Stated::Yes,
        Stated $warnings = Stated::Yes,
        ?string $expiresOn = null,
        Origin $origin = Origin::CheckedSupplier,
        TestReport $report = TestReport::ProductAndBatch,
    ): Paperwork {
        return new Paperwork(
            makerName: $makerName,
            makerAddress: $makerAddress,
            standard: $standard,
            instructions: $instructions,
            warnings: $warnings,
            expiresOn: $expiresOn === null ? null : new DateTimeImmutable($expiresOn),
            origin: $origin,
            report: $report,
        );
    }
}
