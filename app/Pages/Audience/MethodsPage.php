<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use App\Text\RuleWords;
use KeenShadow\Core\Audience\Methods\Advisor;
use KeenShadow\Core\Audience\Methods\Means;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;

/** The methods for each group, the best first, and what is left where the plan fails. */
final readonly class MethodsPage
{
    /** From so much of the Sun covered on people notice it without looking (own judgement). */
    private const DIM = 0.8;

    /**
     * @param list<string> $known what the program knows of the event and takes for granted
     * @param list<GroupMethods> $groups
     * @param list<string> $underClouds what is left of it then
     */
    private function __construct(
        public array $known,
        public array $groups,
        public array $underClouds,
    ) {}

    public static function of(Event $event, Means $means, LocalEclipse $here): self
    {
        $advisor = new Advisor(Standard::book());

        return new self(
            [
                trans_choice('{0} it is today|{1} 1 day is left|[2,*] :count days are left', $means->daysLeft),
                trans_choice('{0} no pair of glasses is fit|{1} 1 pair of glasses is fit|[2,*] :count pairs of glasses are fit', $means->glassesFit),
                match ($means->isGroundPale) {
                    true => __('the ground takes an image'),
                    false => __('the ground takes no image'),
                    null => __('no ground is drawn where people stand'),
                },
                match ($means->hasShadedWall) {
                    true => __('there is a wall in the shade'),
                    false => __('no wall in the shade'),
                    null => __('no screen is drawn on a wall'),
                },
                __('the Sun stands :deg° up when most of it is covered', ['deg' => Numbers::decimal($means->sunDeg ?? 0.0, 0)]),
            ],
            array_values($event->audienceGroups()->orderBy('name')->get()->map(static function (AudienceGroup $group) use ($advisor, $means, $event): GroupMethods {
                $advice = $advisor->of($group->group(), $means);

                return GroupMethods::of($group, $advice, Advisor::without($advice, Method::Glasses, Method::Banner), $event->eclipse_date);
            })->all()),
            self::underClouds($here),
        );
    }

    /** @return list<string> */
    private static function underClouds(LocalEclipse $here): array
    {
        $best = $here->bestVisible();
        $second = $here->circumstances->contact(ContactName::C2);
        $isDark = $here->circumstances->seenKind() === LocalKind::Total && $second !== null;

        return array_values(array_filter([
            $isDark ? __('Totality comes through clouds: at :time it grows dark for :long, and light again all round the horizon. Be outside, and quiet.', [
                'time' => Clock::over($here)->minute($second->time()), 'long' => Durations::toTheSecond((float) $here->circumstances->durationSeconds()),
            ]) : '',
            !$isDark && $best->isSunUp() && $best->obscuration() >= self::DIM ? __('Under clouds it grows dim and cool all the same towards :time: read a thermometer and a light meter aloud.', ['time' => Clock::over($here)->minute($best->time())]) : '',
            __('In a gap filters are needed at once. :rule Keep everything set up, and the groups near by.', ['rule' => RuleWords::sentence(Standard::book()->rule('cloud')->statement)]),
            __('Live pictures from elsewhere on a screen indoors; what is felt and heard goes on as it was worked out.'),
            __('Boxes, cards and glasses are taken home for the next sunny day.'),
        ], static fn(string $line): bool => $line !== ''));
    }
}
