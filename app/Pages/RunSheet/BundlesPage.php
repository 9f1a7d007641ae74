<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Progress;
use App\Domain\Workers;
use App\Models\Event;
use App\Models\RunSheet\SheetBundle;
use App\Models\Sky\PlaceList;
use App\Text\Clock;
use DateTimeZone;
use Illuminate\Support\Str;

/** Run sheets of many places: what is made, how far it has come, and what can be asked for. */
final readonly class BundlesPage
{
    /**
     * @param array<int, string> $lists names with their size, by number
     * @param list<array{id: int, name: string, asked: string, progress: Progress, isOld: bool}> $bundles the newest first
     * @param bool $isDone whether nothing is worked on
     * @param string $uuid of the form
     */
    private function __construct(public array $lists, public array $bundles, public bool $isDone, public string $uuid) {}

    public static function of(Event $event, Workers $workers): self
    {
        $bundles = array_values($event->sheetBundles()->with('placeList')->orderByDesc('id')->get()->map(static fn(SheetBundle $b): array => [
            'id' => $b->id,
            'name' => $b->placeList->name,
            'asked' => Clock::of(new DateTimeZone($event->timezone), $b->created_at)->minuteAndZone($b->created_at),
            'progress' => Progress::of($b->made(), $b->size, $b->failed_at, $workers),
            'isOld' => $b->sequence !== $event->sequence,
        ])->all());
        $lists = $event->placeLists()->orderBy('name')->get();

        return new self(
            array_column(array_values($lists->map(static fn(PlaceList $l): array => [$l->id, trans_choice('{1} :name, 1 place|[0,*] :name, :count places', $l->size, ['name' => $l->name])])->all()), 1, 0),
            $bundles,
            array_filter($bundles, static fn(array $b): bool => !$b['progress']->isDone() && !$b['progress']->hasFailed) === [],
            Str::uuid7()->toString(),
        );
    }
}
