<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Domain\Site\EventPlan;
use App\Drawings\Site\PlanDrawing;
use App\Drawings\Site\SpotCells;
use App\Drawings\ViewBox;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** The site as drawn, the view from one spot, and the table of all spots. */
final readonly class SitePage
{
    /**
     * @param SpotCells|null $cells the map of spots, where it is wanted
     * @param list<SpotRow> $spots
     */
    private function __construct(
        public PlanDrawing $drawing,
        public ?SpotCells $cells,
        public ShadeSlider $shade,
        public SpotView $view,
        public array $spots,
        public PlanNumbers $numbers,
        public bool $canUndo,
        public bool $canRedo,
    ) {}

    /** @param (callable(Thing, ViewBox): SpotCells)|null $map makes the map of spots for the eyes of one, where it is wanted */
    public static function of(SunlitSite $site, EventPlan $plan, ?string $spot, ?callable $map = null): self
    {
        $observer = $site->place($spot);
        $drawing = PlanDrawing::of($site, $observer);

        return new self(
            drawing: $drawing,
            cells: $map === null ? null : $map($observer, $drawing->box),
            shade: ShadeSlider::of($site),
            view: SpotView::of($observer, $site),
            spots: array_map(static fn(Thing $place): SpotRow => SpotRow::of($place, $site->outlookFrom($place), $site), $site->plan->places()),
            numbers: PlanNumbers::of($site->plan, $plan->revision()),
            canUndo: $plan->canUndo(),
            canRedo: $plan->canRedo(),
        );
    }

    public function isEmpty(): bool
    {
        return $this->numbers->rows === [];
    }
}
