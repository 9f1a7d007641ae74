<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeImmutable;
use KeenShadow\Core\RunSheet\Rota\Fault;
use KeenShadow\Core\RunSheet\Rota\FaultKind;
use KeenShadow\Core\RunSheet\Rota\Remedy;
use KeenShadow\Core\RunSheet\Rota\RemedyKind;
use KeenShadow\Core\RunSheet\Rota\RotaDay;
use KeenShadow\Core\RunSheet\Rota\Training;
use KeenShadow\Core\Sky\LocalEclipse;

/** Turns and duties in words. */
final class RotaWords
{
    public static function training(Training $training): string
    {
        return match ($training) {
            Training::Glasses => __('glasses'),
            Training::Instrument => __('instruments'),
            Training::Beam => __('mirrors'),
        };
    }

    /**
     * What is wrong, and when.
     *
     * @param array<string, string> $names of groups, stations and helpers
     * @param int $wanted helpers that the station wants
     */
    public static function fault(Fault $fault, array $names, int $wanted, LocalEclipse $here, Clock $clock): string
    {
        $gone = __('somebody or something that is gone');
        $values = [
            'group' => $names[$fault->group] ?? $gone,
            'station' => $names[$fault->station] ?? $gone,
            'helper' => $names[$fault->helper] ?? $gone,
            'from' => $clock->minute(RotaDay::moment($here, $fault->fromMin)),
            'to' => $clock->minute(RotaDay::moment($here, $fault->toMin)),
            'count' => Numbers::decimal($fault->count, 0),
        ];

        return match ($fault->kind) {
            FaultKind::Gone => __(':from–:to: a turn or a duty for :what.', $values + ['what' => $fault->helper !== '' && !isset($names[$fault->helper]) ? __('somebody who is not asked to come') : $gone]),
            FaultKind::TooFewTurns => trans_choice('{1} :group: 1 turn is missing.|[2,*] :group: :count turns are missing.', $fault->count, $values),
            FaultKind::TooManyTurns => trans_choice('{1} :group has 1 turn more than it should.|[2,*] :group has :count turns more than it should.', $fault->count, $values),
            FaultKind::Alone, FaultKind::Unstaffed => $fault->count === $wanted
                ? __(':station, :from–:to: nobody is there.', $values)
                : trans_choice('{1} :station, :from–:to: 1 helper is missing.|[2,*] :station, :from–:to: :count helpers are missing.', $fault->count, $values),
            default => self::rule($fault->kind, $values),
        };
    }

    public static function remedy(Remedy $remedy, string $name): string
    {
        $values = ['name' => $name, 'count' => Numbers::decimal($remedy->amount, 0)];

        return match ($remedy->kind) {
            RemedyKind::Capacity => trans_choice('{1} :name: room for 1 person more at once.|[2,*] :name: room for :count people more at once.', $remedy->amount, $values),
            RemedyKind::Shorter => __(':name: turns shorter by :count min.', $values),
            RemedyKind::Pairs => trans_choice('{1} 1 pair of glasses more found fit.|[2,*] :count pairs of glasses more found fit.', $remedy->amount, $values),
            RemedyKind::Helpers => trans_choice('{1} 1 helper more, trained for it and there all the time.|[2,*] :count helpers more, trained for it and there all the time.', $remedy->amount, $values),
            RemedyKind::Free => __(':name can come :count min earlier and stay :count min longer.', $values),
            RemedyKind::Turn => __(':name has one turn fewer.', $values),
        };
    }

    /** @return list<string> what whoever stands at a station does not let go of; the cautions of the rule book come first there */
    public static function atThePost(bool $isNeverAlone): array
    {
        return $isNeverAlone
            ? [__('Never leave it before somebody has taken over: it points at the Sun.')]
            : [__('Stay until somebody has taken over or the last group has gone.')];
    }

    /** @param string|null $elsewhere title of the other event */
    public static function booking(string $helper, ?string $elsewhere, DateTimeImmutable $from, DateTimeImmutable $to): string
    {
        $values = ['helper' => $helper, 'event' => $elsewhere ?? '', 'from' => $from->format('H:i'), 'to' => $to->format('H:i')];

        return $elsewhere === null
            ? __(':helper would be at two posts at once around :from–:to. Nothing was changed.', $values)
            : __(':helper is at “:event” between :from and :to. Nothing was changed.', $values);
    }

    /** @param array<string, string> $values */
    private static function rule(FaultKind $kind, array $values): string
    {
        return match ($kind) {
            FaultKind::MethodRefused => __(':group may not use :station: the rule book, the policy or its own choice of methods says so (:from–:to).', $values),
            FaultKind::WrongLength => __(':group at :station, :from–:to: not as long as a turn there lasts.', $values),
            FaultKind::OffTheStep => __(':group at :station, :from: not on a whole step of the day.', $values),
            FaultKind::GroupAway => __(':group at :station, :from–:to: it cannot come then, or there is nothing to see.', $values),
            FaultKind::StationClosed => __(':group at :station, :from–:to: outside the eclipse or the hours of the event.', $values),
            FaultKind::GroupTwice => __(':group at :station, :from–:to: it is elsewhere or on its way then, or was there before.', $values),
            FaultKind::TooManyPeople => __(':station, :from–:to: too many at once by :count.', $values),
            FaultKind::TooFewPairs => __(':from–:to: :count more pairs of glasses are wanted than are found fit.', $values),
            FaultKind::Untrained => __(':helper at :station, :from–:to: not trained for it.', $values),
            FaultKind::HelperAway => __(':helper at :station, :from–:to: not there all of the time.', $values),
            FaultKind::HelperTwice => __(':helper at :station, :from–:to: elsewhere or on the way then.', $values),
            FaultKind::NoRest => __(':helper: on duty from :from to :to, :count min without a break.', $values),
            default => __(':from–:to', $values),
        };
    }
}
