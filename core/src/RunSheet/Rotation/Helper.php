<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** Who staffs stations. */
final readonly class Helper
{
    /**
     * @param list<string> $training what they are trained for
     * @param list<Stretch> $free when they are there
     * @param int|null $longestMin on duty without a rest; null is no limit
     * @param int $restMin a shorter gap is no rest
     */
    public function __construct(
        public string $id,
        public array $training,
        public array $free,
        public ?int $longestMin = null,
        public int $restMin = 0,
    ) {}

    public function mayServe(Station $station): bool
    {
        return array_diff($station->training, $this->training) === [];
    }
}
