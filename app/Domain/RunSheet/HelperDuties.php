<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventReader;
use App\Models\Event;
use App\Models\RunSheet\Helper;
use App\Text\CueWords;
use App\Text\FilterWords;
use App\Text\RotaWords;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Rotation\Post;

/** All that one helper does: posts of run sheets, and the cues that call them by name. */
final readonly class HelperDuties
{
    /** So long they are still shown when the event is over. */
    private const DAYS_AFTER = 2;

    public function __construct(
        private EventReader $reader,
        private EventRotas $rotas,
    ) {}

    /** @return list<WrittenDuty> at every event of the organisation that is not long over, in order of time */
    public function of(Helper $helper): array
    {
        $events = Event::query()->with(['sheetRevision', 'planRevision'])->where('organisation_id', $helper->organisation_id)->whereNotNull('sheet_revision_id')->where('eclipse_date', '>=', Date::now()->subDays(self::DAYS_AFTER))->orderBy('eclipse_date')->get();
        $duties = array_merge(...array_values($events->map(fn(Event $event): array => $this->at($event, $helper))->all()));
        usort($duties, static fn(WrittenDuty $a, WrittenDuty $b): int => [$a->from, $a->what] <=> [$b->from, $b->what]);

        return $duties;
    }

    /** @return list<WrittenDuty> */
    public function at(Event $event, Helper $helper): array
    {
        $facts = $this->reader->facts($event);
        $sheet = WrittenSheet::of($facts);
        $own = array_filter($sheet->cues, static fn(PlacedCue $p): bool => $p->begins !== null && mb_strtolower($p->cue->who) === mb_strtolower($helper->name));
        $posts = array_filter(EventSheet::of($event)->sheet()->rota->posts, static fn(Post $p): bool => $p->helper === $helper->rotaId());
        $rota = $posts === [] ? null : $this->rotas->of($facts);

        return [
            ...array_values(array_map(static fn(PlacedCue $p): WrittenDuty => self::ofCue($p, $sheet), $own)),
            ...($rota === null ? [] : array_values(array_filter(array_map(static fn(string $id, Post $p): ?WrittenDuty => self::ofPost($id, $p, $rota, $sheet), array_map(strval(...), array_keys($posts)), array_values($posts)), static fn(?WrittenDuty $d): bool => $d !== null))),
        ];
    }

    private static function ofCue(PlacedCue $placed, WrittenSheet $sheet): WrittenDuty
    {
        $cue = $placed->cue;
        $begins = $placed->begins ?? $sheet->here->begins();

        return new WrittenDuty($sheet->event, $sheet->here->zone, $sheet->clock, uid: "cue-{$cue->id}", what: $cue->name, where: $cue->where, from: $begins, to: $placed->ends ?? $begins, lines: array_values(array_filter([CueWords::hangs($cue), $cue->crew, $cue->call === '' ? '' : "“{$cue->call}”"], static fn(string $line): bool => $line !== '')), filters: self::filters($sheet));
    }

    private static function ofPost(string $id, Post $post, EventRota $rota, WrittenSheet $sheet): ?WrittenDuty
    {
        $spot = array_column($rota->spots, null, 'method')[$post->station] ?? null;

        return $spot === null ? null : new WrittenDuty($sheet->event, $sheet->here->zone, $sheet->clock, uid: "post-{$id}", what: $spot->name, where: $spot->place ?? '', from: $rota->at($post->startMin), to: $rota->at($post->endMin), lines: RotaWords::atThePost($spot->isNeverAlone), filters: self::filters($sheet));
    }

    private static function filters(WrittenSheet $sheet): string
    {
        return Str::ucfirst(FilterWords::brief($sheet->filters, $sheet->clock)) . '.';
    }
}
