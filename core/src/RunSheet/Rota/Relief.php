<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\Rotation\Grid;
use KeenShadow\Core\RunSheet\Rotation\Helper;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Roster;
use KeenShadow\Core\RunSheet\Rotation\Stretch;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Helpers for turns that stand, when somebody does not come: who is at a post stays, and others move only where nobody is
 * free for it.
 */
final class Relief
{
    private const TRIES = 400;

    /** @var array<int, array<int, int>> station by helper and step: posts that are wanted, and all that is over */
    private array $where = [];

    /** @var list<Post> pieces of posts that nobody needs; whoever was sent there stays */
    private array $beside = [];

    /** @param array<int, int> $wanted stations by step, as bits */
    private function __construct(private readonly Problem $problem, private readonly array $wanted, private readonly int $first) {}

    /**
     * @param Problem $problem with those who are left; hours of a helper end when they go
     * @param list<Turn> $turns
     * @param list<Post> $posts as they were
     * @param int $fromMin what was before is over
     *
     * @return list<Post> where nobody could be found there is none
     */
    public static function of(Problem $problem, array $turns, array $posts, int $fromMin): array
    {
        $grid = new Grid($problem);
        $first = max(0, (int) ceil(($fromMin - $problem->within->fromMin) / $problem->stepMin));
        $relief = new self($problem, self::wanted($grid, $turns), $first);
        array_map($relief->cut(...), $posts);
        $roster = new Roster(new Grid($relief->without($relief->beside)), new Randomizer(new Xoshiro256StarStar(1)));
        $roster->begin($relief->where, $first);
        $looks = 0;
        $roster->cover($relief->wanted, self::TRIES, $looks);

        return self::joined([...$roster->answer(), ...$relief->beside]);
    }

    /**
     * @param list<Turn> $turns
     *
     * @return array<int, int> stations that want helpers by step, as bits
     */
    private static function wanted(Grid $grid, array $turns): array
    {
        $wanted = $grid->watched;
        $number = array_flip(array_column($grid->problem->stations, 'id'));
        foreach ($turns as $turn) {
            foreach (array_keys($wanted) as $t) {
                if (isset($number[$turn->station]) && $turn->startMin < $grid->minute($t + 1) && $grid->minute($t) < $turn->endMin) {
                    $wanted[$t] |= 1 << $number[$turn->station];
                }
            }
        }

        return $wanted;
    }

    /** Cuts a post into steps of the grid, and what is left over. */
    private function cut(Post $post): void
    {
        $step = $this->problem->stepMin;
        $station = array_search($post->station, array_column($this->problem->stations, 'id'), true);
        $h = array_search($post->helper, array_column($this->problem->crew, 'id'), true);
        for ($from = $post->startMin; $from < $post->endMin; $from = $to) {
            $t = (int) floor(($from - $this->problem->within->fromMin) / $step);
            $to = min($post->endMin, $this->problem->within->fromMin + ($t + 1) * $step);
            $isOver = $t < $this->first;
            $isThere = is_int($h) && Stretch::oneHas($this->problem->crew[$h]->free, $from, $to);
            $isWanted = is_int($station) && is_int($h) && $to - $from === $step && isset($this->wanted[$t]);
            if ($isWanted && ($isOver || $isThere && ($this->wanted[$t] >> $station & 1) === 1 && $this->problem->crew[$h]->mayServe($this->problem->stations[$station]))) {
                $this->where[$h][$t] = $station;
            } elseif ($isOver || $isThere && !($isWanted && ($this->wanted[$t] >> $station & 1) === 1)) {
                $this->beside[] = new Post($post->helper, $post->station, $from, $to);
            }
        }
    }

    /** @param list<Post> $taken hours in which helpers are elsewhere */
    private function without(array $taken): Problem
    {
        $p = $this->problem;
        $crew = array_map(static function (Helper $h) use ($taken, $p): Helper {
            $free = $h->free;
            foreach ($taken as $post) {
                $free = $post->helper === $h->id ? Stretch::without($free, $post->startMin, $post->endMin) : $free;
            }
            $onTheStep = static fn(int $minute, bool $isUp): int => $p->within->fromMin + (int) ($isUp ? ceil(($minute - $p->within->fromMin) / $p->stepMin) : floor(($minute - $p->within->fromMin) / $p->stepMin)) * $p->stepMin;

            return new Helper($h->id, $h->training, array_map(static fn(Stretch $s): Stretch => new Stretch($onTheStep($s->fromMin, true), $onTheStep($s->toMin, false)), $free), $h->longestMin, $h->restMin);
        }, $p->crew);

        return new Problem($p->stepMin, $p->within, $p->peak, $p->stations, $p->groups, $crew, $p->walkMin, $p->fit);
    }

    /**
     * @param list<Post> $posts
     *
     * @return list<Post> of one helper at one station without a gap only one
     */
    private static function joined(array $posts): array
    {
        usort($posts, static fn(Post $a, Post $b): int => [$a->helper, $a->startMin] <=> [$b->helper, $b->startMin]);
        $joined = [];
        foreach ($posts as $post) {
            $last = $joined === [] ? null : $joined[count($joined) - 1];
            if ($last !== null && $last->helper === $post->helper && $last->station === $post->station && $last->endMin === $post->startMin) {
                array_pop($joined);
                $post = new Post($post->helper, $post->station, $last->startMin, $post->endMin);
            }
            $joined[] = $post;
        }

        return $joined;
    }
}
