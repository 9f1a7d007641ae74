<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use App\Drawings\PlacedText;
use App\Text\Numbers;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\ScreenSide;
use KeenShadow\Core\Viewers\Sheet\BoxPlan;
use KeenShadow\Core\Viewers\Sheet\Templates;
use KeenShadow\Core\Viewers\Size;

/**
 * A viewer cut open, seen from the side: light comes from the left, with one scale for lengths and widths. In pixels; x from the
 * opening that the light comes in by, y downwards from the axis. Divided by pxPerMm they are millimetres.
 */
final readonly class SideView
{
    private const LENGTH_PX = 540.0;
    private const LEFT_PX = 90.0;
    private const RIGHT_PX = 90.0;
    private const MOST_HALF_PX = 150.0;
    private const LEAST_HALF_PX = 60.0;
    private const RIM_PX = 24.0;
    private const BARS_MM = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10000, 20000, 50000];

    public float $leftPx;
    public float $widthPx;

    /**
     * @param float $topPx the upper edge, less than 0
     * @param float $bottomPx the lower edge
     * @param list<Stroke> $strokes from the back to the front
     * @param list<PlacedText> $texts
     * @param float $screenPx where the screen stands, which a hand moves
     * @param float $fromPx where that distance begins
     * @param int $barMm length of the scale bar
     */
    private function __construct(
        public float $pxPerMm,
        public float $topPx,
        public float $bottomPx,
        public array $strokes,
        public array $texts,
        public float $screenPx,
        public float $fromPx,
        public int $barMm,
    ) {
        $this->leftPx = -self::LEFT_PX;
        $this->widthPx = self::LEFT_PX + self::LENGTH_PX + self::RIGHT_PX;
    }

    /** @param float $sunDeg how high the Sun stands: a mirror takes its light from there */
    public static function of(Design $design, Light $light, float $sunDeg): self
    {
        $image = $design->image($light);
        $fromMm = $design->kind() === Kind::Eyepiece ? (float) $design->mm(Size::ObjectiveFocal) + (float) $design->mm(Size::EyepieceFocal) : 0.0;
        $lengthMm = $fromMm + (float) $design->mm(Size::Distance);
        $imageHalfMm = ($image->diameterMm + $image->blurMm()) / 2;
        $enclosure = self::enclosureMm($design->build, $lengthMm, $image->diameterMm);
        $screenHalfMm = max($imageHalfMm * 1.3, ($design->mm(Size::Screen) ?? 0.0) / 2, min($enclosure));
        $openingMm = (float) $design->mm($design->opening());
        [$aboveMm, $belowMm] = [max($screenHalfMm, $openingMm, $enclosure[0] * 1.3), max($screenHalfMm, $openingMm, $enclosure[1])];
        $px = min(self::LENGTH_PX / $lengthMm, 2 * self::MOST_HALF_PX / ($aboveMm + $belowMm));
        $top = -round(max(self::LEAST_HALF_PX, $aboveMm * $px + self::RIM_PX), 1);
        $bottom = round(max(self::LEAST_HALF_PX, $belowMm * $px + self::RIM_PX), 1);
        $screenPx = $lengthMm * $px;
        $screenHalfPx = max(14.0, $screenHalfMm * $px);
        $parts = new SideParts($design, $image, $px, $sunDeg, $screenPx, $screenHalfPx);

        return new self(
            pxPerMm: $px,
            topPx: $top,
            bottomPx: $bottom,
            strokes: [...$parts->light(), ...$parts->enclosure(), ...$parts->opening(), Stroke::of('side-screen', [[$screenPx, -$screenHalfPx], [$screenPx, $screenHalfPx]])],
            texts: self::texts($design, $top, $bottom, $screenPx, $fromMm * $px),
            screenPx: round($screenPx, 2),
            fromPx: round($fromMm * $px, 2),
            barMm: self::barMm($px),
        );
    }

    public function heightPx(): float
    {
        return $this->bottomPx - $this->topPx;
    }

    public function barY(): float
    {
        return $this->bottomPx - 12;
    }

    public function barPx(): float
    {
        return round($this->barMm * $this->pxPerMm, 2);
    }

    /** The height of what stands about the light; 0 where nothing does. As the templates have it. */
    public static function heightMm(Build $build): float
    {
        return match ($build) {
            Build::Box => Templates::BOX[1],
            Build::HeadBox => Templates::HEAD_BOX[1],
            Build::SnackTube, Build::MailingTube => Templates::TUBE_MM,
            default => 0.0,
        };
    }

    /** @return array{float, float} how far it reaches above and below the axis: the hole of a box lies near a wall */
    private static function enclosureMm(Build $build, float $lengthMm, float $imageMm): array
    {
        $height = self::heightMm($build);
        $below = $build === Build::Box ? BoxPlan::of($lengthMm, $height, $imageMm)->holeMm : $height / 2;

        return [$height - $below, $below];
    }

    /** @return list<PlacedText> */
    private static function texts(Design $design, float $top, float $bottom, float $screenPx, float $fromPx): array
    {
        $middle = ($fromPx + $screenPx) / 2;

        return [
            new PlacedText($design->kind() === Kind::Mirror ? 12.0 : -self::LEFT_PX + 4, $top + 14, 'start', __('from the Sun')),
            new PlacedText($middle, $bottom - 8, 'middle', __(':n mm', ['n' => Numbers::about((float) $design->mm(Size::Distance), 3)])),
            new PlacedText($screenPx, $top + 14, 'middle', __('screen')),
            ...$design->build === Build::Box ? [new PlacedText(-self::LEFT_PX + 4, $top + 30, 'start', __('a head beside the light'))] : [],
            ...$design->side === ScreenSide::Behind ? [new PlacedText($screenPx + 12, -22, 'start', __('eye here'))] : [],
        ];
    }

    private static function barMm(float $px): int
    {
        $bar = self::BARS_MM[0];
        foreach (self::BARS_MM as $mm) {
            $bar = $mm * $px <= 110 ? $mm : $bar;
        }

        return $bar;
    }
}
