<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/**
 * Turns, posts and wishes as names and plain values; minutes from midnight.
 *
 * @phpstan-type WishesRow array{step_min: int, longest_min: int, rest_min: int, pairs: int|null, bells: list<array{name: string, from_min: int, to_min: int, is_break: bool}>, groups: array<string, array{turns: int|null, bells: list<string>|null}>, stations: array<string, array{minutes: int|null, capacity: int|null, crew: int|null}>, crew: array<string, array{from_min: int|null, to_min: int|null, gone_min: int|null}>}
 * @phpstan-type TurnRow array{group: string, station: string, start_min: int, end_min: int}
 * @phpstan-type PostRow array{id: string, helper: string, station: string, start_min: int, end_min: int}
 * @phpstan-type RotaRow array{wishes: WishesRow, turns: list<TurnRow>, posts: list<PostRow>}
 */
final class RotaRecord
{
    /** @return RotaRow */
    public static function write(Rota $rota): array
    {
        return ['wishes' => self::wishes($rota->wishes), 'turns' => array_map(self::turn(...), array_values($rota->turns)), 'posts' => array_map(self::post(...), array_map(strval(...), array_keys($rota->posts)), array_values($rota->posts))];
    }

    /** @param RotaRow $row */
    public static function read(array $row): Rota
    {
        $posts = [];
        foreach ($row['posts'] as $post) {
            $posts[$post['id']] = new Post($post['helper'], $post['station'], $post['start_min'], $post['end_min']);
        }

        return Rota::of(self::wished($row['wishes']), array_map(static fn(array $turn): Turn => new Turn($turn['group'], $turn['station'], $turn['start_min'], $turn['end_min']), $row['turns']), $posts);
    }

    /** @return TurnRow */
    public static function turn(Turn $turn): array
    {
        return ['group' => $turn->group, 'station' => $turn->station, 'start_min' => $turn->startMin, 'end_min' => $turn->endMin];
    }

    /** @return PostRow */
    public static function post(string $id, Post $post): array
    {
        return ['id' => $id, 'helper' => $post->helper, 'station' => $post->station, 'start_min' => $post->startMin, 'end_min' => $post->endMin];
    }

    /** @return WishesRow */
    public static function wishes(Wishes $wishes): array
    {
        return [
            'step_min' => $wishes->stepMin,
            'longest_min' => $wishes->longestMin,
            'rest_min' => $wishes->restMin,
            'pairs' => $wishes->pairs,
            'bells' => array_map(static fn(Bell $b): array => ['name' => $b->name, 'from_min' => $b->fromMin, 'to_min' => $b->toMin, 'is_break' => $b->isBreak], $wishes->bells),
            'groups' => array_map(static fn(GroupWish $g): array => ['turns' => $g->turns, 'bells' => $g->bells], $wishes->groups),
            'stations' => array_map(static fn(StationWish $s): array => ['minutes' => $s->minutes, 'capacity' => $s->capacity, 'crew' => $s->crew], $wishes->stations),
            'crew' => array_map(static fn(CrewWish $c): array => ['from_min' => $c->fromMin, 'to_min' => $c->toMin, 'gone_min' => $c->goneMin], $wishes->crew),
        ];
    }

    /** @param WishesRow $row */
    public static function wished(array $row): Wishes
    {
        return Wishes::of(
            $row['step_min'],
            $row['longest_min'],
            $row['rest_min'],
            $row['pairs'],
            array_map(static fn(array $b): Bell => Bell::of($b['name'], $b['from_min'], $b['to_min'], $b['is_break']), $row['bells']),
            array_map(static fn(array $g): GroupWish => new GroupWish($g['turns'], $g['bells']), $row['groups']),
            array_map(static fn(array $s): StationWish => new StationWish($s['minutes'], $s['capacity'], $s['crew']), $row['stations']),
            array_map(static fn(array $c): CrewWish => new CrewWish($c['from_min'], $c['to_min'], $c['gone_min']), $row['crew']),
        );
    }
}
