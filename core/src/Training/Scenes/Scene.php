<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Scenes;

use KeenShadow\Core\Training\Cards\Duty;

/** A short story with a clock, in which somebody decides. */
final readonly class Scene
{
    /**
     * @param list<Duty> $for
     * @param array<string, Moment> $moments by id
     */
    public function __construct(
        public string $id,
        public string $title,
        public array $for,
        public string $start,
        public array $moments,
    ) {}

    /**
     * How it went: what was chosen at each moment, null where nothing was.
     *
     * @param list<int|null> $chosen numbers of options, from 0
     *
     * @return bool|null whether it ended well with nothing wrong on the way; null where the way leads to no end
     */
    public function wentWell(array $chosen): ?bool
    {
        $moment = $this->moments[$this->start];
        $isRight = true;
        foreach ($chosen as $number) {
            $option = $number === null ? null : $moment->options[$number] ?? null;
            $next = $number === null ? $moment->late : $option?->to;
            if ($next === null) {
                return null;
            }
            $isRight = $isRight && $option !== null && $option->isRight;
            $moment = $this->moments[$next];
        }

        return $moment->ending === null ? null : $isRight && $moment->ending === Ending::Well;
    }
}
