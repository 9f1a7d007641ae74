<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Drawings\Viewers\TemplateDrawing;

/** One step of building: what is done, who does it, and the part that it is done with. */
final readonly class BuildStep
{
    public function __construct(
        public string $words,
        public string $who,
        public ?TemplateDrawing $drawing,
    ) {}
}
