<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Rules\Book\Projection;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\ImageQuality;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Measure;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewersSubject;

/** Whether a viewer shows the Sun well, and what to change; whether an eye may look at it is the rule book's matter. */
final readonly class Judgement
{
    /** A disc smaller than this is hard to see at arm's length (own judgement). */
    public const SMALLEST_IMAGE_MM = 2.5;
    /** Contrast against the stray light below which an image is hard to see, and not seen at all (own judgement). */
    public const LEAST_CONTRAST = 0.1;
    public const NO_CONTRAST = 0.02;
    /** Brighter than this many times paper in the Sun an image dazzles (own judgement). */
    public const MOST_SUNS = 3.0;

    private function __construct(
        private Design $design,
        private Light $light,
        private ThrownImage $image,
    ) {}

    public static function of(Design $design, Light $light): Verdict
    {
        $judged = new self($design, $light, $design->image($light));

        $heat = $judged->heat();
        $findings = array_values(array_filter([$heat, $judged->shape(), $judged->size(), $judged->contrast(), ...$judged->projection()]));
        $isHot = $heat !== null && array_filter($findings, static fn(Finding $finding): bool => $finding->level->isWorseThan($heat->level)) === [];

        return Verdict::of(
            $isHot ? ViewersSubject::HotViewer : ViewersSubject::Viewer,
            $findings,
            Finding::measured(
                Measure::DetailsAcross,
                Level::Yes,
                'The disc is large and sharp enough to show a bite.',
                'Try it on an ordinary sunny day before the eclipse.',
            ),
        );
    }

    private function shape(): ?Finding
    {
        $isLens = $this->design->kind() === Kind::Lens;
        $isSoft = $this->image->detailsAcross() < ImageQuality::FEWEST_DETAILS;
        $isOfTheHole = $this->image->geometricBlurMm > $this->image->diffractionBlurMm;

        return match (true) {
            $isLens && $isSoft && $isOfTheHole => Finding::measured(Measure::ScreenInFocus, Level::Hold, 'The screen is out of the lens\'s focus: a crescent looks like a blob.', 'Move the screen until the edge of the Sun is sharp.'),
            !$this->image->showsTheSun() => Finding::measured(
                Measure::ImageWiderThanHole,
                Level::No,
                'The hole is wider than the Sun\'s image: the patch of light has the hole\'s shape and shows no bite.',
                'Make the hole smaller, or the way to the screen longer.',
            ),
            $isSoft => Finding::measured(
                Measure::DetailsAcross,
                Level::Hold,
                'The picture is so soft that a crescent looks like a blob.',
                $isOfTheHole ? 'Make the hole smaller, or the way to the screen longer.' : 'Make the hole larger, or the way to the screen longer.',
            ),
            default => null,
        };
    }

    private function size(): ?Finding
    {
        return $this->image->diameterMm >= self::SMALLEST_IMAGE_MM ? null : Finding::measured(
            Measure::ImageLargeEnough,
            Level::Hold,
            'The image is very small.',
            'Make the way to the screen longer: the image grows with the distance.',
        );
    }

    private function contrast(): ?Finding
    {
        $contrast = $this->image->contrast($this->design->surroundings);

        return match (true) {
            $this->image->suns() > self::MOST_SUNS => Finding::measured(Measure::ImageNotDazzling, Level::Hold, 'The image is so bright that it dazzles.', 'Put a card with a smaller hole over the front, or move the screen away.'),
            $contrast >= self::LEAST_CONTRAST => null,
            $contrast >= self::NO_CONTRAST => Finding::measured(Measure::ImageInStrayLight, Level::Hold, 'The light of day on the screen washes the image out.', 'Shade the screen: by your own shadow, a box, a lined tube. Or make the hole larger.'),
            default => Finding::measured(Measure::ImageInStrayLight, Level::No, 'The light of day on the screen drowns the image.', 'Shade the screen: by your own shadow, a box, a lined tube. Or make the hole larger.'),
        };
    }

    /** Heat that the book refuses, or lets be under conditions, with what would take it away. */
    private function heat(): ?Finding
    {
        $suns = $this->image->suns();
        $isThrownByGlass = $this->design->kind() === Kind::Eyepiece || $this->design->kind() === Kind::Lens;
        if (!$isThrownByGlass || $suns <= Projection::WARM_SUNS) {
            return null;
        }
        $scorches = $suns >= Projection::SCORCHING_SUNS;
        $farMm = $this->design->kind() === Kind::Eyepiece ? $this->design->projection($this->light)->distanceForSunsMm(Projection::WARM_SUNS) : null;

        return new Finding(
            $scorches ? Level::No : Level::Hold,
            $scorches ? 'The light on the screen is :suns times direct sunlight: it scorches paper and sets it on fire.' : 'The light on the screen is :suns times direct sunlight: it hurts a hand.',
            $farMm === null ? 'Put a card with a smaller hole over the lens.' : 'Move the screen to :mm mm from the eyepiece, or farther.',
            Source::OwnJudgement,
            'screen-not-scorched',
            ['suns' => round($suns, $suns < 10 ? 1 : 0), 'mm' => $farMm === null ? null : ceil($farMm)],
        );
    }

    /** @return list<Finding> */
    private function projection(): array
    {
        if ($this->design->kind() !== Kind::Eyepiece) {
            return [];
        }
        $findings = [];
        $screenMm = $this->design->mm(Size::Screen);
        if ($screenMm !== null && $screenMm < $this->image->diameterMm) {
            $findings[] = Finding::measured(Measure::ImageOnTheScreen, Level::Hold, 'The image is wider than the screen.', 'Bring the screen nearer, or take an eyepiece of a longer focal length.');
        }
        if (!$this->design->projection($this->light)->takesWholeSun()) {
            $findings[] = Finding::measured(Measure::WholeSunInTheEyepiece, Level::Hold, 'The eyepiece does not take the whole Sun in.', 'Take an eyepiece of a longer focal length.');
        }

        return $findings;
    }
}
