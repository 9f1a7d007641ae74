<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Domain\Photo\FilterTests;
use App\Models\Event;
use App\Models\Photo\FilterCheck;
use App\Models\Photo\FilterTest;
use App\Models\Photo\KitItem;
use App\Text\KitWords;
use App\Text\Numbers;
use App\Text\PhotoWords;
use KeenShadow\Core\Photo\Kit\FrontFilter;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\TestShot;

/** What was seen of a filter, and how bright the Sun is through it. */
final readonly class FilterPage
{
    /** So many checks are listed. */
    private const CHECKS = 20;
    private const PERCENT = 100;

    /**
     * @param list<array{when: string, found: string, by: string, isWhole: bool}> $checks the newest first
     * @param list<array{test: FilterTest, when: string, settings: string, at: string, altitude: string, q: string}> $tests the newest first
     * @param array<string, string> $flaws to tick
     */
    private function __construct(
        public KitItem $item,
        public string $about,
        public string $headline,
        public array $checks,
        public array $tests,
        public array $flaws,
        public string $well,
        public string $now,
    ) {}

    public static function of(KitItem $item, Event $event, FilterTests $tests): self
    {
        $filter = $item->read();
        $rows = FilterTest::standing($item->id)->get();
        $newest = $rows->first();
        $table = Phase::Partial->q($filter instanceof FrontFilter ? $filter->density() : abort(404));
        $real = $newest === null ? null : $tests->overheadQ($newest);

        return new self(
            item: $item,
            about: KitWords::about($filter),
            headline: $real === null
                ? __('Q is :q by the table, until there is a test shot.', ['q' => Numbers::decimal($table, 1)])
                : __('Q is :q by the newest test shot, :stops stops from the table\'s :table. Every camera with this filter goes by it.', ['q' => Numbers::decimal($real, 1), 'stops' => Numbers::decimal(abs($real - $table), 1), 'table' => Numbers::decimal($table, 1)]),
            checks: array_values($item->filterChecks()->with('by')->latest('id')->limit(self::CHECKS)->get()->map(static fn(FilterCheck $check): array => [
                'when' => KitWords::when($check->checked_at->setTimezone($event->timezone)), 'found' => KitWords::found($check->flaws), 'by' => $check->by->name, 'isWhole' => $check->flaws === [],
            ])->all()),
            tests: array_values($rows->map(static fn(FilterTest $test): array => [
                'test' => $test,
                'when' => KitWords::when($test->taken_at->setTimezone($event->timezone)),
                'settings' => __('f/:f, ISO :iso, :s', ['f' => KitWords::plain($test->f_number), 'iso' => KitWords::plain($test->iso), 's' => PhotoWords::seconds($test->exposure_s)]),
                'at' => Numbers::decimal(self::PERCENT * $test->histogram) . ' %',
                'altitude' => Numbers::decimal($tests->altitudeDeg($test->taken_at, $test->observer())) . '°',
                'q' => ($q = $tests->overheadQ($test)) === null ? '–' : Numbers::decimal($q, 2),
            ])->all()),
            flaws: array_combine(KitWords::FLAWS, array_map(KitWords::flaw(...), KitWords::FLAWS)),
            well: (string) (self::PERCENT * TestShot::WELL),
            now: now($event->timezone)->format('Y-m-d\TH:i'),
        );
    }
}
