<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Scenes;

/** One moment of a scene: what happens, what may be done, and how long there is for it; or how it ends. */
final readonly class Moment
{
    /**
     * @param int $seconds for deciding; 0 at an end
     * @param string|null $late id of the moment that follows when nothing is done
     * @param list<Option> $options none at an end
     * @param array<string, string> $picture what is seen in the yard
     */
    public function __construct(
        public string $id,
        public string $text,
        public int $seconds,
        public ?string $late,
        public array $options,
        public ?Ending $ending,
        public array $picture,
    ) {}
}
