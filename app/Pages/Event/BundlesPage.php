<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Domain\Kept;
use App\Domain\Progress;
use App\Domain\Workers;
use App\Models\Event;
use App\Models\Sky\BundleKind;
use App\Models\Sky\PlaceBundle;
use App\Models\Sky\PlaceList;
use App\Text\Clock;
use DateTimeZone;
use Illuminate\Support\Str;

/** Run sheets or kits of many places: what is made, how far it has come, and what can be asked for. */
final readonly class BundlesPage
{
    /**
     * @param array<int, string> $lists names with their size, by number
     * @param list<array{id: int, name: string, made: string, asked: string, progress: Progress, isOld: bool}> $bundles the newest first
     * @param array<string, string> $papers names by their words
     * @param bool $isDone whether nothing is worked on
     * @param string $uuid of the form
     */
    private function __construct(public BundleKind $kind, public array $lists, public array $papers, public array $bundles, public bool $isDone, public string $uuid) {}

    public static function of(Event $event, BundleKind $kind, Workers $workers): self
    {
        $bundles = array_values($event->placeBundles()->where('kind', $kind)->with('placeList')->orderByDesc('id')->get()->map(static fn(PlaceBundle $b): array => [
            'id' => $b->id,
            'name' => $b->placeList->name,
            'made' => $kind === BundleKind::Kit ? trans_choice('{1} A kit for 1 school.|[2,*] Kits for :count schools.', $b->size) : trans_choice('{1} 1 sheet.|[2,*] :count sheets.', $b->size),
            'asked' => Clock::of(new DateTimeZone($event->timezone), $b->created_at)->minuteAndZone($b->created_at),
            'progress' => Progress::of($b->made(), $b->size, $b->failed_at, $workers),
            'isOld' => $b->isOld($event, Kept::version()),
        ])->all());
        $lists = $event->placeLists()->orderBy('name')->get();

        return new self(
            $kind,
            array_column(array_values($lists->map(static fn(PlaceList $l): array => [$l->id, trans_choice('{1} :name, 1 place|[0,*] :name, :count places', $l->size, ['name' => $l->name])])->all()), 1, 0),
            array_combine($kind->papers(), array_map(ucfirst(...), $kind->papers())),
            $bundles,
            array_filter($bundles, static fn(array $b): bool => !$b['progress']->isDone() && !$b['progress']->hasFailed) === [],
            Str::uuid7()->toString(),
        );
    }
}
