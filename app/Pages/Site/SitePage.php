<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Domain\Site\EventPlan;
use App\Drawings\Site\PlanDrawing;
use App\Drawings\Site\ShadeDrawing;
use App\Drawings\Site\SpotCells;
use App\Text\HorizonText;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** The site as drawn, the view from one spot, and the table of all spots. */
final readonly class SitePage
{
    /**
     * @param list<SpotRow> $spots
     * @param list<ThingRow> $rows the plan as numbers
     * @param int $minutes from the beginning to the end of the ribbon
     * @param int $minute the maximum's
     * @param int|null $revision of the plan, from which a change is made
     */
    private function __construct(
        public SunlitSite $site,
        public PlanDrawing $drawing,
        public ?SpotCells $cells,
        public SpotView $view,
        public array $spots,
        public array $rows,
        public string $horizon,
        public ShadeDrawing $shade,
        public int $minutes,
        public int $minute,
        public ?int $revision,
        public bool $canUndo,
        public bool $canRedo,
    ) {}

    /** @param bool $withMap whether the best spots are wanted: they cost some tenths of a second */
    public static function of(SunlitSite $site, EventPlan $plan, ?string $spot, bool $withMap = false): self
    {
        $observer = $site->place($spot);
        $drawing = PlanDrawing::of($site, $observer);
        $begin = (int) $site->here->spanBegins()->format('U');
        $best = $site->here->bestVisible()->time();

        return new self(
            site: $site,
            drawing: $drawing,
            cells: $withMap ? SpotCells::of($site, $observer, $drawing) : null,
            view: SpotView::of($observer, $site),
            spots: array_map(static fn(Thing $place): SpotRow => SpotRow::of($place, $site->outlookFrom($place), $site), $site->plan->places()),
            rows: array_map(ThingRow::of(...), $site->plan->things),
            horizon: HorizonText::write($site->plan->horizon),
            shade: ShadeDrawing::of($site, $best),
            minutes: intdiv((int) $site->here->spanEnds()->format('U') - $begin, 60),
            minute: intdiv((int) $best->format('U') - $begin, 60),
            revision: $plan->revision(),
            canUndo: $plan->canUndo(),
            canRedo: $plan->canRedo(),
        );
    }

    public function isEmpty(): bool
    {
        return $this->site->plan->things === [];
    }
}
