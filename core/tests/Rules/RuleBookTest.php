<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use FilesystemIterator;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Change;
use KeenShadow\Core\Rules\Condition;
use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Effect;
use KeenShadow\Core\Rules\FilterReason;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Situation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What the book says of ordinary good practice and of all that is never done. */
final class RuleBookTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function good(): iterable
    {
        foreach (GoodPractice::situations() as $name => $situation) {
            yield $name => [$situation];
        }
    }

    /** @param array<string, mixed> $situation */
    #[DataProvider('good')]
    public function testGoodPracticeIsAllowed(array $situation): void
    {
        $answer = Standard::book()->ask(Situation::of($situation));
        self::assertSame([], $answer->conditions);
        self::assertSame(Permission::Yes, $answer->permission, self::ids($answer));
        self::assertSame([], $answer->mend);
    }

    /**
     * @param array<string, mixed> $change
     * @param list<array{string, mixed}> $mend
     */
    #[DataProviderExternal(Refused::class, 'changes')]
    public function testWhatIsNeverDoneIsRefusedAndMended(string $good, array $change, string $rule, array $mend): void
    {
        $refused = Situation::of($change + GoodPractice::situations()[$good]);
        $answer = Standard::book()->ask($refused);
        self::assertSame(Permission::No, $answer->permission);
        self::assertContains($rule, array_map(static fn(Rule $r): string => $r->id, array_slice($answer->rules, 0, 2)), 'it is among the weightiest: ' . self::ids($answer));
        self::assertNotSame([], $answer->dangers);
        self::assertSame($mend, array_map(static fn(Change $c): array => [$c->part->value, $c->to], $answer->mend));
        foreach ($answer->mend as $step) {
            $refused = $refused->with($step->part, $step->to);
        }
        self::assertNotSame(Permission::No, Standard::book()->ask($refused)->permission);
    }

    /** @return array<string, array{array<string, mixed>, Permission, string|null}> what is told, the answer, the begin of the question or the condition */
    public static function unknown(): array
    {
        $glasses = GoodPractice::situations()['checked glasses'];
        $welding = GoodPractice::situations()['shade 14'];

        return [
            'nothing told' => [[], Permission::No, 'What does the eye look at'],
            'nobody says what is before the eye' => [['filter' => null] + $glasses, Permission::No, 'What is between the Sun and the eye'],
            'a look at the Sun, and no more told' => [['look' => 'direct'], Permission::No, 'What is between the Sun and the eye'],
            'a look in the guarded times of who knows what' => [['look' => 'direct', 'guarded' => true], Permission::No, 'What is between the Sun and the eye'],
            'a look into a telescope, and no more told' => [['look' => 'through_optics', 'instrument' => 'refractor'], Permission::No, 'What is between the Sun and the eye'],
            'bare eyes, and nobody knows whether it is total' => [['look' => 'direct', 'filter' => 'none'], Permission::No, 'Is it total here'],
            'bare eyes in totality, and nobody knows the guarded times' => [['look' => 'direct', 'filter' => 'none', 'phase' => 'total'], Permission::No, 'Is it total here'],
            'a plate without a stamp' => [['shade' => null] + $welding, Permission::No, 'Which shade number'],
            'a pair not inspected' => [['verdict' => null] + $glasses, Permission::If, 'It is inspected today'],
            'papers nobody has seen' => [['lot' => null] + $glasses, Permission::If, 'The papers of its lot'],
            'not looked over' => [['flaw' => null] + $glasses, Permission::If, 'It was looked over for scratches'],
            'a policy nobody has told' => [['policy' => null] + $glasses, Permission::If, 'The event\'s policy allows this direct look'],
            'a child, watched or not' => [['person' => 'child'] + $glasses, Permission::If, 'A child of 9 to 12 is watched'],
            'the youngest in called totality, and nobody has decided' => [['children_in_totality' => null] + GoodPractice::situations()['the youngest in called totality'], Permission::No, 'Does the organiser let children look'],
            'a class in called totality, and nobody has decided' => [['children_in_totality' => null] + GoodPractice::situations()['a class in called totality'], Permission::If, 'The organiser lets children look'],
            'anybody' => [['person' => null] + $glasses, Permission::If, 'Whoever looks is 9 or older'],
            'a bare telescope with a camera, and nobody knows whether it is total' => [['look' => 'camera', 'instrument' => 'refractor', 'filter' => 'none', 'attended' => true, 'finder' => 'removed'], Permission::No, 'Is it total here'],
            'a camera' => [['look' => 'camera', 'instrument' => 'camera', 'filter' => 'none'], Permission::If, 'Its optical finder is taken off'],
            'a box with who knows what in it' => [['look' => 'pinhole_screen'], Permission::If, 'If a mirror is part of it'],
        ];
    }

    /** @param array<string, mixed> $told */
    #[DataProvider('unknown')]
    public function testWhatIsUnknownIsAskedFor(array $told, Permission $permission, string $asked): void
    {
        $answer = Standard::book()->ask(Situation::of($told));
        self::assertSame($permission, $answer->permission);
        self::assertStringContainsString($asked, $answer->question ?? implode("\n", $answer->conditions));
        self::assertSame($permission === Permission::If, $answer->conditions !== []);
    }

    /** Phones and cameras at their owner's risk: a danger to equipment alone refuses nothing, and is named. */
    public function testADangerToEquipmentAloneIsNamed(): void
    {
        $good = GoodPractice::situations();
        self::assertSame([Danger::Equipment, Danger::Heat], Standard::book()->ask(Situation::of($good['a phone without a filter']))->dangers);
        self::assertSame([Danger::Equipment], Standard::book()->ask(Situation::of($good['a phone behind a taped lens of glasses']))->dangers);
        self::assertSame([Danger::Equipment], Standard::book()->ask(Situation::of(['filter' => 'sunglasses'] + $good['a phone without a filter']))->dangers);
        self::assertSame([], Standard::book()->ask(Situation::of($good['a camera in totality']))->dangers);
    }

    /** Without any one rule something of all this comes out otherwise: no rule is there for nothing, and none is untested. */
    public function testEveryRuleIsNeeded(): void
    {
        $situations = [...array_values(GoodPractice::situations()), ...array_map(static fn(array $row): array => $row[1] + GoodPractice::situations()[$row[0]], array_values(Refused::changes())), ['filter' => 'sunglasses'] + GoodPractice::situations()['a phone without a filter']];
        $book = Standard::book();
        $answers = array_map(static fn(array $s): string => self::told($book->ask(Situation::of($s))), $situations);
        foreach ($book->rules as $rule) {
            $less = $book->without($rule->id);
            $others = array_filter($situations, static fn(array $s, int $i): bool => self::told($less->ask(Situation::of($s))) !== $answers[$i], ARRAY_FILTER_USE_BOTH);
            self::assertNotSame([], $others, $rule->id);
        }
        self::assertCount(count($book->rules), array_unique(array_map(static fn(Rule $r): string => $r->id, $book->rules)));
    }

    /** What hangs on more than the look and the filter says in words how it must be for the rule not to apply. */
    public function testARuleSaysWhenItDoesNotApply(): void
    {
        $said = 0;
        foreach (Standard::book()->rules as $rule) {
            $mayBeDoubtful = $rule->effect === Effect::Forbids || $rule->effect === Effect::Asks;
            $hangsOn = array_filter($rule->where, static fn(Condition $c): bool => $c->unless === [] && !in_array($c->part, [Part::Look, Part::Filter], true));
            if ($mayBeDoubtful && $hangsOn !== []) {
                self::assertNotSame('', $rule->otherwise, $rule->id);
                ++$said;
            }
        }
        self::assertGreaterThan(12, $said);
    }

    /** Wherever a room's finding names a rule, there is one of that name. */
    public function testFindingsNameRulesThatThereAre(): void
    {
        $ids = array_map(static fn(Rule $r): string => $r->id, Standard::book()->rules);
        $named = 0;
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . '/src', FilesystemIterator::SKIP_DOTS)) as $file) {
            preg_match_all("/\\brule: '([^']+)'/", (string) file_get_contents($file->getPathname()), $found);
            self::assertSame([], array_diff($found[1], $ids), $file->getPathname());
            $named += count($found[1]);
        }
        self::assertGreaterThan(20, $named);
        foreach (FilterReason::cases() as $reason) {
            self::assertContains($reason->rule(), $ids);
        }
    }

    private static function told(Answer $answer): string
    {
        return $answer->permission->value . ' ' . self::ids($answer) . json_encode([$answer->conditions, $answer->mend]);
    }

    private static function ids(Answer $answer): string
    {
        return implode(' ', array_map(static fn(Rule $r): string => $r->id, $answer->rules));
    }
}
