<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use KeenShadow\Core\RunSheet\Rota\Fault;
use KeenShadow\Core\RunSheet\Rota\FaultKind;
use KeenShadow\Core\RunSheet\Rota\Relief;
use KeenShadow\Core\RunSheet\Rota\RotaCheck;
use KeenShadow\Core\RunSheet\Rotation\Answer;
use KeenShadow\Core\RunSheet\Rotation\AnswerRecord;
use KeenShadow\Core\RunSheet\Rotation\Helper;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\ProblemRecord;
use KeenShadow\Core\RunSheet\Rotation\Solver;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * What is wrong with turns and posts made by hand, against the rules as RotationRules has them by itself; and helpers found
 * anew when one does not come.
 */
final class RotaCheckTest extends TestCase
{
    /** Solved, then changed by chance a few times: what the rules call broken has a fault, and nothing else has. */
    #[DataProvider('seeds')]
    public function testWhatIsBrokenIsSaidAndNothingElse(int $seed): void
    {
        $plain = PlantedProblem::of($seed, 8, 5)['problem'];
        $problem = ProblemRecord::read($plain);
        $answer = Solver::solve($problem);
        self::assertSame([], RotaCheck::of($problem, $answer->turns, $answer->posts));
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        for ($i = 0; $i < 12; ++$i) {
            [$turns, $posts] = [self::changed($answer->turns, $random, $problem), self::changedPosts($answer->posts, $random, $problem)];
            // The rules do not mind an untrained helper beside enough trained ones; we do.
            $said = array_filter(RotaCheck::of($problem, $turns, $posts), static fn(Fault $f): bool => !in_array($f->kind, [FaultKind::TooFewTurns, FaultKind::Untrained], true));
            $broken = RotationRules::broken($plain, self::record($problem, $turns, $posts));
            self::assertSame($broken === [], $said === [], json_encode([$broken, array_values($said)], JSON_THROW_ON_ERROR));
        }
    }

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 101; $seed <= 130; ++$seed) {
            yield [$seed];
        }
    }

    /**
     * Worked by hand: class and telescope of the fixture, ten to eleven, the telescope never alone, Ines until 10:30, Omar from 10:30.
     *
     * @param list<array{string, int, int}> $turns group, start, end
     * @param list<array{string, int, int}> $posts helper, start, end
     * @param list<array{FaultKind, int, int, int}> $faults
     */
    #[TestWith([[], [['ines', 600, 630], ['omar', 630, 660]], [[FaultKind::TooFewTurns, 600, 660, 1]]])]
    #[TestWith([[['5a', 620, 630]], [['ines', 600, 627], ['omar', 630, 660]], [[FaultKind::Unstaffed, 627, 630, 1]]])]
    #[TestWith([[['5a', 620, 630]], [['ines', 600, 630], ['omar', 635, 660]], [[FaultKind::Alone, 630, 635, 1]]])]
    #[TestWith([[['5a', 620, 630]], [['ines', 600, 632], ['omar', 630, 660]], [[FaultKind::HelperAway, 600, 632, 0]]])]
    #[TestWith([[['5a', 620, 635]], [['ines', 600, 630], ['omar', 630, 660]], [[FaultKind::WrongLength, 620, 635, 0]]])]
    #[TestWith([[['5a', 622, 632]], [['ines', 600, 630], ['omar', 630, 660]], [[FaultKind::OffTheStep, 622, 632, 0]]])]
    #[TestWith([[['5a', 620, 630]], [['ines', 600, 630], ['ines', 620, 630], ['omar', 630, 660]], [[FaultKind::HelperTwice, 620, 630, 0]]])]
    #[TestWith([[['5a', 620, 630]], [['ines', 600, 630], ['ruth', 630, 660]], [[FaultKind::Alone, 630, 660, 1], [FaultKind::Untrained, 630, 660, 0]]])]
    #[TestWith([[['5b', 600, 610], ['5a', 620, 630]], [['ines', 600, 630], ['omar', 630, 660]], [[FaultKind::Gone, 600, 610, 0]]])]
    public function testByTheMinute(array $turns, array $posts, array $faults): void
    {
        $problem = self::telescope();
        $said = RotaCheck::of($problem, array_map(static fn(array $t): Turn => new Turn($t[0], 'telescope', $t[1], $t[2]), $turns), array_map(static fn(array $p): Post => new Post($p[0], 'telescope', $p[1], $p[2]), $posts));

        self::assertSame($faults, array_map(static fn(Fault $f): array => [$f->kind, $f->fromMin, $f->toMin, $f->count], $said));
    }

    /** The solver stays with a telescope that nobody looks through. */
    public function testAnInstrumentIsNeverAlone(): void
    {
        $answer = Solver::solve(self::telescope());

        self::assertSame([], RotaCheck::of(self::telescope(), $answer->turns, $answer->posts));
        self::assertSame(60, array_sum(array_map(static fn(Post $p): int => $p->endMin - $p->startMin, $answer->posts)));
    }

    /** Where nobody can be found for it there is still a rotation, and the gap is said. */
    public function testAnInstrumentThatMustBeAloneIsSaid(): void
    {
        $whole = self::telescope();
        $problem = self::with($whole, array_values(array_filter($whole->crew, static fn(Helper $h): bool => $h->id !== 'omar')));
        $answer = Solver::solve($problem);

        self::assertSame([], $answer->unmet);
        self::assertEquals([new Fault(FaultKind::Alone, 630, 660, station: 'telescope', count: 1)], RotaCheck::of($problem, $answer->turns, $answer->posts));
    }

    /** Somebody does not come, and there is one who is free: nobody else moves, and no rule is broken. */
    #[DataProvider('seeds')]
    public function testOneWhoIsFreeTakesOver(int $seed): void
    {
        [$problem, $answer, $gone] = self::noShow($seed);
        $spare = new Helper('spare', array_values(array_unique(array_merge(...array_column($problem->stations, 'training')))), [$problem->within]);
        $left = self::with($problem, [...array_values(array_filter($problem->crew, static fn(Helper $h): bool => $h->id !== $gone)), $spare]);
        $posts = Relief::of($left, $answer->turns, $answer->posts, $problem->within->fromMin);

        self::assertSame([], RotaCheck::of($left, $answer->turns, $posts));
        foreach (array_filter($left->crew, static fn(Helper $h): bool => $h !== $spare) as $helper) {
            self::assertSame([], array_diff(self::minutes($answer->posts, $helper->id), self::minutes($posts, $helper->id)), "{$helper->id} stays where they were");
        }
    }

    /** Nobody is free from the start: no rule is broken but that posts are empty, and whoever moves does so because nobody trained was free. */
    #[DataProvider('seeds')]
    public function testOthersMoveOnlyWhereNobodyIsFree(int $seed): void
    {
        [$problem, $answer, $gone] = self::noShow($seed);
        $left = self::with($problem, array_values(array_filter($problem->crew, static fn(Helper $h): bool => $h->id !== $gone)));
        $now = $problem->within->fromMin + intdiv(intdiv($problem->within->toMin - $problem->within->fromMin, $problem->stepMin), 2) * $problem->stepMin;
        $posts = Relief::of($left, $answer->turns, $answer->posts, $now);

        self::assertSame([], array_filter(RotaCheck::of($left, $answer->turns, array_values(array_filter($posts, static fn(Post $p): bool => $p->helper !== $gone))), static fn(Fault $f): bool => $f->kind !== FaultKind::Unstaffed));
        foreach ($problem->crew as $helper) {
            $isOver = static fn(string $minute): bool => (int) $minute < $now;
            self::assertSame(array_filter(self::minutes($answer->posts, $helper->id), $isOver), array_filter(self::minutes($posts, $helper->id), $isOver), 'what is over stays');
        }
    }

    /** @return array{Problem, Answer, string} and the helper with the most to do */
    private static function noShow(int $seed): array
    {
        $plain = PlantedProblem::of($seed, 10, 5, 5)['problem'];
        unset($plain['walk_min']);
        $problem = ProblemRecord::read($plain);
        $problem = self::with($problem, array_map(static fn(Helper $h): Helper => new Helper($h->id, $h->training, $h->free), $problem->crew));
        $answer = Solver::solve($problem);
        $minutes = array_map(static fn(Helper $h): int => count(self::minutes($answer->posts, $h->id)), $problem->crew);
        arsort($minutes);

        return [$problem, $answer, $problem->crew[array_key_first($minutes) ?? 0]->id ?? ''];
    }

    /**
     * @param list<Post> $posts
     *
     * @return list<string> minute and station
     */
    private static function minutes(array $posts, string $helper): array
    {
        $minutes = [];
        foreach ($posts as $post) {
            for ($t = $post->startMin; $post->helper === $helper && $t < $post->endMin; ++$t) {
                $minutes[] = "{$t} {$post->station}";
            }
        }
        sort($minutes);

        return $minutes;
    }

    private static function telescope(): Problem
    {
        $problem = ProblemRecord::read([
            'step_min' => 5, 'from' => '10:00', 'to' => '11:00', 'peak' => ['10:20', '10:30'],
            'stations' => [['id' => 'telescope', 'method' => 'telescope', 'capacity' => 30, 'minutes' => 10, 'crew' => 1, 'training' => ['instrument']]],
            'groups' => [['id' => '5a', 'people' => 25, 'methods' => ['telescope'], 'free' => [['10:00', '11:00']]]],
            'crew' => [['id' => 'ines', 'training' => ['instrument'], 'free' => [['10:00', '10:30']]], ['id' => 'omar', 'training' => ['instrument'], 'free' => [['10:30', '11:00']]], ['id' => 'ruth', 'training' => [], 'free' => [['10:00', '11:00']]]],
        ]);
        [$s] = $problem->stations;

        return new Problem($problem->stepMin, $problem->within, $problem->peak, [new Station($s->id, $s->method, $s->capacity, $s->minutes, $s->crew, $s->training, isNeverAlone: true)], $problem->groups, $problem->crew);
    }

    /** @param list<Helper> $crew */
    private static function with(Problem $p, array $crew): Problem
    {
        return new Problem($p->stepMin, $p->within, $p->peak, $p->stations, $p->groups, $crew, $p->walkMin, $p->fit);
    }

    /**
     * @param list<Turn> $turns
     *
     * @return list<Turn> one of them elsewhere, later, longer, or gone
     */
    private static function changed(array $turns, Randomizer $random, Problem $problem): array
    {
        if ($turns === [] || $random->getInt(0, 2) === 0) {
            return $turns;
        }
        $i = $random->getInt(0, count($turns) - 1);
        $turn = $turns[$i];
        $by = $random->getInt(-3, 3) * $problem->stepMin;
        $station = $problem->stations[$random->getInt(0, count($problem->stations) - 1)];
        $turns[$i] = match ($random->getInt(0, 3)) {
            0 => new Turn($turn->group, $turn->station, $turn->startMin + $by, $turn->endMin + $by),
            1 => new Turn($turn->group, $station->id, $turn->startMin, $turn->startMin + $station->minutes),
            2 => new Turn($turn->group, $turn->station, $turn->startMin, $turn->endMin + $problem->stepMin),
            default => null,
        };

        return array_values(array_filter($turns, static fn(?Turn $t): bool => $t !== null));
    }

    /**
     * @param list<Post> $posts
     *
     * @return list<Post> one of them another helper's, elsewhere, shorter or longer
     */
    private static function changedPosts(array $posts, Randomizer $random, Problem $problem): array
    {
        if ($posts === [] || $random->getInt(0, 1) === 0) {
            return $posts;
        }
        $i = $random->getInt(0, count($posts) - 1);
        $post = $posts[$i];
        $posts[$i] = match ($random->getInt(0, 2)) {
            0 => new Post($problem->crew[$random->getInt(0, count($problem->crew) - 1)]->id, $post->station, $post->startMin, $post->endMin),
            1 => new Post($post->helper, $problem->stations[$random->getInt(0, count($problem->stations) - 1)]->id, $post->startMin, $post->endMin),
            default => new Post($post->helper, $post->station, $post->startMin, $post->endMin + $random->getInt(1, 12)),
        };

        return array_values($posts);
    }

    /**
     * @param list<Turn> $turns
     * @param list<Post> $posts
     *
     * @return array{groups: list<array{group: string, station: string, start: string, end: string}>, crew: list<array{crew: string, station: string, start: string, end: string}>, unmet: list<array{group: string, turns: int, conflict: list<string>, why: string}>, peak: list<string>} as a file would have it, counted honestly
     */
    private static function record(Problem $problem, array $turns, array $posts): array
    {
        $unmet = $peak = [];
        foreach ($problem->groups as $group) {
            $own = array_filter($turns, static fn(Turn $t): bool => $t->group === $group->id);
            if (count($own) !== $group->turns) {
                $unmet[] = ['group' => $group->id, 'turns' => count($own), 'conflict' => [], 'why' => ''];
            }
            if (array_filter($own, static fn(Turn $t): bool => $problem->peak->commonMin($t->startMin, $t->endMin) >= $problem->stepMin) !== []) {
                $peak[] = $group->id;
            }
        }

        return ['unmet' => $unmet, 'peak' => $peak] + AnswerRecord::write(new Answer($turns, $posts, [], []), static fn(): string => '');
    }
}
