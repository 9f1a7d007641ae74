<?php

declare(strict_types=1);

namespace App\Domain\Audience;

use App\Domain\Event\EyeHeights;
use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;

/** Of groups whose people may look through a filter at all. */
final class EyeHeightsOfGroups implements EyeHeights
{
    public function of(Event $event): ?array
    {
        $looking = array_values($event->audienceGroups()->get()->reject(static fn(AudienceGroup $g): bool => $g->group()->throughGlasses(Standard::book(), null)->permission === Permission::No)->all());

        return $looking === [] ? null : [
            'lowest' => min(array_map(static fn(AudienceGroup $g): float => $g->eye_from_m, $looking)),
            'highest' => max(array_map(static fn(AudienceGroup $g): float => $g->eye_to_m, $looking)),
        ];
    }
}
