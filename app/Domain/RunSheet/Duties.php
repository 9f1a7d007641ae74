<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Sky\Eclipses;
use App\Models\Event;
use App\Models\RunSheet\Duty;
use App\Models\RunSheet\Helper;
use DateTimeImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\RunSheet\Rota\RotaDay;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\Sky\LocalEclipse;

/**
 * The posts of a run sheet as moments, so that the database can see that nobody is at two places at once. They follow the run
 * sheet and its event; nobody writes them by hand.
 */
final readonly class Duties
{
    private const EXCLUDED = '23P01';
    private const SECOND = 'Y-m-d\TH:i:sP';

    public function __construct(private Eclipses $eclipses) {}

    /** @throws DoubleBooking */
    public function follow(Event $event): void
    {
        // The number may be newer than what was loaded.
        $posts = $event->sheet_revision_id === null || $event->trashed() ? [] : $event->sheetRevision()->firstOrFail()->sheet->rota->posts;
        $ours = $posts === [] ? [] : $event->helpers()->get()->keyBy(static fn(Helper $h): string => $h->rotaId())->all();
        $here = $posts === [] ? null : $this->eclipses->at($event);
        $rows = $here === null ? [] : self::rows($event, $posts, $ours, $here);
        try {
            DB::transaction(static function () use ($event, $rows): void {
                $event->duties()->delete();
                Duty::query()->insert($rows);
            });
        } catch (QueryException $e) {
            throw $e->getCode() === self::EXCLUDED && $here !== null ? self::clash($event, $posts, $ours, $here) ?? $e : $e;
        }
    }

    /**
     * @param array<string, Post> $posts
     * @param array<string, Helper> $ours
     *
     * @return list<array{event_id: int, organisation_id: int, helper_id: int, post: string, station: string, during: string}>
     */
    private static function rows(Event $event, array $posts, array $ours, LocalEclipse $here): array
    {
        $rows = [];
        foreach ($posts as $id => $post) {
            // Whoever was removed has no duties.
            if (isset($ours[$post->helper])) {
                $rows[] = ['event_id' => $event->id, 'organisation_id' => $event->organisation_id, 'helper_id' => $ours[$post->helper]->id, 'post' => $id, 'station' => $post->station, 'during' => self::range(self::at($here, $post))];
            }
        }

        // Everybody's in one order: two who wait for each other's helpers would wait for ever.
        usort($rows, static fn(array $a, array $b): int => [$a['helper_id'], $a['during']] <=> [$b['helper_id'], $b['during']]);

        return $rows;
    }

    /**
     * Who is at two places.
     *
     * @param array<string, Post> $posts
     * @param array<string, Helper> $ours
     */
    private static function clash(Event $event, array $posts, array $ours, LocalEclipse $here): ?DoubleBooking
    {
        foreach ($posts as $id => $post) {
            $helper = $ours[$post->helper] ?? null;
            if ($helper === null) {
                continue;
            }
            [$from, $to] = self::at($here, $post);
            $other = Duty::query()->with('event')->where('helper_id', $helper->id)->where('event_id', '<>', $event->id)->whereRaw('during && ?::tstzrange', [self::range([$from, $to])])->first();
            $isTwice = array_filter($posts, static fn(Post $p, string $key): bool => $key !== $id && $p->helper === $post->helper && $p->startMin < $post->endMin && $post->startMin < $p->endMin, ARRAY_FILTER_USE_BOTH) !== [];
            if ($other !== null || $isTwice) {
                return new DoubleBooking($helper->name, $other?->event->title, $from, $to);
            }
        }

        return null;
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable} */
    private static function at(LocalEclipse $here, Post $post): array
    {
        return [RotaDay::moment($here, $post->startMin), RotaDay::moment($here, $post->endMin)];
    }

    /** @param array{DateTimeImmutable, DateTimeImmutable} $during */
    private static function range(array $during): string
    {
        return "[{$during[0]->format(self::SECOND)},{$during[1]->format(self::SECOND)})";
    }
}
