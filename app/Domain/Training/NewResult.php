<?php

declare(strict_types=1);

namespace App\Domain\Training;

use Carbon\CarbonImmutable;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Record\Exercise;

/** What a device has to say of an exercise. */
final readonly class NewResult
{
    /** @param array<string, mixed> $given */
    public function __construct(
        public string $uuid,
        public Exercise $exercise,
        public ?Duty $duty,
        public string $about,
        public array $given,
        public CarbonImmutable $doneAt,
    ) {}
}
