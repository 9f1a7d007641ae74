<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Spectrum\Lens;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;

/** What is answered about a lot, and found on a pair: short words for the buttons; the full reason stands in the rule. */
final class EyewearWords
{
    /**
     * @param list<Stated|PrintedStandard|Origin|TestReport> $cases
     *
     * @return array<string, string> words by the case's value
     */
    public static function answers(array $cases): array
    {
        $answers = [];
        foreach ($cases as $case) {
            $answers[$case->value] = self::answer($case);
        }

        return $answers;
    }

    private static function answer(Stated|PrintedStandard|Origin|TestReport $case): string
    {
        return match ($case) {
            Stated::Yes => __('yes'),
            Stated::No => __('no'),
            Stated::Unsure => __('not sure'),
            PrintedStandard::Iso12312 => 'ISO 12312-2',
            PrintedStandard::LogoOnly => __('only ISO or a logo'),
            PrintedStandard::Another => __('another standard'),
            Origin::CheckedSupplier => __('a supplier we have checked'),
            Origin::Maker => __('the maker'),
            Origin::WebShop => __('a web shop or market place'),
            Origin::Unknown => __('a gift, or not known'),
            TestReport::ProductAndBatch => __('names this product and batch'),
            TestReport::ProductOnly => __('names this product'),
            TestReport::SomethingElse => __('is for something else'),
            PrintedStandard::None, TestReport::None => __('none'),
        };
    }

    /** The key that marks a fault: 1 … 9 and 0 in the order of the list. */
    public static function lens(Lens $lens): string
    {
        return match ($lens) {
            Lens::Right => __('right lens'),
            Lens::Left => __('left lens'),
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

    /** For what pairs are looked over. */
    public static function occasion(Occasion $occasion): string
    {
        return match ($occasion) {
            Occasion::Arrival => __('on arrival'),
            Occasion::Rehearsal => __('for a rehearsal'),
            Occasion::Day => __('on the day'),
        };
    }

    public static function key(PairFault $fault): int
    {
        return ((int) array_search($fault, PairFault::cases(), true) + 1) % 10;
    }

    public static function short(PairFault $fault): string
    {
        return match ($fault) {
            PairFault::Scratch => __('scratch'),
            PairFault::Hole => __('hole'),
            PairFault::Crease => __('crease'),
            PairFault::FilmLifting => __('film lifts'),
            PairFault::LensLoose => __('lens loose'),
            PairFault::FrameTorn => __('frame torn'),
            PairFault::SecondLight => __('second point of light'),
            PairFault::SeeThrough => __('can be seen through'),
            PairFault::Dirt => __('dirt'),
            PairFault::DoesNotStayOn => __('does not stay on'),
        };
    }
}
