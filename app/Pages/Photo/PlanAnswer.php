<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Domain\Photo\WrittenShots;
use App\Drawings\Photo\FrameDrawing;
use App\Drawings\Photo\TotalityLine;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\FilterWords;
use App\Text\Numbers;
use App\Text\PhotoWords;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Rules\Verdict;

/** What comes of a camera's programme: whether it may stand there, its list, its exposures, the Sun in its frame. */
final readonly class PlanAnswer
{
    /**
     * @param list<array{name: string, value: string, note: string}> $figures
     * @param array<string, string> $cautions sentences of the book by the id of their rule
     * @param list<array{name: string, exact: string, step: string, off: string, blur: string}> $exposures by phase
     */
    private function __construct(
        public string $headline,
        public string $filters,
        public Verdict $verdict,
        public WrittenShots $shots,
        public ?TotalityLine $line,
        public ?TotalityLine $cloudedLine,
        public string $cloudedTitle,
        public FrameDrawing $drawing,
        public array $figures,
        public array $exposures,
        public array $cautions,
        public bool $isTracking,
    ) {}

    public static function of(CameraPlan $plan, Clock $clock): self
    {
        $programme = $plan->programme;

        return new self(
            headline: self::headline($plan),
            filters: FilterWords::caution($plan->seen->filters, $clock),
            verdict: $plan->verdict(),
            shots: WrittenShots::of($plan, $clock),
            line: TotalityLine::of($plan->totality, $programme->handS),
            cloudedLine: TotalityLine::of($plan->clouded, $programme->handS),
            cloudedTitle: __('Clouded until the last :s s', ['s' => Numbers::decimal($programme->clearS)]),
            drawing: FrameDrawing::of($plan),
            figures: PlanFigures::of($plan),
            exposures: array_values(array_filter(array_map(static fn(Phase $phase): ?array => self::exposure($phase, $plan), Phase::cases()))),
            cautions: PhotoWords::cautions(),
            isTracking: $plan->outfit->tracks(),
        );
    }

    /** What is taken, and how much of totality it costs. */
    public static function headline(CameraPlan $plan): string
    {
        $partial = trans_choice('{0} no picture with the filter on|{1} 1 picture with the filter on|[2,*] :count pictures with the filter on', count($plan->partial));
        if (!$plan->mayStand()) {
            return __('No picture is planned: it may not stand there so.');
        }
        $freeS = $plan->freeS();
        if ($freeS === null) {
            return __('The filter stays on all the time: :partial.', ['partial' => $partial]);
        }

        return __(':spent at the camera of :free without filter (:share %), the rest to look up; :partial.', [
            'share' => Numbers::decimal(100 * $plan->totality->spentS / $freeS),
            'spent' => Durations::toTheSecond($plan->totality->spentS),
            'free' => Durations::toTheSecond(floor($freeS)),
            'partial' => $partial,
        ]);
    }

    /** @return array{name: string, exact: string, step: string, off: string, blur: string}|null */
    private static function exposure(Phase $phase, CameraPlan $plan): ?array
    {
        $exposure = $plan->exposure($phase);
        if ($exposure === null || $phase !== Phase::Partial && $plan->freeS() === null) {
            return null;
        }
        $blur = $plan->blurPx($exposure->step->seconds);

        return [
            'name' => PhotoWords::phase($phase),
            'exact' => PhotoWords::seconds($exposure->seconds),
            'step' => PhotoWords::step($exposure->step),
            'off' => $exposure->hasStep() ? '' : __('no step is near'),
            'blur' => $blur === null ? '–' : Numbers::decimal($blur, $blur < 10 ? 1 : 0),
        ];
    }
}
