<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use KeenShadow\Core\RunSheet\Rota\Fault;
use KeenShadow\Core\RunSheet\Rota\FaultKind;
use KeenShadow\Core\RunSheet\Rota\RotaCheck;
use KeenShadow\Core\RunSheet\Rotation\AnswerRecord;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\ProblemRecord;
use KeenShadow\Core\RunSheet\Rotation\Solver;
use KeenShadow\Core\RunSheet\Rotation\Station;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Stations that are never alone, in problems made by chance: what RotationRules knows still holds, and nobody is missing where somebody is there. */
final class NeverAloneTest extends TestCase
{
    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 201; $seed <= 225; ++$seed) {
            yield [$seed];
        }
    }

    /** For each post there is one more who is there all day: every group has its turns, and no station is alone for a minute. */
    #[DataProvider('seeds')]
    public function testWithEnoughHelpersNothingIsAlone(int $seed): void
    {
        $plain = PlantedProblem::of($seed, 8, 5)['problem'];
        foreach ($plain['stations'] as $s => $station) {
            for ($i = 0; $i < $station['crew']; ++$i) {
                $plain['crew'][] = ['id' => "spare{$s}x{$i}", 'training' => $station['training'] ?? [], 'free' => [[$plain['from'], $plain['to']]]];
            }
        }
        $problem = self::watched(ProblemRecord::read($plain));
        $answer = Solver::solve($problem);

        self::assertSame([], $answer->unmet);
        self::assertSame([], RotaCheck::of($problem, $answer->turns, $answer->posts));
        self::assertSame([], RotationRules::broken($plain, AnswerRecord::write($answer, static fn(): string => '')));
    }

    /** There are too few for all of it: still no rule is broken, and what is alone or left out is said. */
    #[DataProvider('seeds')]
    public function testWithTooFewTheGapsAreSaidAndNoRuleIsBroken(int $seed): void
    {
        $plain = PlantedProblem::of($seed, 8, 5)['problem'];
        $plain['crew'] = array_slice($plain['crew'], 0, max(1, intdiv(count($plain['crew']), 2)));
        $problem = self::watched(ProblemRecord::read($plain));
        $answer = Solver::solve($problem);
        $said = RotaCheck::of($problem, $answer->turns, $answer->posts);

        self::assertSame([], RotationRules::broken($plain, AnswerRecord::write($answer, static fn(): string => '')));
        self::assertSame([], array_filter($said, static fn(Fault $f): bool => !in_array($f->kind, [FaultKind::Alone, FaultKind::TooFewTurns], true)));
        // By the minute: alone is said exactly where fewer trained helpers are there than the station wants.
        foreach ($problem->stations as $station) {
            for ($t = $problem->within->fromMin; $t < $problem->within->toMin; $t += $problem->stepMin) {
                $there = count(array_filter($answer->posts, static fn($p): bool => $p->station === $station->id && $p->startMin <= $t && $t < $p->endMin));
                $isSaid = array_filter($said, static fn(Fault $f): bool => $f->kind === FaultKind::Alone && $f->station === $station->id && $f->fromMin <= $t && $t < $f->toMin) !== [];
                self::assertSame($station->isNeverAlone && $there < $station->crew, $isSaid, "{$station->id} at {$t}");
            }
        }
    }

    private static function watched(Problem $p): Problem
    {
        $stations = array_map(static fn(Station $s): Station => new Station($s->id, $s->method, $s->capacity, $s->minutes, $s->crew, $s->training, null, $s->crew > 0), $p->stations);

        return new Problem($p->stepMin, $p->within, $p->peak, $stations, $p->groups, $p->crew, $p->walkMin, $p->fit);
    }
}
