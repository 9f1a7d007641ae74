<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\EventRota;
use App\Models\RunSheet\Helper;
use App\Text\Clock;
use App\Text\RotaWords;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rota\Training;
use KeenShadow\Core\RunSheet\Rotation\Post;

/** A helper with their hours and duties at one event. */
final readonly class HelperRow
{
    /**
     * @param string $contact for organisers only
     * @param string $hours when they come, in words
     * @param array{comes_from: string, comes_to: string} $typed as HH:MM; empty for as long as the event is open
     * @param list<array{id: string, words: string}> $duties in order of time
     * @param string $untrained for what they are planned and have not practised; blank where there is nothing
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $contact,
        public string $training,
        public string $hours,
        public array $typed,
        public bool $isGone,
        public array $duties,
        public string $untrained,
    ) {}

    /** @param list<string> $untrained words for what they have not passed */
    public static function of(Helper $helper, EventRota $rota, Clock $clock, array $untrained): self
    {
        $wish = $rota->rota()->wishes->crew[$helper->rotaId()] ?? new CrewWish();
        $posts = array_filter($rota->rota()->posts, static fn(Post $p): bool => $p->helper === $helper->rotaId());
        uasort($posts, static fn(Post $a, Post $b): int => $a->startMin <=> $b->startMin);
        $names = $rota->names();
        $duties = [];
        foreach ($posts as $id => $post) {
            $duties[] = ['id' => $id, 'words' => $clock->span($rota->at($post->startMin), $rota->at($post->endMin)) . ' ' . ($names[$post->station] ?? __('gone'))];
        }

        return new self(
            id: $helper->id,
            name: $helper->name,
            contact: $helper->contact ?? '',
            training: implode(', ', array_map(RotaWords::training(...), array_values($helper->training->all()))),
            hours: self::hours($wish, $rota, $clock),
            typed: ['comes_from' => self::typed($wish->fromMin), 'comes_to' => self::typed($wish->toMin)],
            isGone: $wish->goneMin !== null,
            duties: $duties,
            untrained: implode(', ', array_map(RotaWords::training(...), self::missing($posts, $untrained))),
        );
    }

    /**
     * @param array<Post> $posts
     * @param list<string> $untrained
     *
     * @return list<Training>
     */
    private static function missing(array $posts, array $untrained): array
    {
        $wanted = array_merge([], ...array_values(array_map(static fn(Post $post): array => Training::for($post->station), $posts)));

        return array_values(array_filter(Training::cases(), static fn(Training $training): bool => in_array($training, $wanted, true) && in_array($training->value, $untrained, true)));
    }

    private static function hours(CrewWish $wish, EventRota $rota, Clock $clock): string
    {
        $day = $rota->day;
        if ($day === null) {
            return '';
        }
        $from = $clock->minute($day->at($wish->fromMin === null ? $day->open->fromMin : $day->near($wish->fromMin)));
        $to = $clock->minute($day->at($wish->toMin === null ? $day->open->toMin : $day->near($wish->toMin)));

        return $wish->goneMin === null ? "{$from}–{$to}" : __(':from–:to, not there from :gone on', ['from' => $from, 'to' => $to, 'gone' => $clock->minute($day->at($wish->goneMin))]);
    }

    private static function typed(?int $minute): string
    {
        return $minute === null ? '' : gmdate('H:i', 60 * $minute);
    }
}
