<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Record;

use DateTimeImmutable;
use KeenShadow\Core\Training\Cards\Duty;

/** What somebody did, as it was seen; whether it was right is worked out when it is asked. */
final readonly class Attempt
{
    /**
     * @param string $about id of the card, the scene or the order; the number of a tray; blank for a drill
     * @param array<array-key, mixed> $given what was said, chosen, ordered, found or pressed: see Judge
     * @param Duty|null $duty for which a card was practised
     */
    public function __construct(
        public Exercise $exercise,
        public string $about,
        public array $given,
        public DateTimeImmutable $at,
        public ?Duty $duty = null,
    ) {}
}
