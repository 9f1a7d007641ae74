<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The command as it is typed: a problem in, one JSON object out; it needs no database. The solver itself is checked in core. */
final class SolveCommandTest extends TestCase
{
    private const PROBLEM = [
        'step_min' => 5, 'from' => '10:00', 'to' => '10:20', 'peak' => ['10:10', '10:15'],
        'stations' => [['id' => 'lawn', 'method' => 'glasses', 'capacity' => 30, 'minutes' => 20, 'crew' => 1]],
        'groups' => [['id' => '5a', 'people' => 25, 'methods' => ['glasses'], 'free' => [['10:00', '10:20']]]],
        'crew' => [['id' => 'ines', 'training' => [], 'free' => [['10:00', '10:20']]]],
    ];

    public function testAProblemIsSolved(): void
    {
        $process = self::process(['-'], json_encode(self::PROBLEM, JSON_THROW_ON_ERROR));

        self::assertSame([0, ''], [$process->getExitCode(), $process->getErrorOutput()]);
        self::assertSame([
            'groups' => [['group' => '5a', 'station' => 'lawn', 'start' => '10:00', 'end' => '10:20']],
            'crew' => [['crew' => 'ines', 'station' => 'lawn', 'start' => '10:00', 'end' => '10:20']],
            'unmet' => [],
            'peak' => ['5a'],
        ], json_decode($process->getOutput(), true));
    }

    public function testAGroupThatIsLeftOutIsSaidWithWhatStandsInTheWay(): void
    {
        $process = self::process(['-'], json_encode(['glasses' => ['fit' => 20], 'note' => 'ours'] + self::PROBLEM, JSON_THROW_ON_ERROR));
        /** @var array{unmet: list<array{group: string, turns: int, conflict: list<string>, why: string}>} $answer */
        $answer = json_decode($process->getOutput(), true);

        self::assertSame(0, $process->getExitCode());
        self::assertStringContainsString('"note" is no key of a problem', $process->getErrorOutput());
        self::assertSame(['5a', 0, ['5a', 'glasses']], [$answer['unmet'][0]['group'], $answer['unmet'][0]['turns'], $answer['unmet'][0]['conflict']]);
        self::assertSame('These cannot be had together, and with any one fewer they could: the turns of 5a; the pairs that are fit.', $answer['unmet'][0]['why']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'no JSON' => ['lawn', 'one JSON object'];
        yield 'a list' => ['[]', 'one JSON object'];
        yield 'nothing' => ['{}', 'step_min'];
        yield 'a negative number' => [json_encode(array_replace_recursive(self::PROBLEM, ['stations' => [['capacity' => -3]]]), JSON_THROW_ON_ERROR), 'stations[0].capacity'];
        yield 'a way to nowhere' => [json_encode(['walk_min' => ['lawn' => ['roof' => 5]]] + self::PROBLEM, JSON_THROW_ON_ERROR), 'walk_min.lawn.roof'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsRefused(string $problem, string $words): void
    {
        $process = self::process(['-'], $problem);

        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString($words, $process->getErrorOutput());
        self::assertSame(2, self::process(['/nowhere/problem.json'], '')->getExitCode());
    }

    /** @param list<string> $arguments */
    private static function process(array $arguments, string $input): Process
    {
        // A port that nothing listens at: whoever asks the database fails.
        $process = new Process([PHP_BINARY, base_path('artisan'), 'runsheet:solve', ...$arguments], env: ['DB_PORT' => '1'], input: $input);
        $process->run();

        return $process;
    }
}
