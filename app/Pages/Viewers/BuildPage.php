<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Domain\Viewers\EventLight;
use App\Drawings\Viewers\TemplateDrawing;
use App\Models\Viewers\Viewer;
use App\Text\BuildSteps;
use App\Text\ViewersWords;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Viewers\Sheet\Template;
use KeenShadow\Core\Viewers\Sheet\Templates;

/** How a kept design is built: what it takes, the steps, and its parts in their true size. */
final readonly class BuildPage
{
    /**
     * @param list<string> $materials
     * @param list<BuildStep> $steps in order
     * @param list<string> $cautions
     * @param list<TemplateDrawing> $templates
     */
    private function __construct(
        public Viewer $viewer,
        public Situation $situation,
        public string $title,
        public string $minutes,
        public array $materials,
        public array $steps,
        public array $cautions,
        public array $templates,
    ) {}

    public static function of(Viewer $viewer, LocalEclipse $here): self
    {
        $design = $viewer->design;
        $light = EventLight::of($here);
        $drawings = array_map(static fn(Template $template): TemplateDrawing => TemplateDrawing::of($template), Templates::of($design, $light));
        $byPart = array_combine(array_map(static fn(TemplateDrawing $drawing): string => $drawing->part, $drawings), $drawings);

        return new self(
            viewer: $viewer,
            situation: $design->situation($light),
            title: ViewersWords::build($design->build),
            minutes: __('about :n min', ['n' => $design->build->minutes()]),
            materials: BuildSteps::materials($design->build),
            steps: array_map(static fn(array $step): BuildStep => new BuildStep($step[0], BuildSteps::who($step[1]), $byPart[$step[2] ?? ''] ?? null), BuildSteps::steps($design->build)),
            cautions: BuildSteps::cautions($design->kind()),
            templates: $drawings,
        );
    }
}
