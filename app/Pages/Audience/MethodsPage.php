<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use App\Text\Numbers;
use KeenShadow\Core\Audience\Methods\Advisor;
use KeenShadow\Core\Audience\Methods\Means;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Rules\Book\Standard;

/** The methods for each group, the best first, and what is left where the plan fails. */
final readonly class MethodsPage
{
    /**
     * @param list<string> $known what the program knows of the event and takes for granted
     * @param list<GroupMethods> $groups
     */
    private function __construct(
        public array $known,
        public array $groups,
    ) {}

    public static function of(Event $event, Means $means): self
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
                __('the Sun stands :deg° up when most of it is covered', ['deg' => Numbers::decimal($means->sunDeg ?? 0.0, 0)]),
            ],
            array_values($event->audienceGroups()->orderBy('name')->get()->map(static function (AudienceGroup $group) use ($advisor, $means, $event): GroupMethods {
                $advice = $advisor->of($group->group(), $means);

                return GroupMethods::of($group, $advice, Advisor::without($advice, Method::Glasses, Method::Banner), $event->eclipse_date);
            })->all()),
        );
    }
}
