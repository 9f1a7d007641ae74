<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\RoundSpot;
use App\Models\RunSheet\Helper;
use KeenShadow\Core\RunSheet\Cues\Busy;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** Turns and duties with names and moments, in order of time; those of somebody or something that is gone are left out. */
final readonly class WrittenRota
{
    /**
     * @param list<WrittenStint> $turns of groups
     * @param list<WrittenStint> $duties of helpers
     * @param list<RoundSpot> $stations at which anybody has something to do
     * @param list<Helper> $helpers who are asked to come
     */
    private function __construct(public array $turns, public array $duties, public array $stations, public array $helpers) {}

    public static function of(EventRota $rota): self
    {
        $spots = array_column($rota->spots, null, 'method');
        $names = $rota->names();
        $stint = static fn(string $id, string $who, Turn|Post $one): ?WrittenStint => isset($spots[$one->station], $names[$who])
            ? new WrittenStint($id, $names[$who], $one->station, $spots[$one->station]->name, $spots[$one->station]->place ?? '', $rota->at($one->startMin), $rota->at($one->endMin))
            : null;
        [$turns, $posts] = [$rota->rota()->turns, $rota->rota()->posts];
        $stations = array_unique([...array_column($turns, 'station'), ...array_column($posts, 'station')]);

        return new self(
            self::sorted(array_map(static fn(string $key, Turn $t): ?WrittenStint => $stint($key, $t->group, $t), array_keys($turns), array_values($turns))),
            self::sorted(array_map(static fn(string $id, Post $p): ?WrittenStint => $stint($id, $p->helper, $p), array_map(strval(...), array_keys($posts)), array_values($posts))),
            array_values(array_filter($rota->spots, static fn(RoundSpot $s): bool => in_array($s->method, $stations, true))),
            array_values(array_filter($rota->helpers, static fn(Helper $h): bool => isset($rota->rota()->wishes->crew[$h->rotaId()]))),
        );
    }

    /** @return list<Busy> whom no cue should want meanwhile */
    public function busy(): array
    {
        return array_map(static fn(WrittenStint $s): Busy => new Busy($s->who, $s->station, $s->from, $s->to), $this->duties);
    }

    /**
     * @param list<WrittenStint> $stints
     *
     * @return list<WrittenStint> those at one station
     */
    public function at(RoundSpot $spot, array $stints): array
    {
        return array_values(array_filter($stints, static fn(WrittenStint $s): bool => $s->method === $spot->method));
    }

    /**
     * @param list<WrittenStint|null> $stints
     *
     * @return list<WrittenStint>
     */
    private static function sorted(array $stints): array
    {
        $stints = array_values(array_filter($stints, static fn(?WrittenStint $s): bool => $s !== null));
        usort($stints, static fn(WrittenStint $a, WrittenStint $b): int => [$a->from, $a->station, $a->who] <=> [$b->from, $b->station, $b->who]);

        return $stints;
    }
}
