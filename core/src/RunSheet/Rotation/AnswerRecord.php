<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** An answer as a record of names and plain values, as files have it; see docs/FORMATS.md. */
final class AnswerRecord
{
    /**
     * @param callable(Unmet): string $why in words
     *
     * @return array{
     *     groups: list<array{group: string, station: string, start: string, end: string}>,
     *     crew: list<array{crew: string, station: string, start: string, end: string}>,
     *     unmet: list<array{group: string, turns: int, conflict: list<string>, why: string}>,
     *     peak: list<string>,
     * }
     */
    public static function write(Answer $answer, callable $why): array
    {
        return [
            'groups' => array_map(static fn(Turn $t): array => ['group' => $t->group, 'station' => $t->station, 'start' => self::time($t->startMin), 'end' => self::time($t->endMin)], $answer->turns),
            'crew' => array_map(static fn(Post $p): array => ['crew' => $p->helper, 'station' => $p->station, 'start' => self::time($p->startMin), 'end' => self::time($p->endMin)], $answer->posts),
            'unmet' => array_map(static fn(Unmet $u): array => ['group' => $u->group, 'turns' => $u->turns, 'conflict' => $u->conflict, 'why' => $why($u)], $answer->unmet),
            'peak' => $answer->peak,
        ];
    }

    private static function time(int $minute): string
    {
        return sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
