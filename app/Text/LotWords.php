<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Eyewear\Darkening;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\MadeFor;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Question;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\SupplierStanding;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Eyewear\Wearer;

/** What is asked about a lot and answered. */
final class LotWords
{
    public static function question(Question $question): string
    {
        return match ($question) {
            Question::MakerName => __('Is the maker named on it?'),
            Question::MakerAddress => __('Is the maker\'s address given?'),
            Question::PrintedStandard => __('Which standard is printed?'),
            Question::Instructions => __('Are there instructions for use?'),
            Question::Warnings => __('Are the warnings there?'),
            Question::ExpiresOn => __('Expiry date, if one is printed'),
            Question::TestReport => __('Which test report do you have?'),
            Question::MadeFor => __('What is it made for?'),
            Question::Shade => __('Which shade number is stamped on it?'),
            Question::Darkening => __('Is it always as dark?'),
            Question::LensWidth => __('Width of a lens, mm'),
            Question::LensHeight => __('Height of a lens, mm'),
            Question::OverSpectacles => __('Does it go over spectacles?'),
            Question::BlocksSideLight => __('Does it keep out light from the sides?'),
            Question::WornBy => __('Whose face does it fit?'),
            Question::Opening => __('Width of the filter, mm'),
        };
    }

    public static function hint(Question $question, Kind $kind): string
    {
        $usual = $kind->usualLensMm();

        return match ($question) {
            Question::Warnings => $kind->isEclipseGlasses() ? __('Never with telescope, binoculars or camera; discard when damaged; how to store') : __('Never at the eyepiece; discard when damaged; how to store'),
            Question::Shade => __('Leave it empty where none is stamped: then it is refused.'),
            Question::Darkening => __('One with a sensor or a battery darkens by itself.'),
            Question::MadeFor => __('Film for photographs is too light for any eye.'),
            Question::LensWidth, Question::LensHeight => $usual === null ? '' : __('Usually about :width wide and :height high', ['width' => (string) $usual[0], 'height' => (string) $usual[1]]),
            Question::OverSpectacles => __('Try it on somebody who wears some.'),
            default => '',
        };
    }

    /** @return array<string, string> the answers to choose from, words by value; none where something is written */
    public static function options(Question $question): array
    {
        return self::answers(match ($question) {
            Question::MakerName, Question::MakerAddress, Question::Instructions, Question::Warnings, Question::OverSpectacles, Question::BlocksSideLight => Stated::cases(),
            Question::PrintedStandard => PrintedStandard::cases(),
            Question::TestReport => TestReport::cases(),
            Question::MadeFor => MadeFor::cases(),
            Question::Darkening => Darkening::cases(),
            Question::WornBy => Wearer::cases(),
            Question::ExpiresOn, Question::Shade, Question::LensWidth, Question::LensHeight, Question::Opening => [],
        });
    }

    /**
     * @param list<Stated|PrintedStandard|Origin|TestReport|MadeFor|Darkening|Wearer|SupplierStanding> $cases
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

    public static function answer(Stated|PrintedStandard|Origin|TestReport|MadeFor|Darkening|Wearer|SupplierStanding $case): string
    {
        return match ($case) {
            Stated::Yes => __('yes'),
            Stated::No => __('no'),
            Stated::Unsure, MadeFor::Unsure, Darkening::Unsure, Wearer::Unsure => __('not sure'),
            PrintedStandard::Iso12312 => 'ISO 12312-2',
            PrintedStandard::LogoOnly => __('only ISO or a logo'),
            PrintedStandard::Another => __('another standard'),
            Origin::Supplier => __('a supplier of our register'),
            Origin::Maker => __('the maker'),
            Origin::WebShop => __('a web shop or market place'),
            Origin::Unknown => __('a gift, or not known'),
            TestReport::ProductAndBatch => __('names this product and batch'),
            TestReport::ProductOnly => __('names this product'),
            TestReport::SomethingElse => __('is for something else'),
            PrintedStandard::None, TestReport::None => __('none'),
            MadeFor::Looking => __('for looking (about OD 5)'),
            MadeFor::Photographs => __('for photographs (about OD 3.8)'),
            Darkening::Fixed => __('fixed'),
            Darkening::Automatic => __('darkens by itself'),
            Wearer::Child => __('children'),
            Wearer::Adult => __('grown faces'),
            Wearer::Anyone => __('both'),
            SupplierStanding::Checked => __('checked, may be bought from'),
            SupplierStanding::NotChecked => __('not checked yet'),
            SupplierStanding::Refused => __('nothing is taken from them'),
        };
    }

    public static function kind(Kind $kind): string
    {
        return match ($kind) {
            Kind::CardGlasses => __('Glasses with a card frame'),
            Kind::PlasticGlasses => __('Glasses with a plastic frame'),
            Kind::CloseFitting => __('Close-fitting glasses'),
            Kind::FaceShield => __('Face shields'),
            Kind::HandheldViewer => __('Hand-held viewers'),
            Kind::WeldingPlate => __('Welding plates'),
            Kind::WeldingHelmet => __('Welding helmets'),
            Kind::FilterFilm => __('Filter film in sheets'),
            Kind::FrontFilter => __('Front filters for instruments'),
            Kind::SolarBinoculars => __('Solar binoculars'),
        };
    }
}
