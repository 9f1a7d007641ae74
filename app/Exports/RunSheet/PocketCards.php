<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\Event\RoundSpot;
use App\Domain\RunSheet\HelperDuties;
use App\Domain\RunSheet\WrittenDuty;
use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Domain\RunSheet\WrittenStint;
use App\Exports\PlainPdf;
use App\Exports\SheetPaper;
use App\Models\RunSheet\Helper;
use App\Text\Days;
use App\Text\FilterWords;
use App\Text\RotaWords;
use Illuminate\Support\Str;

/** Cards for the pocket, four to a sheet with lines to cut along: one for each helper, or for each station. Black on white. */
final class PocketCards
{
    public static function ofPeople(WrittenSheet $sheet, WrittenRota $rota, HelperDuties $duties, SheetPaper $paper): string
    {
        $cautions = array_column(array_map(static fn(RoundSpot $s): array => [$s->name, [...RotaWords::atThePost($s->isNeverAlone), ...$s->cautions]], $rota->stations), 1, 0);

        return self::pdf($sheet, $paper, array_map(static function (Helper $h) use ($sheet, $duties, $cautions): PocketCard {
            $own = $duties->at($sheet->event, $h);
            usort($own, static fn(WrittenDuty $a, WrittenDuty $b): int => $a->from <=> $b->from);
            $stations = array_intersect_key($cautions, array_flip(array_column($own, 'what')));

            return new PocketCard($h->name, array_map(static fn(WrittenDuty $d): array => [
                'time' => $sheet->clock->span($d->from, $d->to),
                'words' => implode(', ', array_filter([$d->what, $d->where], static fn(string $w): bool => $w !== '')) . (str_starts_with($d->uid, 'cue-') && count($d->lines) > 1 ? ': ' . implode(' ', array_slice($d->lines, 1)) : ''),
            ], $own), array_values(array_unique(array_merge(...array_values($stations)))));
        }, $rota->helpers));
    }

    public static function ofStations(WrittenSheet $sheet, WrittenRota $rota, SheetPaper $paper): string
    {
        return self::pdf($sheet, $paper, array_map(static function (RoundSpot $spot) use ($sheet, $rota): PocketCard {
            $lines = [...array_map(static fn(WrittenStint $s): array => [$s, $s->who], $rota->at($spot, $rota->turns)), ...array_map(static fn(WrittenStint $s): array => [$s, __('crew: :name', ['name' => $s->who])], $rota->at($spot, $rota->duties))];
            usort($lines, static fn(array $a, array $b): int => [$a[0]->from, $a[1]] <=> [$b[0]->from, $b[1]]);

            return new PocketCard($spot->name . ($spot->place === null ? '' : ", {$spot->place}"), array_map(static fn(array $line): array => ['time' => $sheet->clock->span($line[0]->from, $line[0]->to), 'words' => $line[1]], $lines), [...RotaWords::atThePost($spot->isNeverAlone), ...$spot->cautions]);
        }, $rota->stations));
    }

    /** @param list<PocketCard> $cards */
    private static function pdf(WrittenSheet $sheet, SheetPaper $paper, array $cards): string
    {
        [$width, $height] = $paper->sizeMm();
        $about = implode(' · ', [$sheet->event->title, Days::full($sheet->here->local($sheet->here->circumstances->maximum->time())), $sheet->clock->zone()]);
        $filters = Str::ucfirst(FilterWords::brief($sheet->filters, $sheet->clock)) . '.';
        $dealt = array_merge(...array_map(static function (PocketCard $card) use ($width, $height, $about, $filters): array {
            $parts = $card->dealt($width / 2, $height / 2, $about, $filters);

            return array_map(static fn(PocketCard $part, int $i): array => ['card' => $part, 'part' => count($parts) === 1 ? '' : __(':n of :all', ['n' => (string) ($i + 1), 'all' => (string) count($parts)])], $parts, array_keys($parts));
        }, $cards));

        return PlainPdf::of(view('runsheet.cards', [
            'sheets' => array_chunk($dealt, 4),
            'event' => $sheet->event,
            'about' => $about,
            'filters' => $filters,
            'widthMm' => $width / 2,
            'heightMm' => $height / 2,
            'places' => [[0, 0], [$width / 2, 0], [0, $height / 2], [$width / 2, $height / 2]],
        ])->render(), $paper->value);
    }
}
