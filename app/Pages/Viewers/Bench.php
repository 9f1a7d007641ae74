<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Domain\Viewers\EventLight;
use App\Drawings\Viewers\PatternDrawing;
use App\Drawings\Viewers\SideView;
use App\Drawings\Viewers\TradeOffCurve;
use App\Drawings\Viewers\TrueSize;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\Improvement;
use KeenShadow\Core\Viewers\Design\Judgement;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\ViewerException;

/** A design on the bench: what it shows at an event's place, what is wrong with it and what would be better. */
final readonly class Bench
{
    /**
     * @param list<Figure> $figures
     * @param list<ImprovementRow> $improvements
     */
    private function __construct(
        public Design $design,
        public Situation $situation,
        public Verdict $verdict,
        public array $figures,
        public SideView $side,
        public TradeOffCurve $curve,
        public TrueSize $trueSize,
        public ?PatternDrawing $pattern,
        public array $improvements,
    ) {}

    /** @throws ViewerException when it cannot be built */
    public static function of(Design $design, LocalEclipse $here): self
    {
        $light = EventLight::of($here);

        return new self(
            design: $design,
            situation: $design->situation($light),
            verdict: Judgement::of($design, $light),
            figures: Figures::of($design, $light),
            side: SideView::of($design, $light, max(0.0, Horizon::apparentAltitudeDeg($here->bestVisible()->altitudeDeg()))),
            curve: TradeOffCurve::of($design, $light),
            trueSize: TrueSize::of($design->image($light)),
            pattern: $design->kind() === Kind::Pattern ? PatternDrawing::of($design, $light) : null,
            improvements: array_map(static fn(Improvement $improvement): ImprovementRow => ImprovementRow::of($improvement, $design), Improvement::allOf($design, $light)),
        );
    }
}
