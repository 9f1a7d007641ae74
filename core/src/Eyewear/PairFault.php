<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;

/** What a trained checker may find on one pair of eclipse glasses. */
enum PairFault: string
{
    case Scratch = 'scratch';
    case Hole = 'hole';
    case Crease = 'crease';
    case FilmLifting = 'film_lifting';
    case LensLoose = 'lens_loose';
    case FrameTorn = 'frame_torn';
    case SecondLight = 'second_light';
    case SeeThrough = 'see_through';
    case Dirt = 'dirt';
    case DoesNotStayOn = 'does_not_stay_on';

    public function finding(): Finding
    {
        return match ($this) {
            self::Scratch => self::withdraw('The lens is scratched: the dark coat is the filter.'),
            self::Hole => self::withdraw('There is a hole in the lens. Holes are not patched, not even with varnish.'),
            self::Crease => self::withdraw('The lens is creased; the coat breaks along a crease.'),
            self::FilmLifting => self::withdraw('The film lifts from its backing.'),
            self::LensLoose => self::withdraw('The lens is loose in the frame, so light comes past it.'),
            self::FrameTorn => self::withdraw('The frame is torn, so light comes past the lens.'),
            self::SecondLight => self::withdraw('A second point of light stands beside the Sun or the lamp: that is a hole.'),
            self::SeeThrough => self::withdraw('More than a very bright lamp can be seen through it indoors: it is too light.'),
            self::Dirt => new Finding(
                Level::Hold,
                'The lens is dirty, so a scratch could hide.',
                'Clean it as its maker says, then look it over again.',
                Source::CommonPractice,
                rule: 'whole',
            ),
            self::DoesNotStayOn => new Finding(
                Level::Hold,
                'It does not stay on or does not cover the eyes.',
                'Give it to someone it fits, or set it in a face shield.',
                Source::CommonPractice,
                rule: 'kept-on',
            ),
        };
    }

    /** Whether the pair may be fit again afterwards: dirt comes off, and it fits somebody else; a scratch does not heal. */
    public function canBePutRight(): bool
    {
        return $this === self::Dirt || $this === self::DoesNotStayOn;
    }

    /** What the rule book calls it; of one that does not stay on it asks otherwise. */
    public function flaw(): string
    {
        return match ($this) {
            self::LensLoose => 'loose',
            self::FrameTorn => 'torn_frame',
            self::SecondLight => 'second_point',
            default => $this->value,
        };
    }

    private static function withdraw(string $reason): Finding
    {
        return new Finding(Level::No, $reason, 'Cut through both lenses so that nobody can use it.', Source::CommonPractice, rule: 'whole');
    }
}
