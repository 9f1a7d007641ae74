<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\Site\PlanDrawing;
use App\Drawings\Site\SpotCells;
use App\Models\Event;
use App\Text\HorizonText;
use Illuminate\Support\Facades\View;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/**
 * What the page of a site says by its plan and the Sun alone, the same for everybody: written out as HTML, so that it can be kept.
 *
 * @phpstan-type Parts array{isEmpty: bool, spot: string, plan: string, view: string, spots: string, rows: string, horizon: string, accuracyM: float}
 */
final readonly class SiteParts
{
    /**
     * @param string $spot name of the spot that is looked from
     * @param string $plan the drawing, with the map of spots where it is wanted
     * @param string $view the view from that spot
     * @param string $spots the table of all spots
     * @param string $rows of the plan as numbers
     * @param string $horizon the far horizon as it is typed
     */
    private function __construct(
        public bool $isEmpty,
        public string $spot,
        public string $plan,
        public string $view,
        public string $spots,
        public string $rows,
        public string $horizon,
        public float $accuracyM,
    ) {}

    /** @param bool $withMap whether the map of spots is wanted */
    public static function of(Event $event, SunlitSite $site, Thing $observer, bool $withMap): self
    {
        $drawing = PlanDrawing::of($site, $observer);

        return new self(
            isEmpty: $site->plan->things === [],
            spot: $observer->name,
            plan: View::make('site.plan', [
                'event' => $event,
                'drawing' => $drawing,
                'shade' => ShadeSlider::of($site),
                'cells' => $withMap ? SpotCells::of($site, $observer, $drawing->box) : null,
                'spot' => $observer->name,
                'eyeM' => $observer->heightM,
            ])->render(),
            view: View::make('site.spot-view', ['view' => SpotView::of($observer, $site)])->render(),
            spots: View::make('site.spots', [
                'event' => $event,
                'spots' => array_map(static fn(Thing $place): SpotRow => SpotRow::of($place, $site->outlookFrom($place), $site), $site->plan->places()),
                'accuracyM' => $site->plan->accuracyM,
            ])->render(),
            rows: View::make('site.number-rows', ['rows' => [...array_map(ThingRow::of(...), $site->plan->things), ThingRow::blank()]])->render(),
            horizon: HorizonText::write($site->plan->horizon),
            accuracyM: $site->plan->accuracyM,
        );
    }

    /** @param Parts $parts as toArray gave them */
    public static function fromArray(array $parts): self
    {
        return new self(...$parts);
    }

    /** @return Parts */
    public function toArray(): array
    {
        return [
            'isEmpty' => $this->isEmpty, 'spot' => $this->spot, 'plan' => $this->plan, 'view' => $this->view,
            'spots' => $this->spots, 'rows' => $this->rows, 'horizon' => $this->horizon, 'accuracyM' => $this->accuracyM,
        ];
    }
}
