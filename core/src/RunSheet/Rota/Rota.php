<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use KeenShadow\Core\RunSheet\RunSheetException;

/** Who is where on the day: turns of groups, posts of helpers, and the wishes they were found for. */
final readonly class Rota
{
    public const MOST = 1000;

    /**
     * @param array<string, Turn> $turns by group and station, for two turns of one group are at different stations
     * @param array<string, Post> $posts by UUID
     */
    private function __construct(public Wishes $wishes, public array $turns, public array $posts) {}

    public static function blank(): self
    {
        return new self(Wishes::none(), [], []);
    }

    /**
     * @param iterable<Turn> $turns
     * @param array<string, Post> $posts
     *
     * @throws RunSheetException
     */
    public static function of(Wishes $wishes, iterable $turns, array $posts): self
    {
        $keyed = [];
        foreach ($turns as $turn) {
            $keyed[self::key($turn->group, $turn->station)] = $turn;
        }
        foreach (['turns' => $keyed, 'posts' => $posts] as $what => $all) {
            if (count($all) > self::MOST) {
                throw RunSheetException::tooMany($what, self::MOST);
            }
            foreach ($all as $one) {
                if ($one->endMin <= $one->startMin) {
                    throw RunSheetException::reversed('end');
                }
            }
        }

        return new self($wishes, $keyed, $posts);
    }

    public static function key(string $group, string $station): string
    {
        return "{$group}-{$station}";
    }

    public function with(Wishes $wishes): self
    {
        return new self($wishes, $this->turns, $this->posts);
    }

    public function withTurn(Turn $turn): self
    {
        return self::of($this->wishes, [...array_values($this->turns), $turn], $this->posts);
    }

    public function withoutTurn(string $key): self
    {
        return new self($this->wishes, array_diff_key($this->turns, [$key => true]), $this->posts);
    }

    public function withPost(string $id, Post $post): self
    {
        return self::of($this->wishes, array_values($this->turns), array_replace($this->posts, [$id => $post]));
    }

    public function withoutPost(string $id): self
    {
        return new self($this->wishes, $this->turns, array_diff_key($this->posts, [$id => true]));
    }

    /** Two helpers do what the other would have done. */
    public function swapped(string $a, string $b): self
    {
        [$first, $second] = [$this->posts[$a], $this->posts[$b]];

        return $this
            ->withPost($a, new Post($second->helper, $first->station, $first->startMin, $first->endMin))
            ->withPost($b, new Post($first->helper, $second->station, $second->startMin, $second->endMin));
    }

    /**
     * With other posts. Of one helper at one station those that were there keep their numbers, in the order of the day.
     *
     * @param list<Post> $posts
     * @param callable(): string $number a new UUID
     */
    public function withPosts(array $posts, callable $number): self
    {
        $old = [];
        usort($posts, static fn(Post $a, Post $b): int => $a->startMin <=> $b->startMin);
        $before = $this->posts;
        uasort($before, static fn(Post $a, Post $b): int => $a->startMin <=> $b->startMin);
        foreach ($before as $id => $post) {
            $old["{$post->helper} {$post->station}"][] = $id;
        }
        $new = [];
        foreach ($posts as $post) {
            $kept = $old["{$post->helper} {$post->station}"] ?? [];
            $new[array_shift($kept) ?? $number()] = $post;
            $old["{$post->helper} {$post->station}"] = $kept;
        }

        return self::of($this->wishes, array_values($this->turns), $new);
    }

    /** @param list<Turn> $turns */
    public function withTurns(array $turns): self
    {
        return self::of($this->wishes, $turns, $this->posts);
    }
}
