<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Domain\Photo\EventCameras;
use App\Drawings\Photo\ShotLane;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Pages\Event\EventFrame;
use App\Text\FilterWords;
use KeenShadow\Core\Rules\Verdict;

/** The cameras of an event. */
final readonly class CamerasPage
{
    /**
     * @param list<array{plan: PhotoPlan, outfit: string, watchedBy: string, headline: string, verdict: Verdict}> $rows by name
     * @param list<ShotLane> $lanes the same below the ribbon
     * @param list<string> $twice who watches more than one camera
     */
    private function __construct(public string $filters, public array $rows, public array $lanes, public array $twice) {}

    public static function of(EventFrame $frame, EventCameras $cameras): self
    {
        $rows = $lanes = $watchers = [];
        foreach (PhotoPlan::of($frame->event)->get() as $plan) {
            $worked = $cameras->of($plan);
            $watchers[] = $worked->programme->watchedBy;
            $lanes[] = ShotLane::of($plan->name, $worked, $frame->ribbon->begin, $frame->ribbon->end);
            $rows[] = [
                'plan' => $plan,
                'outfit' => implode(' · ', array_map(static fn(KitItem $item): string => $item->name, $plan->kit())),
                'watchedBy' => $worked->programme->watchedBy,
                'headline' => PlanAnswer::headline($worked),
                'verdict' => $worked->verdict(),
            ];
        }

        return new self(
            FilterWords::caution($frame->filters, $frame->clock),
            $rows,
            $lanes,
            array_keys(array_filter(array_count_values(array_filter($watchers, static fn(string $name): bool => $name !== '')), static fn(int $count): bool => $count > 1)),
        );
    }
}
