<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Eyewear\Spectrum\Clause;
use KeenShadow\Core\Eyewear\Spectrum\Lens;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Eyewear\StockMove;

/** What is found on a pair and in a scan: short words for the buttons; the full reason stands in the rule. */
final class EyewearWords
{
    public static function lens(Lens $lens): string
    {
        return match ($lens) {
            Lens::Right => __('right lens'),
            Lens::Left => __('left lens'),
        };
    }

    public static function clause(Clause $clause): string
    {
        return match ($clause) {
            Clause::Luminous => __('Luminous'),
            Clause::Uva => __('UV-A'),
            Clause::Uvb => __('UV-B'),
            Clause::Infrared => __('Infrared'),
            Clause::RightLeft => __('Right and left'),
        };
    }

    public static function outcome(Outcome $outcome): string
    {
        return match ($outcome) {
            Outcome::Met => __('met'),
            Outcome::NotMet => __('not met'),
            Outcome::Undecided => __('undecided'),
            Outcome::NotTested => __('not tested'),
        };
    }

    /** @return array<string, string> by what may happen to pairs of a group */
    public static function moves(): array
    {
        return [StockMove::Out->value => __('handed out'), StockMove::Back->value => __('came back'), StockMove::Lost->value => __('lost')];
    }

    /** For what pairs are looked over. */
    public static function occasion(Occasion $occasion): string
    {
        return match ($occasion) {
            Occasion::Arrival => __('on arrival'),
            Occasion::Rehearsal => __('for a rehearsal'),
            Occasion::Day => __('on the day'),
        };
    }

    /** @return array<string, int> by fault, the key that marks it: 1 … 9 and 0 in the order of the kind's list */
    public static function keys(Kind $kind): array
    {
        $keys = [];
        foreach ($kind->faults() as $i => $fault) {
            $keys[$fault->value] = ($i + 1) % 10;
        }

        return $keys;
    }

    public static function short(PairFault $fault): string
    {
        return match ($fault) {
            PairFault::Scratch => __('scratch'),
            PairFault::Hole => __('hole or crack'),
            PairFault::Crease => __('crease'),
            PairFault::FilmLifting => __('film lifts'),
            PairFault::LensLoose => __('loose in its frame'),
            PairFault::FrameTorn => __('frame torn'),
            PairFault::SecondLight => __('second point of light'),
            PairFault::SeeThrough => __('can be seen through'),
            PairFault::Dirt => __('dirt'),
            PairFault::DoesNotStayOn => __('does not stay on'),
            PairFault::NotOnTheFront => __('not on the front'),
            PairFault::NotFixed => __('not taped or screwed'),
            PairFault::FinderOpen => __('finder not capped'),
        };
    }
}
