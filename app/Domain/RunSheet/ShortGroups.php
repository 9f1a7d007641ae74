<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Kept;
use KeenShadow\Core\RunSheet\Rota\Mend;
use KeenShadow\Core\RunSheet\Rota\Remedy;
use KeenShadow\Core\RunSheet\Rota\RemedyKind;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Solver;
use KeenShadow\Core\RunSheet\Rotation\Unmet;

/** The groups of a rotation that are short of turns. It takes seconds where many are: the answer is kept for the same problem. */
final readonly class ShortGroups
{
    /** Beyond these it is enough to mend the first ones and to ask again. */
    private const MOST = 6;
    private const MOST_MENDED = 2;

    public function __construct(private Kept $kept) {}

    /** @return list<ShortGroup> */
    public function of(EventRota $rota): array
    {
        $problem = $rota->wanted();
        /** @var list<array{group: string, turns: int, conflict: list<string>, proven: bool, remedies: list<array{string, string, int}>|null}> $rows */
        $rows = $problem === null ? [] : $this->kept->by('short-groups', [serialize($problem)], static fn(): array => self::rows($problem));

        return array_map(static fn(array $row): ShortGroup => new ShortGroup(
            new Unmet($row['group'], $row['turns'], $row['conflict'], $row['proven']),
            $row['remedies'] === null ? null : array_map(static fn(array $r): Remedy => new Remedy(RemedyKind::from($r[0]), $r[1], $r[2]), $row['remedies']),
        ), $rows);
    }

    /** @return list<array{group: string, turns: int, conflict: list<string>, proven: bool, remedies: list<array{string, string, int}>|null}> */
    private static function rows(Problem $problem): array
    {
        $answer = Solver::solve($problem);
        $unmet = array_slice($answer->unmet, 0, self::MOST);
        $remedies = array_map(static fn(Unmet $u): array => array_map(static fn(Remedy $r): array => [$r->kind->value, $r->id, $r->amount], Mend::of($problem, $u, count($answer->turns))), array_slice($unmet, 0, self::MOST_MENDED));

        return array_map(static fn(Unmet $u, int $i): array => ['group' => $u->group, 'turns' => $u->turns, 'conflict' => $u->conflict, 'proven' => $u->isProven, 'remedies' => $remedies[$i] ?? null], $unmet, array_keys($unmet));
    }
}
