<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Text\Days;
use App\Text\TrainingWords;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Record\Attempt;
use KeenShadow\Core\Training\Record\Exercise;
use KeenShadow\Core\Training\Record\Judge;
use KeenShadow\Core\Training\Record\Need;
use KeenShadow\Core\Training\Scenes\Scene;
use KeenShadow\Core\Training\Steps\Order;

/** What there is to practise, and how far somebody has come. */
final readonly class TrainingPage
{
    /** @param array<string, list<array{name: string, about: string, url: string, state: string, isPassed: bool}>> $sections by heading */
    private function __construct(public string $name, public string $headline, public array $sections) {}

    /**
     * @param list<Attempt> $attempts of the person, in order of time
     */
    public static function of(TrainingDoor $door, array $attempts, Judge $judge): self
    {
        $row = static function (Exercise $exercise, string $about, string $name, string $words, string $url) use ($attempts, $judge): array {
            $need = new Need($exercise, $about);
            $own = array_values(array_filter($attempts, $need->isAbout(...)));
            $counted = $need->counted($own, $judge);

            return ['name' => $name, 'about' => $words, 'url' => $url, 'state' => self::state($need, $own, $counted), 'isPassed' => $need->isPassed($counted)];
        };
        $sections = [
            __('Is this safe?') => array_map(static fn(Duty $duty): array => $row(Exercise::Card, $duty->value, TrainingWords::duty($duty), __('cards from the rule book, harder as you get on'), $door->url('cards', $duty->value)), Duty::cases()),
            __('What do I do?') => array_values(array_map(static fn(Scene $scene): array => $row(Exercise::Scene, $scene->id, __($scene->title), implode(', ', array_map(TrainingWords::duty(...), $scene->for)), $door->url('scene', $scene->id)), $judge->scenes)),
            __('In which order?') => array_values(array_map(static fn(Order $order): array => $row(Exercise::Steps, $order->id, __($order->title), implode(', ', array_map(TrainingWords::duty(...), $order->for)), $door->url('steps', $order->id)), $judge->orders)),
            __('With eyes and hands') => [
                $row(Exercise::Lenses, '', __('Looking pairs over'), __('a tray of drawn pairs, at the pace of the station'), $door->url('lenses')),
                $row(Exercise::Drill, '', __('The last minutes'), __('filters off and on, by the times of this place'), $door->url('drill')),
            ],
        ];
        $passed = count(array_filter(array_merge(...array_values($sections)), static fn(array $each): bool => $each['isPassed']));

        return new self($door->trainee->name, trans_choice('{0} Nothing is done yet: five minutes make a beginning.|{1} 1 exercise is passed.|[2,*] :count exercises are passed.', $passed), $sections);
    }

    /**
     * @param list<Attempt> $own
     * @param list<bool> $counted
     */
    private static function state(Need $need, array $own, array $counted): string
    {
        $last = $own === [] ? null : $own[count($own) - 1];

        return match (true) {
            $last === null => __('not yet'),
            $need->exercise === Exercise::Card => __(':right of the last :of right, each card once', ['right' => count(array_keys($counted, true, true)), 'of' => count($counted)]),
            $counted !== [] && $counted[count($counted) - 1] => __('right on :day', ['day' => Days::short($last->at)]),
            default => __('not right yet, last on :day', ['day' => Days::short($last->at)]),
        };
    }
}
