<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\PairsOfLots;
use App\Domain\Event\RecordLine;
use App\Models\Event;
use App\Models\Logbook\EyeReminder;
use App\Models\Logbook\EyeReport;
use App\Text\Clock;
use App\Text\Days;
use App\Text\EyeWords;
use App\Text\Numbers;
use App\Text\ObservationWords;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\Eyes\EyeSign;
use KeenShadow\Core\Logbook\Eyes\Reminders;
use KeenShadow\Core\Sky\LocalEclipse;

/** What somebody says of their eyes, how they looked and through what; on a page and on the sheet for the doctor. */
final readonly class EyePage
{
    /**
     * @param list<array{name: string, words: string}> $said
     * @param list<array{name: string, words: string}> $looked
     * @param list<array{when: string, words: string, who: string}> $record of the pair
     * @param list<array{hours: int, words: string, isWaiting: bool}> $reminders
     */
    private function __construct(
        public EyeReport $report,
        public string $told,
        public array $said,
        public array $looked,
        public array $record,
        public array $reminders,
        public string $deleted,
    ) {}

    public static function of(EyeReport $report, Event $event, LocalEclipse $here, PairsOfLots $lots): self
    {
        $moment = static fn(DateTimeImmutable $at): string => Days::full($here->local($at)) . ', ' . $here->local($at)->format('H:i');

        return new self(
            report: $report,
            told: $moment($report->told_at),
            said: self::filled([
                __('What was said') => implode(', ', array_map(static fn(EyeSign $s): string => EyeWords::sign($s), $report->signs->all())),
                __('In words') => $report->other,
                __('Which eye') => EyeWords::eye($report->eye),
                __('Since when') => $report->since,
            ]),
            looked: self::filled([
                __('How') => ObservationWords::howLooked($report->method),
                __('For how long, how often') => $report->looked,
                __('When') => $report->looked_at === null ? '' : Clock::over($here)->minuteAndZone($report->looked_at) . ', ' . Days::full($here->local($report->looked_at)),
                __('Covered at that moment') => $report->looked_at === null ? '' : self::covered($here, $report->looked_at),
                __('Through') => $report->lot === null ? '' : $report->lot->label . ($report->tag === null ? '' : ', ' . __('pair :tag', ['tag' => $report->tag])),
                __('The lot') => $report->lot === null ? '' : $lots->papers($event, $report->lot),
            ]),
            record: $report->lot === null || $report->tag === null ? [] : array_map(static fn(RecordLine $line): array => ['when' => $moment($line->at), 'words' => $line->words, 'who' => $line->who], $lots->record($report->lot, $report->tag)),
            reminders: self::reminders($report, $moment),
            deleted: Days::full($report->delete_on),
        );
    }

    /**
     * @param callable(DateTimeImmutable): string $moment
     *
     * @return list<array{hours: int, words: string, isWaiting: bool}>
     */
    private static function reminders(EyeReport $report, callable $moment): array
    {
        $made = [];
        foreach ($report->reminders as $reminder) {
            $made[$reminder->hours] = $reminder;
        }

        return array_map(static fn(int $hours): array => [
            'hours' => $hours,
            'words' => self::reminder($made[$hours] ?? null, $moment($report->told_at->addHours($hours)), $report->closed_at !== null),
            'isWaiting' => isset($made[$hours]) && $made[$hours]->seen_at === null && $report->closed_at === null,
        ], Reminders::HOURS);
    }

    private static function reminder(?EyeReminder $made, string $due, bool $isClosed): string
    {
        return match (true) {
            $made === null => $isClosed ? __('falls away') : __('on :moment', ['moment' => $due]),
            $made->seen_at === null => __('since :moment: ask how the eyes are', ['moment' => $due]),
            default => __('asked'),
        };
    }

    private static function covered(LocalEclipse $here, DateTimeImmutable $at): string
    {
        $view = $here->at($at);

        return $view->isSunUp() ? __(':n % of the Sun\'s area; the rest was as bright as ever', ['n' => Numbers::percent($view->obscuration())]) : __('the Sun was down');
    }

    /**
     * @param array<string, string> $lines
     *
     * @return list<array{name: string, words: string}>
     */
    private static function filled(array $lines): array
    {
        $filled = array_filter($lines, static fn(string $words): bool => $words !== '');

        return array_map(static fn(string $name, string $words): array => ['name' => $name, 'words' => $words], array_keys($filled), array_values($filled));
    }
}
