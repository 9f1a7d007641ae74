<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Pattern\Hole;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;

/** The parts of a design in their true size. Boxes and tubes have usual sizes (common practice): who has another one cuts to its own. */
final readonly class Templates
{
    private const CARD = [148.0, 210.0];
    /** Width and height of a shoe or cereal box, and of a copier-paper box. */
    public const BOX = [180.0, 110.0];
    public const HEAD_BOX = [300.0, 280.0];
    public const TUBE_MM = 75.0;
    private const WALL_MM = 2.0;
    private const FOIL_LAP_MM = 12.5;
    private const SUN_FINDER_MM = 200.0;

    private float $holeMm;
    private float $imageMm;

    private function __construct(private Design $design, private Light $light)
    {
        $this->holeMm = (float) $design->mm($design->opening());
        $this->imageMm = $design->image($light)->diameterMm;
    }

    /**
     * @return non-empty-list<Template>
     *
     * @throws ViewerException when it cannot be built
     */
    public static function of(Design $design, Light $light): array
    {
        $parts = new self($design, $light);

        return match ($design->build) {
            Build::TwoCards => [$parts->frontCard(), $parts->screenCard()],
            Build::ShoulderCard => [$parts->drilledCard(), $parts->screenCard()],
            Build::FoundHoles => [$parts->screenCard()],
            Build::FoilWindow => [$parts->windowCard(), $parts->foil(50.0), $parts->screenCard()],
            Build::Box => $parts->box(),
            Build::HeadBox => $parts->headBox(),
            Build::SnackTube => $parts->snackTube(),
            Build::MailingTube => $parts->mailingTube(),
            Build::Pattern => [$parts->pattern()],
            Build::Mirror => [$parts->masked(Part::MirrorMask, 1.5 * $parts->holeMm + 60)],
            Build::ReadingLens => [$parts->disc(Part::LensMask, 70.0), $parts->screenCard()],
            Build::LensCup => [$parts->disc(Part::CupDisc, 60.0), $parts->screenCard()],
            Build::Telescope => $parts->telescope(),
            Build::FoldedProjector => [$parts->disc(Part::ApertureMask, $parts->holeMm + 50), $parts->base(), $parts->screenCard()],
        };
    }

    /** Foil is pricked, a wider hole is cut straight in the card. */
    private function frontCard(): Template
    {
        $card = Template::card(Part::FrontCard, ...self::CARD);

        return $card->round(LineKind::Cut, $card->middle(), 105.0, $this->holeMm)->note(Mark::Hole, $card->middle(), 118.0, $this->holeMm);
    }

    private function drilledCard(): Template
    {
        $card = Template::card(Part::FrontCard, ...self::CARD);

        return $card->round(LineKind::Cut, $card->middle(), 60.0, $this->holeMm)->note(Mark::Hole, $card->middle(), 60.0 + $this->holeMm / 2 + 8, $this->holeMm);
    }

    private function windowCard(): Template
    {
        $card = Template::card(Part::WindowCard, ...self::CARD);
        $middle = $card->middle();

        return $card->rectangle(LineKind::Cut, $middle - 25, 80.0, 50.0, 50.0)->note(Mark::Window, $middle, 140.0, 50.0)
            ->rectangle(LineKind::Guide, $middle - 25 - self::FOIL_LAP_MM, 80.0 - self::FOIL_LAP_MM, 75.0, 75.0)->note(Mark::FoilOver, $middle, 60.0);
    }

    /** @param float $windowMm side of the window that it covers */
    private function foil(float $windowMm): Template
    {
        $side = $windowMm + 2 * self::FOIL_LAP_MM;
        $foil = Template::card(Part::Foil, $side, $side);

        return $foil->rectangle(LineKind::Guide, self::FOIL_LAP_MM, self::FOIL_LAP_MM, $windowMm, $windowMm)
            ->round(LineKind::Cut, $side / 2, $side / 2, $this->holeMm)->note(Mark::Hole, $side / 2, $side / 2 + $this->holeMm / 2 + 6, $this->holeMm);
    }

    private function screenCard(): Template
    {
        $side = max(self::CARD[0], ceil($this->imageMm * 1.2));
        $card = Template::card(Part::ScreenCard, $side, max(self::CARD[1], $side));

        return $card->round(LineKind::Guide, $card->middle(), $card->heightMm / 2, $this->imageMm)->note(Mark::SunImage, $card->middle(), $card->heightMm / 2 + $this->imageMm / 2 + 8, $this->imageMm);
    }

    /** @return non-empty-list<Template> */
    private function box(): array
    {
        [$width, $height] = self::BOX;
        $plan = BoxPlan::of((float) $this->design->mm(Size::Distance), $height, $this->imageMm);
        // The panels hang with the window's wall up.
        $down = $height - $plan->holeMm;
        $end = Template::card(Part::EndPanel, $width, $height)->rectangle(LineKind::Cut, $width / 2 - 12.5, $down - min(12.5, $plan->holeMm - 2), 25.0, min(25.0, 2 * $plan->holeMm - 4))->note(Mark::Window, $width / 2, $down - min(12.5, $plan->holeMm - 2) - 6, 25.0);
        $lid = Template::card(Part::WindowPanel, $plan->lengthMm, $width)->rectangle(LineKind::Cut, $plan->windowFromMm, $width / 2 - 30, $plan->windowToMm - $plan->windowFromMm, 60.0)
            ->note(Mark::HoleEnd, 24.0, 14.0)->note(Mark::ScreenEnd, $plan->lengthMm - 24, 14.0)->note(Mark::HeadHere, ($plan->windowFromMm + $plan->windowToMm) / 2, $width / 2);
        $screen = Template::card(Part::ScreenCard, $width, $height)->round(LineKind::Guide, $width / 2, $down, $this->imageMm)->note(Mark::SunImage, $width / 2, $height / 2 - 8, $this->imageMm);

        return [$end, $this->foil(25.0), $lid, $screen];
    }

    /** @return non-empty-list<Template> */
    private function headBox(): array
    {
        [$width, $height] = self::HEAD_BOX;
        $length = (float) $this->design->mm(Size::Distance);
        $back = Template::card(Part::BackPanel, $width, $height)->rectangle(LineKind::Cut, $width - 80, 40.0, 25.0, 25.0)->note(Mark::Window, $width - 67.5, 76.0, 25.0);
        $bottom = Template::card(Part::BottomPanel, $width, $length)->rectangle(LineKind::Cut, $width / 2 - 110, min($length / 2, 40.0), 220.0, min(260.0, $length - 50))->note(Mark::HeadHere, $width / 2, $length / 2);
        // The back as one sees it from behind, the screen as one sees it from within: the hole and its image are on one side.
        $screen = Template::card(Part::ScreenCard, $width, $height)->round(LineKind::Guide, $width - 67.5, 52.5, $this->imageMm)->note(Mark::SunImage, $width - 67.5, 52.5 + $this->imageMm / 2 + 8, $this->imageMm);

        return [$back, $this->foil(25.0), $bottom, $screen];
    }

    /** @return non-empty-list<Template> */
    private function snackTube(): array
    {
        $around = M_PI * self::TUBE_MM;
        $lining = min(200.0, (float) $this->design->mm(Size::Distance) - 50);

        return [
            $this->disc(Part::TubeBottom, self::TUBE_MM),
            Template::card(Part::TubeWindow, 100.0, 70.0)->rectangle(LineKind::Cut, 20.0, 15.0, 60.0, 40.0)->note(Mark::Window, 50.0, 35.0, 60.0),
            Template::disc(Part::ScreenDisc, self::TUBE_MM - self::WALL_MM)->round(LineKind::Guide, (self::TUBE_MM - self::WALL_MM) / 2, (self::TUBE_MM - self::WALL_MM) / 2, $this->imageMm),
            Template::card(Part::Lining, $around - M_PI * 2 * self::WALL_MM + 10, max(20.0, $lining))->line(LineKind::Guide, [10.0, 0.0], [10.0, max(20.0, $lining)])->note(Mark::Glue, 5.0, 12.0),
        ];
    }

    /** @return non-empty-list<Template> */
    private function mailingTube(): array
    {
        $brass = Template::card(Part::Brass, 30.0, 30.0)->round(LineKind::Cut, 15.0, 15.0, $this->holeMm)->note(Mark::Hole, 15.0, 24.0, $this->holeMm);
        $shade = Template::card(Part::FaceShade, 400.0, 300.0)->round(LineKind::Cut, 200.0, 150.0, self::TUBE_MM + 1)->note(Mark::Tube, 200.0, 200.0, self::TUBE_MM);
        $hood = M_PI * (self::TUBE_MM + 2) + 15;

        return [
            $brass,
            Template::disc(Part::EndCap, self::TUBE_MM)->round(LineKind::Cut, self::TUBE_MM / 2, self::TUBE_MM / 2, 15.0),
            Template::disc(Part::ScreenDisc, self::TUBE_MM)->round(LineKind::Guide, self::TUBE_MM / 2, self::TUBE_MM / 2, $this->imageMm),
            $shade,
            Template::card(Part::Hood, $hood, 120.0)->line(LineKind::Guide, [15.0, 0.0], [15.0, 120.0])->note(Mark::Glue, 7.5, 60.0),
        ];
    }

    private function pattern(): Template
    {
        $pattern = $this->design->pattern($this->light);

        return array_reduce(
            $pattern->holes,
            fn(Template $card, Hole $hole): Template => $card->round(LineKind::Cut, $hole->rightMm, $hole->downMm, $this->holeMm),
            Template::card(Part::PatternCard, $pattern->widthMm, $pattern->heightMm),
        );
    }

    /** @return non-empty-list<Template> */
    private function telescope(): array
    {
        $tube = $this->holeMm * 1.2;
        $shade = Template::card(Part::TubeShade, $tube + 180, $tube + 180);
        // The Sun's image on the target, and rings of one and two degrees: whoever is inside them finds it on the screen.
        $degree = self::SUN_FINDER_MM * tan(deg2rad(1));
        $target = Template::card(Part::FinderTarget, 60.0, 60.0)->round(LineKind::Guide, 30.0, 30.0, $this->light->imageMm(self::SUN_FINDER_MM))
            ->round(LineKind::Guide, 30.0, 30.0, 2 * $degree)->round(LineKind::Guide, 30.0, 30.0, 4 * $degree)->note(Mark::Degrees, 30.0, 52.0, self::SUN_FINDER_MM);

        return [
            $this->disc(Part::ApertureMask, $this->holeMm + 50),
            $shade->round(LineKind::Cut, $shade->middle(), $shade->middle(), $tube)->note(Mark::Tube, $shade->middle(), $shade->middle() + $tube / 2 + 12, $tube),
            Template::card(Part::FinderFront, 60.0, 60.0)->round(LineKind::Cut, 30.0, 30.0, 1.5)->note(Mark::Hole, 30.0, 42.0, 1.5),
            $target,
            $this->screenCard(),
        ];
    }

    /** Where mirrors and eyepiece of a folded path stand: each leg slants to beside the one before, and is as long as it is. */
    private function base(): Template
    {
        $path = $this->design->path();
        $gap = min(0.8 * $path->boxMm(), max(60.0, $this->holeMm));
        $across = sqrt($path->boxMm() ** 2 - $gap ** 2);
        $base = Template::card(Part::BasePlan, $across + 2 * $gap, ($path->mirrors() + 2) * $gap);
        $points = [];
        for ($leg = 0; $leg <= $path->mirrors() + 1; ++$leg) {
            $points[] = [$leg % 2 === 0 ? $gap : $gap + $across, $gap * ($leg + 0.5)];
        }
        foreach (array_slice($points, 1, $path->mirrors()) as [$right, $down]) {
            $base = $base->line(LineKind::Cut, [$right, $down - $gap / 2.5], [$right, $down + $gap / 2.5])->note(Mark::Mirror, $right, $down + $gap / 2.2);
        }

        $way = ((float) $this->design->mm(Size::ObjectiveFocal) + (float) $this->design->mm(Size::EyepieceFocal)) / $path->boxMm();
        [$from, $to] = [$points[(int) $way], $points[(int) $way + 1]];
        $share = $way - (int) $way;

        return $base->line(LineKind::Guide, ...$points)->note(Mark::Eyepiece, $from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1]));
    }

    private function disc(Part $part, float $diameterMm): Template
    {
        $disc = Template::disc($part, max($diameterMm, $this->holeMm + 20));

        return $disc->round(LineKind::Cut, $disc->middle(), $disc->middle(), $this->holeMm)->note(Mark::Hole, $disc->middle(), $disc->middle() + $this->holeMm / 2 + 7, $this->holeMm);
    }

    private function masked(Part $part, float $sideMm): Template
    {
        $card = Template::card($part, $sideMm, $sideMm);

        return $card->round(LineKind::Cut, $card->middle(), $card->middle(), $this->holeMm)->note(Mark::Hole, $card->middle(), $card->middle() + $this->holeMm / 2 + 8, $this->holeMm);
    }
}
