<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\Surroundings;

/** What people build to see an image of the Sun (common practice, no source). */
enum Build: string
{
    case TwoCards = 'two_cards';
    case FoilWindow = 'foil_window';
    case Box = 'box';
    case HeadBox = 'head_box';
    case SnackTube = 'snack_tube';
    case MailingTube = 'mailing_tube';
    case ShoulderCard = 'shoulder_card';
    case FoundHoles = 'found_holes';
    case Pattern = 'pattern';
    case Mirror = 'mirror';
    case ReadingLens = 'reading_lens';
    case LensCup = 'lens_cup';
    case Telescope = 'telescope';
    case FoldedProjector = 'folded_projector';

    public function kind(): Kind
    {
        return match ($this) {
            self::Pattern => Kind::Pattern,
            self::Mirror => Kind::Mirror,
            self::ReadingLens, self::LensCup => Kind::Lens,
            self::Telescope, self::FoldedProjector => Kind::Eyepiece,
            default => Kind::Pinhole,
        };
    }

    /** The length that is usual, in millimetres: something that works to begin with, or what is commonly told. */
    public function usualMm(Size $size): ?float
    {
        [$distance, $hole] = match ($this) {
            self::TwoCards => [900.0, 1.2],
            self::FoilWindow => [1000.0, 1.2],
            self::Box => [300.0, 0.6],
            self::HeadBox => [430.0, 0.7],
            self::SnackTube => [230.0, 1.5],
            self::MailingTube => [900.0, 1.2],
            self::ShoulderCard => [2000.0, 6.0],
            self::FoundHoles => [1500.0, 4.0],
            self::Pattern => [2000.0, 4.0],
            self::Mirror => [20000.0, 20.0],
            self::ReadingLens => [1000.0, 10.0],
            self::LensCup => [1000.0, 6.0],
            self::Telescope => [300.0, null],
            self::FoldedProjector => [420.0, null],
        };
        $isFolded = $this === self::FoldedProjector;

        return match ($size) {
            Size::Distance => $distance,
            Size::Hole => $hole,
            Size::Focal => $this->kind() === Kind::Lens ? 1000.0 : null,
            Size::ObjectiveFocal => $isFolded ? 500.0 : 700.0,
            Size::Aperture => $isFolded ? 50.0 : 60.0,
            Size::EyepieceFocal => $isFolded ? 15.0 : 20.0,
            Size::Screen => $this->kind() === Kind::Eyepiece ? 210.0 : null,
            Size::Figure => $this === self::Pattern ? 400.0 : null,
        };
    }

    public function surroundings(): Surroundings
    {
        return match ($this) {
            self::FoundHoles => Surroundings::Open,
            self::Box, self::HeadBox, self::FoldedProjector => Surroundings::Box,
            self::SnackTube, self::MailingTube => Surroundings::LinedTube,
            default => Surroundings::OwnShadow,
        };
    }

    /** Whether its screen is translucent and seen from behind as it is usually built. */
    public function isSeenFromBehind(): bool
    {
        return $this === self::MailingTube;
    }

    /** How many flat mirrors fold the way of the light. */
    public function mirrors(): int
    {
        return match ($this) {
            self::Mirror => 1,
            self::FoldedProjector => 3,
            default => 0,
        };
    }

    /** How many look at the same time. */
    public function atOnce(): int
    {
        return match ($this) {
            self::Box, self::HeadBox, self::SnackTube => 1,
            self::MailingTube, self::LensCup => 2,
            self::TwoCards, self::FoilWindow, self::ShoulderCard, self::ReadingLens => 4,
            self::FoldedProjector => 6,
            self::FoundHoles, self::Pattern, self::Telescope => 20,
            self::Mirror => 60,
        };
    }

    /** The way of following an eclipse that it is, by the word that the audience's methods have. */
    public function method(): string
    {
        return match (true) {
            $this->kind() === Kind::Mirror => 'mirror',
            $this->kind() === Kind::Lens, $this->kind() === Kind::Eyepiece => 'projection',
            in_array($this, [self::Box, self::HeadBox, self::SnackTube], true) => 'box',
            default => 'card',
        };
    }

    /** About what one costs where nothing is at hand, in euros or dollars (own judgement). */
    public function cost(): float
    {
        return match ($this) {
            self::FoundHoles => 0.0,
            self::TwoCards, self::FoilWindow, self::ShoulderCard, self::Box, self::HeadBox, self::SnackTube => 0.5,
            self::Pattern => 4.0,
            self::LensCup => 4.0,
            self::ReadingLens => 6.0,
            self::Mirror => 10.0,
            self::MailingTube => 20.0,
            self::Telescope => 60.0,
            self::FoldedProjector => 80.0,
        };
    }

    /** Whether each has one of their own, as many as there are people. */
    public function isForEach(): bool
    {
        return in_array($this, [self::TwoCards, self::FoilWindow, self::Box, self::HeadBox, self::SnackTube], true);
    }

    /** Minutes to make one, its parts being there (own judgement). */
    public function minutes(): int
    {
        return match ($this) {
            self::FoundHoles => 1,
            self::ShoulderCard => 5,
            self::TwoCards, self::Mirror => 10,
            self::FoilWindow, self::ReadingLens => 15,
            self::LensCup, self::Box => 20,
            self::SnackTube, self::HeadBox, self::Telescope => 30,
            self::Pattern => 45,
            self::MailingTube => 90,
            self::FoldedProjector => 240,
        };
    }

    /** @return non-empty-list<Thing> any of which it can be made of; tape, foil, paper and a pin are taken for granted */
    public function takes(): array
    {
        return match ($this) {
            self::TwoCards, self::ShoulderCard, self::Pattern => [Thing::Card],
            self::FoilWindow => [Thing::Foil],
            self::Box => [Thing::Box],
            self::HeadBox => [Thing::LargeBox],
            self::SnackTube => [Thing::SnackTube],
            self::MailingTube => [Thing::LongTube],
            self::FoundHoles => [Thing::Sieve],
            self::Mirror => [Thing::FlatMirror],
            self::ReadingLens => [Thing::ReadingLens],
            self::LensCup => [Thing::Cup],
            self::Telescope => [Thing::Telescope],
            self::FoldedProjector => [Thing::SmallMirrors],
        };
    }
}
