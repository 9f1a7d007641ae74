<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** What a lot is: three builds of glasses, other things for the naked eye, and filters of instruments. */
enum Kind: string
{
    case CardGlasses = 'card_glasses';
    case PlasticGlasses = 'plastic_glasses';
    case CloseFitting = 'close_fitting';
    case FaceShield = 'face_shield';
    case HandheldViewer = 'handheld_viewer';
    case WeldingPlate = 'welding_plate';
    case WeldingHelmet = 'welding_helmet';
    case FilterFilm = 'filter_film';
    case FrontFilter = 'front_filter';
    case SolarBinoculars = 'solar_binoculars';

    /** Whether it is what ISO 12312-2 is about: a filter worn or held for looking at the Sun. */
    public function isEclipseGlasses(): bool
    {
        return match ($this) {
            self::CardGlasses, self::PlasticGlasses, self::CloseFitting, self::FaceShield, self::HandheldViewer => true,
            default => false,
        };
    }

    public function isWelding(): bool
    {
        return $this === self::WeldingPlate || $this === self::WeldingHelmet;
    }

    /** Whether it belongs on the front of an instrument. */
    public function isForInstruments(): bool
    {
        return !$this->isEclipseGlasses() && !$this->isWelding();
    }

    /** @return list<Question> what is asked of it, in the order of the form; where it came from is asked of everything */
    public function questions(): array
    {
        $papers = [Question::MakerName, Question::MakerAddress, Question::Instructions, Question::Warnings, Question::ExpiresOn, Question::TestReport];

        return match ($this) {
            self::CardGlasses, self::PlasticGlasses, self::CloseFitting => [
                ...$papers, Question::PrintedStandard, Question::LensWidth, Question::LensHeight, Question::OverSpectacles, Question::BlocksSideLight, Question::WornBy,
            ],
            self::FaceShield, self::HandheldViewer => [...$papers, Question::PrintedStandard, Question::LensWidth, Question::LensHeight, Question::OverSpectacles, Question::WornBy],
            self::WeldingPlate, self::WeldingHelmet => [Question::MakerName, Question::Shade, Question::Darkening],
            self::FilterFilm, self::FrontFilter => [...$papers, Question::MadeFor, Question::Opening],
            self::SolarBinoculars => $papers,
        };
    }

    public function asks(Question $question): bool
    {
        return in_array($question, $this->questions(), true);
    }

    /** @return list<PairFault> what may be found on one of them, the most frequent first */
    public function faults(): array
    {
        $coat = [PairFault::Scratch, PairFault::Hole];
        $film = [...$coat, PairFault::Crease, PairFault::FilmLifting];
        $worn = [...$film, PairFault::LensLoose, PairFault::FrameTorn, PairFault::SecondLight, PairFault::SeeThrough, PairFault::Dirt, PairFault::DoesNotStayOn];
        $mounted = [...$film, PairFault::LensLoose, PairFault::SecondLight, PairFault::Dirt, PairFault::NotOnTheFront, PairFault::NotFixed, PairFault::FinderOpen];

        return match ($this) {
            self::CardGlasses, self::PlasticGlasses, self::CloseFitting, self::FaceShield => $worn,
            self::HandheldViewer => [...$film, PairFault::LensLoose, PairFault::FrameTorn, PairFault::SecondLight, PairFault::SeeThrough, PairFault::Dirt],
            self::WeldingPlate => [...$coat, PairFault::SeeThrough, PairFault::Dirt],
            self::WeldingHelmet => [...$coat, PairFault::LensLoose, PairFault::SeeThrough, PairFault::Dirt, PairFault::DoesNotStayOn],
            self::FilterFilm => [...$film, PairFault::SecondLight, PairFault::Dirt],
            self::FrontFilter => $mounted,
            self::SolarBinoculars => [...$coat, PairFault::LensLoose, PairFault::SecondLight, PairFault::Dirt],
        };
    }

    /** @return array{float, float}|null usual width and height of a lens in millimetres (common practice, no source) */
    public function usualLensMm(): ?array
    {
        return match ($this) {
            self::CardGlasses => [42.0, 26.0],
            self::PlasticGlasses => [41.0, 38.0],
            self::CloseFitting => [49.0, 41.0],
            default => null,
        };
    }
}
