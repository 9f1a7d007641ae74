<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use App\Drawings\Sky\DiscSample;
use JsonSerializable;

/** One moment of the eclipse on a screen, as the bench's script shows it. */
final readonly class ScreenSample implements JsonSerializable
{
    public function __construct(private DiscSample $sample) {}

    /** @return array<string, string|float|int|bool> short keys: a page carries some two hundred of these */
    public function jsonSerialize(): array
    {
        return array_intersect_key($this->sample->jsonSerialize(), array_flip(['n', 't', 'x', 'y', 'r', 'o', 'p', 'up', 's']));
    }
}
