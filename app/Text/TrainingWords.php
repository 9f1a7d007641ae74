<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Rules\Inquiry\Choice;
use KeenShadow\Core\Training\Cards\Card;
use KeenShadow\Core\Training\Cards\Circumstance;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Drill\DrillScore;
use KeenShadow\Core\Training\Drill\Timing;
use KeenShadow\Core\Training\Lenses\LensFault;
use KeenShadow\Core\Training\Lenses\TrayScore;
use KeenShadow\Core\Training\Queue\CardNeeds;
use KeenShadow\Core\Training\Record\CrewTask;
use KeenShadow\Core\Training\Record\Exercise;
use KeenShadow\Core\Training\Record\Judge;
use KeenShadow\Core\Training\Record\Need;

/** What is said of training. */
final class TrainingWords
{
    public static function duty(Duty $duty): string
    {
        return match ($duty) {
            Duty::Teacher => __('With a group'),
            Duty::Checker => __('Looking glasses over'),
            Duty::Instrument => __('At an instrument'),
            Duty::Helper => __('Asked by visitors'),
        };
    }

    public static function task(CrewTask $task): string
    {
        return match ($task) {
            CrewTask::Glasses => __('Glasses'),
            CrewTask::Instrument => __('Instruments'),
            CrewTask::Beam => __('Mirrors'),
            CrewTask::Calling => __('Calling the times'),
        };
    }

    /** What comes with the thing; blank where nothing does. */
    public static function circumstance(Circumstance $circumstance): string
    {
        return match ($circumstance) {
            Circumstance::None => '',
            Circumstance::LowSun => __('The Sun is low, about to set.'),
            Circumstance::Ring => __('The Moon stands before the Sun, a ring is left.'),
            Circumstance::IndirectOnly => __('At this event everybody looks indirectly only.'),
        };
    }

    /** @return list<string> what is told of a card's thing, in order */
    public static function facts(Card $card): array
    {
        return array_values(array_filter([...array_map(static fn(Choice $choice): string => (string) __($choice->words), $card->facts), self::circumstance($card->circumstance)], static fn(string $words): bool => $words !== ''));
    }

    public static function need(Need $need, Judge $judge): string
    {
        return match ($need->exercise) {
            Exercise::Card => __(':right of the last :of different cards, “:duty”', ['right' => Need::CARDS_RIGHT, 'of' => Need::CARDS, 'duty' => self::duty(Duty::from($need->about))]),
            Exercise::Scene => __('the scene “:title”', ['title' => __($judge->scenes[$need->about]->title)]),
            Exercise::Steps => __('the order “:title”', ['title' => __($judge->orders[$need->about]->title)]),
            Exercise::Lenses => __('a tray of pairs with no fault missed'),
            Exercise::Drill => __(':n drills in time, one after the other', ['n' => Need::DRILLS]),
        };
    }

    public static function needs(CardNeeds $needs): string
    {
        return match ($needs) {
            CardNeeds::Sunlight => __('in sunlight'),
            CardNeeds::Clouded => __('when it is clouded'),
            CardNeeds::Any => __('in any weather'),
        };
    }

    public static function fault(LensFault $fault): string
    {
        return match ($fault) {
            LensFault::Scratch => __('scratch'),
            LensFault::Hole => __('hole or crack'),
            LensFault::Crease => __('crease'),
            LensFault::FilmLifting => __('film lifts'),
            LensFault::TornFrame => __('frame torn'),
            LensFault::SecondPoint => __('second point of light'),
            LensFault::SeeThrough => __('can be seen through'),
            LensFault::Dirt => __('dirt'),
        };
    }

    public static function tray(TrayScore $score): string
    {
        return __(':pairs pairs: :hits faults found, :missed missed, :false good ones taken out.', ['pairs' => $score->pairs, 'hits' => $score->hits, 'missed' => $score->missed, 'false' => $score->falseAlarms])
            . ($score->missedKinds === [] ? '' : ' ' . __('Missed: :kinds.', ['kinds' => implode(', ', array_map(self::fault(...), $score->missedKinds))]));
    }

    /** @return list<string> off, then on */
    public static function drill(DrillScore $score): array
    {
        $s = static fn(?float $seconds): string => Numbers::decimal(abs((float) $seconds), 1);

        return [
            match ($score->off) {
                Timing::EarlyOff => $score->offS === null ? __('Filters off, and they stay on here: some of the Sun shows all the time.') : __('Filters off :s s too early: some of the bright Sun still showed.', ['s' => $s($score->offS)]),
                Timing::Wasted => __('Filters off :s s after they might have been: that much of totality was not seen.', ['s' => $s($score->offS)]),
                Timing::NotCalled => __('Filters off was not called: nobody saw totality.'),
                default => $score->offS === null ? __('Nobody called filters off, and rightly so: they stay on here.') : __('Filters off :s s after they might have been: in time.', ['s' => $s($score->offS)]),
            },
            match ($score->on) {
                Timing::LateOn => $score->onS === null ? __('Filters on was not called: everybody looked into the bright Sun.') : __('Filters on :s s too late: some of the bright Sun showed.', ['s' => $s($score->onS)]),
                Timing::Wasted => __('Filters on :s s before they had to be: that much of totality was not seen.', ['s' => $s($score->onS)]),
                Timing::NotCalled, Timing::EarlyOff => '',
                Timing::InTime => $score->onS === null ? '' : __('Filters on :s s before they had to be: in time.', ['s' => $s($score->onS)]),
            },
        ];
    }
}
