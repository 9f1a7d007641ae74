<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Drawings\Sky\DiscSample;
use App\Drawings\Sky\DiscSlider;
use App\Drawings\Viewers\ScreenSample;
use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrame;
use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\ViewerException;

/** The page of one design, new or kept: its form, what it shows along the eclipse, and the bench. */
final readonly class BenchPage
{
    /**
     * @param string $outline what a pattern draws, as files have it
     * @param list<SizeField> $sizes
     * @param list<ChoiceField> $choices how it is made
     * @param list<ChoiceField> $handling what the crew sees to
     * @param array<string, bool|float|string> $stored what is kept of it, by the field; none where it is new
     * @param list<Moment> $moments to look at its picture
     * @param int $begin the moment that is shown first, of the Unix clock: the last of them with some Sun
     */
    private function __construct(
        public Design $design,
        public string $title,
        public string $about,
        public bool $spells,
        public string $outline,
        public array $sizes,
        public array $choices,
        public array $handling,
        public array $stored,
        public array $moments,
        public int $begin,
        private DiscSlider $slider,
        public Bench $bench,
    ) {}

    /** @throws ViewerException when it cannot be built */
    public static function of(Design $design, ?Viewer $viewer, EventFrame $frame): self
    {
        $moments = Moment::allOf($frame->here);
        $bright = array_values(array_filter($moments, static fn(Moment $moment): bool => !$moment->isTotal));

        return new self(
            design: $design,
            title: ViewersWords::build($design->build),
            about: ViewersWords::about($design->build),
            spells: $design->kind() === Kind::Pattern,
            outline: $design->outline?->written() ?? '',
            sizes: SizeField::allOf($design),
            choices: ChoiceField::ofTheBuild($design),
            handling: ChoiceField::ofTheHandling($design),
            stored: $viewer === null ? [] : ['name' => $viewer->name] + DesignRecord::of($viewer->design),
            moments: $moments,
            begin: $bright === [] ? 0 : $bright[count($bright) - 1]->second,
            slider: DiscSlider::of($frame->here, $frame->filters),
            bench: Bench::of($design, $frame->here),
        );
    }

    /** @return list<ScreenSample> */
    public function samples(): array
    {
        return array_map(static fn(DiscSample $sample): ScreenSample => new ScreenSample($sample), $this->slider->samples);
    }
}
