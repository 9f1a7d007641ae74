<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;

/** What a trained checker may find on one pair of eclipse glasses, or on one of whatever else stands before an eye. */
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
    case NotOnTheFront = 'not_on_the_front';
    case NotFixed = 'not_fixed';
    case FinderOpen = 'finder_open';

    public function finding(): Finding
    {
        return match ($this) {
            self::Scratch => self::withdraw('It is scratched: the dark coat is the filter.'),
            self::Hole => self::withdraw('There is a hole or a crack in it. Holes are not patched, not even with varnish.'),
            self::Crease => self::withdraw('It is creased; the coat breaks along a crease.'),
            self::FilmLifting => self::withdraw('The film lifts from its backing.'),
            self::LensLoose => self::withdraw('It is loose in its frame, so light comes past it.'),
            self::FrameTorn => self::withdraw('The frame is torn, so light comes past the lens.'),
            self::SecondLight => self::withdraw('A second point of light stands beside the Sun or the lamp: that is a hole.'),
            self::SeeThrough => self::withdraw('More than a very bright lamp can be seen through it indoors: it is too light.'),
            self::Dirt => self::hold('whole', 'It is dirty, so a scratch could hide.', 'Clean it as its maker says, then look it over again.'),
            self::DoesNotStayOn => self::hold('kept-on', 'It does not stay on or does not cover the eyes.', 'Give it to someone it fits, or set it in a face shield.'),
            self::NotOnTheFront => self::hold('on-the-front', 'It does not sit over the front, with all the rest of the opening covered.', 'Turn the instrument off the Sun, then set it over the front. A filter that screws into an eyepiece is destroyed.'),
            self::NotFixed => self::hold('held-against-wind', 'It is not screwed or taped on: wind or a knock takes it off.', 'Turn the instrument off the Sun, then tape the filter on.'),
            self::FinderOpen => self::hold('finder-capped', 'The finder is neither off nor capped at both ends.', 'Cap it at both ends, or take it off.'),
        };
    }

    /** Whether it may be fit again afterwards: dirt comes off, it fits somebody else, tape holds it; a scratch does not heal. */
    public function canBePutRight(): bool
    {
        return $this->finding()->level === Level::Hold;
    }

    /** What the rule book calls it; null where it asks of it otherwise. */
    public function flaw(): ?string
    {
        return match ($this) {
            self::LensLoose => 'loose',
            self::FrameTorn => 'torn_frame',
            self::SecondLight => 'second_point',
            self::DoesNotStayOn, self::NotOnTheFront, self::NotFixed, self::FinderOpen => null,
            default => $this->value,
        };
    }

    /** @return array<string, string|bool> what the rule book is told beside flaws, by the part of a situation */
    public function inTheBook(): array
    {
        return match ($this) {
            self::DoesNotStayOn => ['keeps_on' => false],
            self::NotOnTheFront => ['at' => 'behind_optics'],
            self::NotFixed => ['fixing' => 'loose'],
            self::FinderOpen => ['finder' => 'open'],
            default => [],
        };
    }

    private static function hold(string $rule, string $reason, string $nextStep): Finding
    {
        return new Finding(Level::Hold, $reason, $nextStep, Source::CommonPractice, rule: $rule);
    }

    private static function withdraw(string $reason): Finding
    {
        return new Finding(Level::No, $reason, 'Cut through the lenses so that nobody can use it.', Source::CommonPractice, rule: 'whole');
    }
}
