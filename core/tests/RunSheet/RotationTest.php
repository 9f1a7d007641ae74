<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use KeenShadow\Core\RunSheet\Rotation\AnswerRecord;
use KeenShadow\Core\RunSheet\Rotation\ProblemRecord;
use KeenShadow\Core\RunSheet\Rotation\Solver;
use KeenShadow\Core\RunSheet\RunSheetException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The solver against rules and search of its tests' own: RotationRules, EveryRotation.
 *
 * @phpstan-import-type Problem from RotationRules
 * @phpstan-import-type Answer from RotationRules
 */
final class RotationTest extends TestCase
{
    private const SMALL = [
        'step_min' => 5, 'from' => '10:00', 'to' => '10:30', 'peak' => ['10:10', '10:20'],
        'stations' => [['id' => 'lawn', 'method' => 'glasses', 'capacity' => 30, 'minutes' => 10, 'crew' => 1], ['id' => 'wall', 'method' => 'projection', 'capacity' => 30, 'minutes' => 10, 'crew' => 0]],
        'groups' => [['id' => '5a', 'people' => 25, 'methods' => ['glasses'], 'free' => [['10:00', '10:30']]], ['id' => '5b', 'people' => 24, 'methods' => ['glasses', 'projection'], 'free' => [['10:00', '10:30']], 'turns' => 2]],
        'crew' => [['id' => 'ines', 'training' => [], 'free' => [['10:00', '10:30']]]],
    ];

    /** Whoever made the problem had an answer for it: so must the solver, with as many groups in the best minutes. */
    #[DataProvider('seeds')]
    public function testWhatCanBeSolvedIsSolved(int $seed): void
    {
        ['problem' => $problem, 'peak' => $peak] = PlantedProblem::of($seed);
        $answer = self::solve($problem);

        self::assertSame([], RotationRules::broken($problem, $answer));
        self::assertSame([], $answer['unmet']);
        self::assertGreaterThanOrEqual($peak, count($answer['peak']));
    }

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            yield [$seed];
        }
    }

    /** Too little of something: no rule is broken, and what is named cannot be had together, while any one fewer could. */
    #[DataProvider('seeds')]
    public function testWhatStandsInTheWayIsNamed(int $seed): void
    {
        $problem = PlantedProblem::of($seed, 4, 3, 10)['problem'];
        match ($seed % 4) {
            0 => $problem['crew'] = array_slice($problem['crew'], 1),
            1 => $problem['glasses'] = ['fit' => 12],
            2 => $problem['to'] = '09:40',
            default => $problem['stations'] = array_map(static fn(array $s): array => ['capacity' => intdiv($s['capacity'], 2)] + $s, $problem['stations']),
        };
        // The search through everything knows no ways and rests of helpers.
        $problem['walk_min'] = [];
        $problem['crew'] = array_map(static fn(array $h): array => ['id' => $h['id'], 'training' => $h['training'], 'free' => $h['free']], $problem['crew']);
        $answer = self::solve($problem);

        self::assertSame([], RotationRules::broken($problem, $answer));
        self::assertSame(EveryRotation::isPossible($problem, EveryRotation::ids($problem)), $answer['unmet'] === []);
        foreach ($answer['unmet'] as $unmet) {
            self::assertFalse(EveryRotation::isPossible($problem, $unmet['conflict']), json_encode($unmet, JSON_THROW_ON_ERROR));
            foreach ($unmet['conflict'] as $id) {
                self::assertTrue(EveryRotation::isPossible($problem, array_values(array_diff($unmet['conflict'], [$id]))), "without {$id}: " . json_encode($unmet, JSON_THROW_ON_ERROR));
            }
        }
    }

    public function testTheSameProblemHasTheSameAnswer(): void
    {
        $problem = PlantedProblem::of(7)['problem'];

        self::assertSame(self::solve($problem), self::solve($problem));
    }

    /** Worked by hand: glasses for one group at a time, and everybody gets a turn in the best minutes. */
    public function testASmallRotation(): void
    {
        $answer = self::solve(self::SMALL);

        self::assertSame([], RotationRules::broken(self::SMALL, $answer));
        self::assertSame([], $answer['unmet']);
        self::assertSame(['5a', '5b'], $answer['peak']);
        self::assertCount(3, $answer['groups']);
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string> $conflict
     */
    #[TestWith(['no helper at all', ['crew' => []], '5a', ['5a', 'lawn']])]
    #[TestWith(['too few pairs', ['glasses' => ['fit' => 24]], '5a', ['5a', 'glasses']])]
    #[TestWith(['too little time', ['to' => '10:05', 'peak' => ['10:00', '10:05']], '5a', ['5a', 'time']])]
    #[TestWith(['the helper comes late', ['crew' => [['id' => 'ines', 'training' => [], 'free' => [['10:25', '10:30']]]]], '5a', ['5a', 'lawn', 'ines']])]
    public function testWorkedConflicts(string $case, array $change, string $group, array $conflict): void
    {
        /** @var Problem $problem */
        $problem = array_replace(self::SMALL, $change);
        $unmet = array_column(self::solve($problem)['unmet'], null, 'group');

        self::assertSame($conflict, $unmet[$group]['conflict'] ?? null, $case);
    }

    /** Nobody serves longer than they may: an hour of one station needs a second helper after half of it. */
    public function testHelpersRest(): void
    {
        $problem = array_replace(self::SMALL, [
            'to' => '11:00',
            'groups' => array_map(static fn(int $i): array => ['id' => "g{$i}", 'people' => 20, 'methods' => ['glasses'], 'free' => [['10:00', '11:00']]], range(1, 6)),
            'crew' => array_map(static fn(string $id): array => ['id' => $id, 'training' => [], 'free' => [['10:00', '11:00']], 'longest_min' => 30, 'rest_min' => 10], ['ines', 'omar']),
        ]);
        $answer = self::solve($problem);

        self::assertSame([], RotationRules::broken($problem, $answer));
        self::assertSame([], $answer['unmet']);
        self::assertCount(2, $answer['crew'], 'one change-over is enough');
    }

    /** @param array<string, mixed> $change */
    #[TestWith(['step_min', ['step_min' => 7]])]
    #[TestWith(['from', ['from' => '9:00']])]
    #[TestWith(['from', ['from' => null]])]
    #[TestWith(['to', ['to' => '10:00']])]
    #[TestWith(['to', ['to' => '10:32']])]
    #[TestWith(['peak', ['peak' => ['10:20', '10:10']]])]
    #[TestWith(['peak', ['peak' => ['10:20']]])]
    #[TestWith(['stations', ['stations' => 'lawn']])]
    #[TestWith(['stations[0]', ['stations' => [7]]])]
    #[TestWith(['stations[0].capacity', ['stations' => [['id' => 'a', 'method' => 'glasses', 'capacity' => -1, 'minutes' => 5, 'crew' => 0]]]])]
    #[TestWith(['stations[0].minutes', ['stations' => [['id' => 'a', 'method' => 'glasses', 'capacity' => 1, 'minutes' => 12, 'crew' => 0]]]])]
    #[TestWith(['stations[0].crew', ['stations' => [['id' => 'a', 'method' => 'glasses', 'capacity' => 1, 'minutes' => 10]]]])]
    #[TestWith(['stations[0].id', ['stations' => [['id' => 'time', 'method' => 'glasses', 'capacity' => 1, 'minutes' => 10, 'crew' => 0]]]])]
    #[TestWith(['groups[0].id', ['groups' => [['id' => 'lawn', 'people' => 1, 'methods' => [], 'free' => []]]]])]
    #[TestWith(['groups[0].people', ['groups' => [['id' => 'a', 'people' => 2.5, 'methods' => [], 'free' => []]]]])]
    #[TestWith(['groups[0].methods[1]', ['groups' => [['id' => 'a', 'people' => 2, 'methods' => ['glasses', 4], 'free' => []]]]])]
    #[TestWith(['groups[0].free[1]', ['groups' => [['id' => 'a', 'people' => 2, 'methods' => [], 'free' => [['10:00', '10:10'], ['10:05', '10:15']]]]]])]
    #[TestWith(['groups[0].free[0]', ['groups' => [['id' => 'a', 'people' => 2, 'methods' => [], 'free' => [['10:10', '10:10']]]]]])]
    #[TestWith(['groups[0].free[0][1]', ['groups' => [['id' => 'a', 'people' => 2, 'methods' => [], 'free' => [['10:00', '10:11']]]]]])]
    #[TestWith(['crew[0].training', ['crew' => [['id' => 'a', 'free' => []]]]])]
    #[TestWith(['crew[0].longest_min', ['crew' => [['id' => 'a', 'training' => [], 'free' => [], 'longest_min' => -5]]]])]
    #[TestWith(['walk_min.lawn.roof', ['walk_min' => ['lawn' => ['roof' => 5]]]])]
    #[TestWith(['walk_min.roof', ['walk_min' => ['roof' => ['lawn' => 5]]]])]
    #[TestWith(['walk_min.wall.lawn', ['walk_min' => ['lawn' => ['wall' => 5], 'wall' => ['lawn' => 10]]]])]
    #[TestWith(['glasses.fit', ['glasses' => ['fit' => 'many']]])]
    public function testNonsenseIsRefusedAtItsPlace(string $path, array $change): void
    {
        try {
            ProblemRecord::read(array_replace(self::SMALL, $change));
            self::fail('taken');
        } catch (RunSheetException $e) {
            self::assertSame($path, $e->field);
        }
    }

    /**
     * @param Problem $problem
     *
     * @return Answer
     */
    private static function solve(array $problem): array
    {
        return AnswerRecord::write(Solver::solve(ProblemRecord::read($problem)), static fn(): string => '');
    }
}
