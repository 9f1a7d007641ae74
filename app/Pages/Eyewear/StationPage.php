<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Domain\Eyewear\LotState;
use App\Domain\Eyewear\Trays;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\Tray;
use App\Models\User;
use App\Text\EyewearWords;
use DateTimeZone;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Verdict;

/** The station at which one checker looks over pair after pair: what each key means, what has come of the lot so far, and who holds which tags. */
final readonly class StationPage
{
    /** @param list<array{key: string, fault: PairFault|null, label: string, verdict: Verdict}> $choices the pass first */
    private function __construct(
        public Lot $lot,
        public Occasion $occasion,
        public Verdict $lotVerdict,
        public array $choices,
    ) {}

    public static function of(Lot $lot, Event $event, Occasion $occasion): self
    {
        $verdict = $lot->verdict($event->eclipse_date);
        $choice = static fn(string $key, ?PairFault $fault): array => [
            'key' => $key,
            'fault' => $fault,
            'label' => $fault === null ? __('nothing found') : EyewearWords::short($fault),
            'verdict' => PairCondition::verdict($fault === null ? [] : [$fault], $verdict->level, true),
        ];

        return new self($lot, $occasion, $verdict, [$choice(' ', null), ...array_map(static fn(PairFault $fault): array => $choice((string) EyewearWords::keys($lot->kind)[$fault->value], $fault), $lot->kind->faults())]);
    }

    /** @return list<array{fault: string|null, key: string, words: string, level: string}> what the page's script is told of each key */
    public function keys(): array
    {
        return array_map(static fn(array $choice): array => [
            'fault' => $choice['fault']?->value,
            'key' => $choice['key'],
            'words' => __($choice['verdict']->word()) . ($choice['fault'] === null ? '' : ": {$choice['label']}") . ($choice['verdict']->level === Level::Yes ? '' : '. ' . __($choice['verdict']->findings[0]->nextStep)),
            'level' => $choice['verdict']->level->value,
        ], $this->choices);
    }

    /**
     * How far the lot has come, and who holds tags of it.
     *
     * @return array{counts: array<string, int>, left: int, others: list<array{uuid: string, words: string}>}
     */
    public static function state(Lot $lot, Event $event, Occasion $occasion, User $checker, ?string $own): array
    {
        $state = LotState::for($lot, $event, $occasion);
        $held = array_filter((new Trays($lot, $event, $occasion))->held(), static fn(Tray $tray): bool => $tray->uuid !== $own);
        $zone = new DateTimeZone($event->timezone);

        return [
            'counts' => array_combine(array_column(Level::cases(), 'value'), array_map($state->count(...), Level::cases())),
            'left' => $state->unchecked(),
            'others' => array_values(array_map(static fn(Tray $tray): array => ['uuid' => $tray->uuid, 'words' => __(':who: tags :from to :to, last heard of at :time', [
                'who' => $tray->checker_id === $checker->id ? __('You, on another device or page') : $tray->checker->name, 'from' => $tray->bounds()[0], 'to' => $tray->bounds()[1], 'time' => $tray->seen_at->setTimezone($zone)->format('H:i'),
            ])], $held)),
        ];
    }
}
