<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Audience\Group;

/**
 * What the chosen methods of all groups take together. Things of which each person needs one are added up; what goes from
 * group to group counts once, as often as the largest group needs it. Quantities are own judgement where nothing else is said.
 */
final class ShoppingList
{
    /**
     * @param list<array{Group, list<Method>}> $chosen
     * @param bool $needsSheet whether the ground takes no image
     *
     * @return array<string, int> how many, by the supply's value, in the order of Supply
     */
    public static function of(array $chosen, bool $needsSheet): array
    {
        $needs = $looking = [];
        foreach ($chosen as [$group, $methods]) {
            $ofGroup = [];
            foreach ($methods as $method) {
                foreach (self::for($method, $group, $needsSheet) as $supply => $count) {
                    $ofGroup[$supply] = ($ofGroup[$supply] ?? 0) + $count;
                }
                if ($method === Method::Glasses) {
                    $looking[] = $group->people;
                }
            }
            foreach ($ofGroup as $supply => $count) {
                $needs[$supply] = Supply::from($supply)->isShared() ? max($needs[$supply] ?? 0, $count) : ($needs[$supply] ?? 0) + $count;
            }
        }
        // All who look share one tray of glasses: the sum is made once.
        $pairs = GlassesSum::usual(min(GlassesSum::MOST_PEOPLE, array_sum($looking)))->needed();
        $needs += $pairs > 0 ? [Supply::Glasses->value => $pairs] : [];
        $inOrder = [];
        foreach (Supply::cases() as $supply) {
            if (isset($needs[$supply->value])) {
                $inOrder[$supply->value] = $needs[$supply->value];
            }
        }

        return $inOrder;
    }

    /** @return array<string, int> */
    private static function for(Method $method, Group $group, bool $needsSheet): array
    {
        $each = static fn(int $people): int => (int) ceil($group->people / $people);
        $stations = $each($method->atOnce());

        return match ($method) {
            Method::Glasses => [],
            Method::Banner => [Supply::Banner->value => 1],
            Method::Telescope => [Supply::Telescope->value => 1, Supply::FrontFilter->value => 1, Supply::FinderCaps->value => 1, Supply::Tape->value => 1],
            Method::Projection => [Supply::Telescope->value => 1, Supply::ProjectionScreen->value => 1, Supply::FinderCaps->value => 1, Supply::MarkedRope->value => 1] + ($needsSheet ? [Supply::WhiteSheet->value => 1] : []),
            Method::Mirror => [Supply::FlatMirror->value => 1, Supply::MirrorCard->value => 1, Supply::MarkedRope->value => 1],
            Method::Box => [Supply::Box->value => $group->people, Supply::Foil->value => $group->people, Supply::WhitePaper->value => $group->people, Supply::Pin->value => $each(5), Supply::Tape->value => $each(10), Supply::Knife->value => 1],
            Method::Card => [Supply::CardPair->value => $stations] + ($needsSheet ? [Supply::WhiteSheet->value => (int) ceil($stations / 4)] : []),
            Method::PhaseStrip => [Supply::PhaseStrip->value => max(1, $group->lowVision), Supply::Felt->value => max(1, $group->lowVision), Supply::Glue->value => 1],
        };
    }
}
