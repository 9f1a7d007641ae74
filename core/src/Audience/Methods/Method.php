<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\RuleBook;
use KeenShadow\Core\Rules\Situation;

/** The ways in which a group can follow an eclipse. What each takes is common practice where nothing else is said. */
enum Method: string
{
    case Glasses = 'glasses';
    case Banner = 'banner';
    case Box = 'box';
    case Card = 'card';
    case Mirror = 'mirror';
    case Projection = 'projection';
    case Telescope = 'telescope';
    case PhaseStrip = 'phase_strip';

    /**
     * How it is done well, as the rule book asks: all that the crew can see to.
     *
     * @return array<string, bool|float|string|list<string>>|null null where nobody looks at anything
     */
    private function situation(): ?array
    {
        $checked = ['verdict' => 'fit', 'lot' => 'in_order', 'flaw' => [], 'stacked' => false];
        $crewed = ['attended' => true, 'mounted' => 'tripod', 'finder' => 'capped_both', 'people_in_beam' => false];

        return match ($this) {
            self::Glasses, self::Banner => ['look' => 'direct', 'filter' => 'eclipse_glasses', 'at' => 'eye', 'instrument' => 'none', 'spectacles' => 'under'] + $checked,
            self::Box, self::Card => ['look' => 'pinhole_screen', 'instrument' => 'none'],
            self::Mirror => ['look' => 'pinhole_screen', 'instrument' => 'flat_mirror'] + $crewed,
            self::Projection => ['look' => 'projected', 'instrument' => 'refractor', 'filter' => 'none', 'eyepiece' => 'uncemented', 'aperture_mm' => 60.0, 'screen_suns' => 1.0] + $crewed,
            self::Telescope => ['look' => 'through_optics', 'instrument' => 'refractor', 'filter' => 'visual_front', 'at' => 'front', 'fixing' => 'taped', 'checked_against_sun' => true] + $checked + $crewed,
            // It is felt and heard.
            self::PhaseStrip => null,
        };
    }

    /**
     * What the rule book says of it, done well, for a group under a policy; null where nobody looks at anything.
     *
     * @param array<string, bool> $more that is known of the situation
     */
    public function answer(RuleBook $book, Group $group, ?Policy $policy, array $more = []): ?Answer
    {
        $done = $this->situation();
        $asked = ['person' => $group->band->inTheBook(), 'keeps_on' => !$group->peeks, 'policy' => $policy?->inTheBook($this === self::Banner)];

        return $done === null ? null : $book->ask(Situation::of($more + $asked + $done));
    }

    public function isRefused(RuleBook $book, Group $group, ?Policy $policy): bool
    {
        return $this->answer($book, $group, $policy)?->permission === Permission::No;
    }

    /** Whether the rule book refuses it, done well in all else, as soon as nobody of the crew stands there. */
    public function isNeverAlone(RuleBook $book): bool
    {
        $done = $this->situation();
        $asked = ['person' => AgeBand::Adult->inTheBook(), 'keeps_on' => true, 'policy' => null, 'attended' => false];

        return $done !== null && $book->ask(Situation::of($asked + $done))->permission === Permission::No;
    }

    /** Whether each who looks has an adult of their own: the book, all else done well, refuses a look that nobody watches, and not one that somebody does. */
    public function isWatchedEach(RuleBook $book, Group $group, ?Policy $policy): bool
    {
        $watched = fn(bool $is): ?Permission => $this->answer($book, $group, $policy, ['watched' => $is])?->permission;

        return $watched(false) === Permission::No && $watched(true) !== Permission::No;
    }

    /**
     * Helpers whom a group takes there, besides the adults who come with it: for each who looks at a time one where the book asks for that, else as many as
     * can look after all of them.
     *
     * @param int|null $atOnce how many look at the same time; null as usual
     */
    public function helpersFor(RuleBook $book, Group $group, ?Policy $policy, ?int $atOnce = null): int
    {
        $usual = (int) ceil($group->people / $this->peoplePerHelper());

        return $this->isWatchedEach($book, $group, $policy) ? max($usual, min($group->people, $atOnce ?? $this->atOnce()) - $group->adults) : $usual;
    }

    /** How many follow it at one station at the same time. */
    public function atOnce(): int
    {
        return match ($this) {
            self::Glasses, self::PhaseStrip => 10,
            self::Banner => 4,
            self::Box, self::Telescope => 1,
            self::Card => 8,
            self::Projection => 20,
            self::Mirror => 60,
        };
    }

    /** Whether each has one of their own, as many as there are people. */
    public function isForEach(): bool
    {
        return $this === self::Box;
    }

    /** Days to get it where it is not at hand: to order it, or to build it in an hour or two (own judgement). */
    public function daysToGet(): int
    {
        return match ($this) {
            self::Glasses, self::Banner => 21,
            self::Telescope => 14,
            self::Projection, self::Mirror => 3,
            self::Box, self::PhaseStrip => 1,
            self::Card => 0,
        };
    }

    /** @return list<Kit> one of which it takes; none where kitchen things do, or glasses */
    public function takes(): array
    {
        return match ($this) {
            self::Banner => [Kit::Banner],
            self::Telescope => [Kit::FilteredTelescope],
            self::Projection => [Kit::Refractor, Kit::Binocular],
            self::Mirror => [Kit::FlatMirror],
            self::Glasses, self::Box, self::Card, self::PhaseStrip => [],
        };
    }

    /** How many people one of the crew can look after at it, where nobody needs one for themselves. */
    public function peoplePerHelper(): int
    {
        return match ($this) {
            self::Glasses, self::Card => 30,
            self::Box => 15,
            self::Banner, self::Projection => 25,
            self::Telescope => 20,
            self::Mirror => 60,
            self::PhaseStrip => 6,
        };
    }

    /** About what it costs where it is not at hand, in euros or dollars: a thing, and for each person (own judgement). */
    public function cost(int $people): float
    {
        return match ($this) {
            self::Glasses => 2.0 * $people / 10,
            self::Banner => 40.0,
            self::Telescope => 80.0,
            self::Projection => 60.0,
            self::Mirror => 10.0,
            self::Box => 0.5 * $people,
            self::Card => 0.1 * $people,
            self::PhaseStrip => 2.0,
        };
    }
}
