<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Rules\Book\Projection;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\EyepieceProjection;
use KeenShadow\Core\Viewers\Optics\FoldedPath;
use KeenShadow\Core\Viewers\Optics\Lens;
use KeenShadow\Core\Viewers\Optics\Pinhole;
use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\Pattern\HolePattern;
use KeenShadow\Core\Viewers\Pattern\Outline;
use KeenShadow\Core\Viewers\ScreenSide;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\Surroundings;
use KeenShadow\Core\Viewers\Turn;
use KeenShadow\Core\Viewers\ViewerException;

/** A viewer as somebody means to build it: what it is, its lengths, where its screen is and how it will be handled. */
final readonly class Design
{
    /**
     * @param array<string, float> $sizesMm by the name of the size, all that the kind must have
     * @param string|null $instrument of the rule book; null while nobody has said
     * @param string|null $eyepiece as the rule book has it
     * @param array<string, bool|string> $handling parts of a situation that the crew sees to
     * @param string $text that a pattern of holes spells
     * @param Outline|null $outline that it draws instead
     */
    public function __construct(
        public Build $build,
        public array $sizesMm,
        public Surroundings $surroundings,
        public HoleShape $shape,
        public ScreenSide $side,
        public ?string $instrument,
        public ?string $eyepiece,
        public array $handling,
        public string $text,
        public ?Outline $outline,
    ) {}

    /** @return float|null millimetres; null where it has none */
    public function mm(Size $size): ?float
    {
        return $this->sizesMm[$size->value] ?? null;
    }

    /** The same with another length. */
    public function with(Size $size, float $mm): self
    {
        return $this->remade([$size->value => $mm] + $this->sizesMm, $this->surroundings);
    }

    /** The same with its screen elsewhere. */
    public function in(Surroundings $surroundings): self
    {
        return $this->remade($this->sizesMm, $surroundings);
    }

    /** The opening that lets the light in: what sharpness and brightness hang on most. */
    public function opening(): Size
    {
        return $this->kind() === Kind::Eyepiece ? Size::Aperture : Size::Hole;
    }

    public function kind(): Kind
    {
        return $this->build->kind();
    }

    /** @throws ViewerException when it cannot be built */
    public function image(Light $light): ThrownImage
    {
        return $this->optics($light)->image();
    }

    /** @throws ViewerException when it cannot be built */
    public function optics(Light $light): Pinhole|Lens|EyepieceProjection
    {
        return match ($this->kind()) {
            Kind::Pinhole, Kind::Mirror, Kind::Pattern => Pinhole::of($this->needed(Size::Distance), $this->needed(Size::Hole), $light, $this->shape),
            Kind::Lens => Lens::of($this->needed(Size::Distance), $this->needed(Size::Hole), $this->needed(Size::Focal), $light),
            Kind::Eyepiece => $this->projection($light),
        };
    }

    /** @throws ViewerException when it cannot be built */
    public function projection(Light $light): EyepieceProjection
    {
        return EyepieceProjection::of(
            $this->needed(Size::Distance),
            $this->needed(Size::ObjectiveFocal),
            $this->needed(Size::Aperture),
            $this->needed(Size::EyepieceFocal),
            $light,
        );
    }

    /**
     * Its holes, where it is a pattern of them.
     *
     * @throws ViewerException when there are no dots for a letter, or too many holes
     */
    public function pattern(Light $light): HolePattern
    {
        return $this->outline === null
            ? HolePattern::spelling($this->text, $this->image($light))
            : HolePattern::along($this->outline, $this->needed(Size::Figure), $this->image($light));
    }

    /** The way of the light inside a box, from the objective through the eyepiece to the screen, folded by mirrors into equal legs. */
    public function path(): FoldedPath
    {
        return $this->kind() === Kind::Eyepiece
            ? FoldedPath::evenly($this->needed(Size::ObjectiveFocal) + $this->needed(Size::EyepieceFocal) + $this->needed(Size::Distance), $this->build->mirrors())
            : FoldedPath::evenly($this->needed(Size::Distance), 0);
    }

    /**
     * How the image stands. Of a mirror and of a Newtonian it hangs also on how they are turned: here the mirror stands upright and
     * throws sideways, and the Newtonian's eyepiece is taken for one that looks down its tube.
     */
    public function turn(): Turn
    {
        $turn = $this->side->turn();
        if ($this->kind() === Kind::Eyepiece) {
            // The prisms of a binocular undo what its eyepiece does.
            $turn = $this->instrument === 'binocular' ? $turn : $turn->halfTurned();
        }

        return $this->build->mirrors() % 2 === 1 ? $turn->mirrored() : $turn;
    }

    /**
     * A look at its image, for the rule book to be asked about; what nobody has told stays unknown. Heat is reckoned for a clear sky.
     *
     * @throws ViewerException when it cannot be built
     */
    public function situation(Light $light): Situation
    {
        $suns = $this->image($light)->suns();

        return Situation::of($this->handling + match ($this->kind()) {
            Kind::Pinhole, Kind::Pattern => ['look' => 'pinhole_screen', 'filter' => 'none', 'instrument' => 'none'],
            Kind::Mirror => $this->instrument === 'curved_mirror'
                ? ['look' => 'projected', 'filter' => 'none', 'instrument' => 'curved_mirror']
                : ['look' => 'pinhole_screen', 'filter' => 'none', 'instrument' => 'flat_mirror'],
            Kind::Lens => [
                'look' => 'projected', 'filter' => 'none', 'instrument' => $this->needed(Size::Focal) < Projection::READING_LENS_MM ? 'magnifier' : 'reading_lens',
                'aperture_mm' => $this->needed(Size::Hole), 'screen_suns' => $suns,
            ],
            Kind::Eyepiece => ['look' => 'projected', 'filter' => 'none', 'instrument' => $this->instrument, 'eyepiece' => $this->eyepiece, 'aperture_mm' => $this->needed(Size::Aperture), 'screen_suns' => $suns],
        });
    }

    /** @param array<string, float> $sizesMm */
    private function remade(array $sizesMm, Surroundings $surroundings): self
    {
        return new self(
            build: $this->build,
            sizesMm: $sizesMm,
            surroundings: $surroundings,
            shape: $this->shape,
            side: $this->side,
            instrument: $this->instrument,
            eyepiece: $this->eyepiece,
            handling: $this->handling,
            text: $this->text,
            outline: $this->outline,
        );
    }

    private function needed(Size $size): float
    {
        return $this->mm($size) ?? throw ViewerException::missing($size->value);
    }
}
