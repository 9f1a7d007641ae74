<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\Sheet\BoxPlan;
use KeenShadow\Core\Viewers\Size;

/** What a side view is made of: the light, what stands about it, and the opening. Pixels. */
final readonly class SideParts
{
    private const BEFORE_PX = -90.0;
    private const CARD_PX = 34.0;

    public function __construct(
        private Design $design,
        private ThrownImage $image,
        private float $px,
        private float $sunDeg,
        private float $screenPx,
        private float $screenHalfPx,
    ) {}

    /** @return list<Stroke> the whole cone, within it the part that sees the whole opening, and the rays of both edges of the Sun */
    public function light(): array
    {
        if ($this->design->kind() === Kind::Eyepiece) {
            return $this->projected();
        }
        $strokes = [];
        foreach ($this->design->kind() === Kind::Pattern ? [-1, 0, 1] : [0] as $place) {
            $at = $place * ($this->image->diameterMm + $this->image->blurMm()) * $this->px;
            array_push($strokes, ...$this->cone($at));
        }

        return $strokes;
    }

    /** @return list<Stroke> walls of a box or a tube, open where one looks in */
    public function enclosure(): array
    {
        $half = SideView::heightMm($this->design->build) / 2 * $this->px;
        if ($this->design->kind() === Kind::Eyepiece) {
            $tube = $this->mm(Size::Aperture) * 0.575;
            $end = $this->mm(Size::ObjectiveFocal);

            return [
                Stroke::of('side-wall', [[0.0, -$tube], [$end, -$tube / 2]]),
                Stroke::of('side-wall', [[0.0, $tube], [$end, $tube / 2]]),
            ];
        }
        if ($this->design->build === Build::Box) {
            return $this->box();
        }
        if ($half === 0.0) {
            return [];
        }
        // A snack tube is looked into beside its screen.
        [$from, $to] = $this->design->build === Build::SnackTube ? [$this->screenPx - 50 * $this->px, $this->screenPx - 10 * $this->px] : [$this->screenPx, $this->screenPx];

        return [
            Stroke::of('side-wall', [[0.0, -$half], [$from, -$half]]),
            ...$to < $this->screenPx ? [Stroke::of('side-wall', [[$to, -$half], [$this->screenPx, -$half]]), Stroke::of('side-look', [[($from + $to) / 2, -$half], [$this->screenPx, 0.0]])] : [],
            Stroke::of('side-wall', [[0.0, $half], [$this->screenPx, $half]]),
        ];
    }

    /** @return list<Stroke> the hole near one wall, the window in the other, and the head that looks in beside the light */
    private function box(): array
    {
        $plan = BoxPlan::of($this->screenPx / $this->px, SideView::heightMm(Build::Box), $this->image->diameterMm);
        $top = -($plan->heightMm - $plan->holeMm) * $this->px;
        $bottom = $plan->holeMm * $this->px;
        [$from, $to] = [$plan->windowFromMm * $this->px, $plan->windowToMm * $this->px];
        [$x, $y] = $plan->head();
        $head = array_map(fn(int $i): array => [
            ($x + BoxPlan::HEAD_RADIUS_MM * cos($i * M_PI / 24)) * $this->px,
            ($plan->holeMm - $y + BoxPlan::HEAD_RADIUS_MM * sin($i * M_PI / 24)) * $this->px,
        ], range(0, 48));

        return [
            Stroke::of('side-head', $head),
            Stroke::of('side-wall', [[0.0, $top], [$from, $top]]),
            Stroke::of('side-wall', [[$to, $top], [$this->screenPx, $top], [$this->screenPx, $bottom], [0.0, $bottom], [0.0, $top]]),
            Stroke::of('side-look', [[($from + $to) / 2, $top], [$this->screenPx, 0.0]]),
        ];
    }

    /** @return list<Stroke> the card, mirror or lens */
    public function opening(): array
    {
        $gap = max(0.6, $this->mm($this->design->opening()) / 2);
        $edge = max(self::CARD_PX, $gap * 1.6, $this->design->build === Build::Box ? 0.0 : SideView::heightMm($this->design->build) / 2 * $this->px);

        return match ($this->design->kind()) {
            Kind::Mirror => [Stroke::of('side-mirror', $this->mirror(max(7.0, $gap)))],
            Kind::Lens => [Stroke::of('side-card', [[0.0, -$edge], [0.0, -$gap]]), Stroke::of('side-card', [[0.0, $gap], [0.0, $edge]]), Stroke::of('side-lens', self::lens(4.0, $gap * 1.4))],
            Kind::Eyepiece => [
                Stroke::of('side-lens', self::lens(0.0, $gap)),
                Stroke::of('side-lens', self::lens($this->mm(Size::ObjectiveFocal) + $this->mm(Size::EyepieceFocal), max(5.0, $this->mm(Size::EyepieceFocal) * 0.5))),
            ],
            Kind::Pinhole => [Stroke::of('side-card', [[0.0, -$edge], [0.0, -$gap]]), Stroke::of('side-card', [[0.0, $gap], [0.0, $edge]])],
            Kind::Pattern => [Stroke::of('side-card', [[0.0, -$this->screenHalfPx - 20], [0.0, $this->screenHalfPx + 20]])],
        };
    }

    /** @return list<Stroke> */
    private function cone(float $at): array
    {
        $gap = $this->mm(Size::Hole) / 2;
        $image = $this->image->diameterMm / 2 * $this->px;
        $patch = $this->image->geometricBlurMm / 2 * $this->px;
        [$outer, $inner] = [$image + $patch, abs($image - $patch)];
        $slope = $this->image->diameterMm / 2 / $this->image->throwMm;
        $strokes = [
            Stroke::of('side-light', [[0.0, $at - $gap], [$this->screenPx, $at - $outer], [$this->screenPx, $at + $outer], [0.0, $at + $gap]]),
            Stroke::of('side-core', [[0.0, $at - $gap], [$this->screenPx, $at - $inner], [$this->screenPx, $at + $inner], [0.0, $at + $gap]]),
        ];
        foreach ($this->design->kind() === Kind::Mirror ? [] : [-1, 1] as $limb) {
            $strokes[] = Stroke::of('side-ray', [[self::BEFORE_PX, $at + $limb * $slope * self::BEFORE_PX], [0.0, $at], [$this->screenPx, $at + $limb * $image]]);
        }
        if ($this->design->kind() === Kind::Mirror) {
            $strokes[] = Stroke::of('side-ray', [[self::BEFORE_PX * cos(deg2rad($this->sunDeg)), self::BEFORE_PX * sin(deg2rad($this->sunDeg))], [0.0, 0.0], [$this->screenPx, 0.0]]);
        }

        return $strokes;
    }

    /** @return list<Stroke> */
    private function projected(): array
    {
        $front = $this->mm(Size::Aperture) / 2;
        $focus = $this->mm(Size::ObjectiveFocal);
        $eyepiece = $focus + $this->mm(Size::EyepieceFocal);
        $small = $this->image->diameterMm / 2 * $this->px * $focus / ($this->image->throwMm * $this->px);
        $atEyepiece = max($small, $front * $this->mm(Size::EyepieceFocal) / $focus);
        $image = $this->image->diameterMm / 2 * $this->px;
        $edge = [[0.0, $front], [$focus, max(0.5, $small)], [$eyepiece, max(0.5, $atEyepiece)], [$this->screenPx, $image]];
        $mirrored = array_map(static fn(array $p): array => [$p[0], -$p[1]], array_reverse($edge));

        return [
            Stroke::of('side-core', [[self::BEFORE_PX, $front], ...$edge, ...$mirrored, [self::BEFORE_PX, -$front]]),
            Stroke::of('side-ray', [[self::BEFORE_PX, 0.0], [$this->screenPx, 0.0]]),
        ];
    }

    /**
     * The line that halves the angle between the Sun and the wall, from the axis on which it lies.
     *
     * @return list<array{float, float}>
     */
    private function mirror(float $half): array
    {
        // Light goes along (1, 0) and comes along (cos a, sin a) downwards: the glass lies along the sum of both.
        $lean = deg2rad($this->sunDeg) / 2;

        return [[-$half * cos($lean), -$half * sin($lean)], [$half * cos($lean), $half * sin($lean)]];
    }

    /** @return list<array{float, float}> */
    private static function lens(float $x, float $half): array
    {
        $bulge = max(2.0, $half * 0.18);

        return [[$x, -$half], [$x + $bulge, -$half / 2], [$x + $bulge * 1.3, 0.0], [$x + $bulge, $half / 2], [$x, $half], [$x - $bulge, $half / 2], [$x - $bulge * 1.3, 0.0], [$x - $bulge, -$half / 2]];
    }

    private function mm(Size $size): float
    {
        return (float) $this->design->mm($size) * $this->px;
    }
}
