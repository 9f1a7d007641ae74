<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use KeenShadow\Core\Audience\GlassesSum;

/** Who comes, who of them may look directly, and how many pairs of glasses that takes. */
final readonly class AudiencePage
{
    /**
     * @param list<GroupRow> $groups
     * @param int $people of all groups
     * @param int $direct of those groups that may look through glasses
     * @param int $fit pairs that are fit today
     */
    private function __construct(
        public array $groups,
        public int $people,
        public int $direct,
        public int $fit,
        public GlassesSum $sum,
    ) {}

    /** @param callable(int): GlassesSum $sum for so many people */
    public static function of(Event $event, int $fit, callable $sum): self
    {
        $rows = array_values($event->audienceGroups()->orderBy('name')->get()->map(static fn(AudienceGroup $group): GroupRow => GroupRow::of($group, $event->policy))->all());
        $direct = self::people(array_filter($rows, static fn(GroupRow $row): bool => $row->looksDirectly()));

        return new self(groups: $rows, people: self::people($rows), direct: $direct, fit: $fit, sum: $sum($direct));
    }

    /** @param array<int, GroupRow> $rows */
    private static function people(array $rows): int
    {
        return array_sum(array_map(static fn(GroupRow $row): int => $row->group->people, $rows));
    }
}
