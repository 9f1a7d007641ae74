<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\RunSheet\EventRota;
use App\Models\RunSheet\Helper;
use App\Text\Clock;
use App\Text\RotaWords;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Station;

/** One duty in a form. */
final readonly class PostForm
{
    /**
     * @param string $title in words
     * @param array<string, string> $helpers names by id, with what they are trained for
     * @param array<string, string> $stations names by id
     * @param array{helper: string, station: string, start: string, end: string} $values
     * @param array<string, string> $others duties of others it may be exchanged for, by number
     */
    private function __construct(
        public bool $isNew,
        public string $uuid,
        public string $title,
        public ?int $revision,
        public array $helpers,
        public array $stations,
        public array $values,
        public array $others,
    ) {}

    public static function of(?string $id, ?int $revision, EventFacts $facts, EventRota $rota): self
    {
        $clock = Clock::over($facts->here);
        $names = $rota->names();
        $post = $id === null ? null : $rota->rota()->posts[$id] ?? null;
        $words = static fn(Post $p): string => __(':helper at :station, :from–:to', ['helper' => $names[$p->helper] ?? __('gone'), 'station' => $names[$p->station] ?? __('gone'), 'from' => $clock->minute($rota->at($p->startMin)), 'to' => $clock->minute($rota->at($p->endMin))]);
        $coming = array_filter($rota->helpers, static fn(Helper $h): bool => isset($rota->rota()->wishes->crew[$h->rotaId()]));
        $others = array_filter($rota->rota()->posts, static fn(Post $p): bool => $post !== null && $p->helper !== $post->helper);
        uasort($others, static fn(Post $a, Post $b): int => $a->startMin <=> $b->startMin);

        return new self(
            isNew: $post === null,
            uuid: $id ?? Str::uuid7()->toString(),
            title: $post === null ? __('Add a duty') : $words($post),
            revision: $revision,
            helpers: array_column(array_map(static fn(Helper $h): array => [$h->rotaId(), $h->name . ($h->training->isEmpty() ? '' : ' (' . implode(', ', array_map(RotaWords::training(...), array_values($h->training->all()))) . ')')], $coming), 1, 0),
            stations: array_column(array_map(static fn(Station $s): array => [$s->id, $names[$s->id] ?? $s->id], $rota->problem()->stations ?? []), 1, 0),
            values: ['helper' => $post->helper ?? '', 'station' => $post->station ?? '', 'start' => $post === null ? '' : $rota->at($post->startMin)->format('H:i'), 'end' => $post === null ? '' : $rota->at($post->endMin)->format('H:i')],
            others: array_map($words, $others),
        );
    }
}
