<?php

declare(strict_types=1);

namespace App\Domain\Audience;

use App\Domain\Event\LookingGroup;
use App\Domain\Event\LookingGroups;
use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;

/** The groups of an event with what the rule book says of their looking through glasses. */
final class GroupsThatLook implements LookingGroups
{
    public function of(Event $event): array
    {
        return array_values($event->audienceGroups()->orderBy('name')->get()->map(static fn(AudienceGroup $g): LookingGroup => new LookingGroup(
            id: $g->id,
            name: $g->name,
            people: $g->people,
            spectacles: $g->spectacles,
            hasChildren: in_array($g->band, [AgeBand::YoungChild, AgeBand::Child, AgeBand::AllAges], true),
            hasGrown: in_array($g->band, [AgeBand::Teen, AgeBand::Adult, AgeBand::AllAges], true),
            mayLook: $g->group()->throughGlasses(Standard::book(), $event->policy)->permission !== Permission::No,
        ))->all());
    }

    public function pairs(Event $event, int $there): array
    {
        $sum = GlassesSum::usual(array_sum(array_map(static fn(LookingGroup $g): int => $g->mayLook ? $g->people : 0, $this->of($event))));

        return ['needed' => $sum->needed(), 'missing' => $sum->missingWith($there)];
    }
}
