<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/**
 * An eclipse at one place: its kind there and its contacts. The horizon is left out of account; each contact's view
 * tells whether the Sun is up.
 */
final readonly class LocalCircumstances
{
    /** Inside this distance from the umbra's edge the Moon's uneven limb decides (some kilometres on the ground). */
    private const EDGE_RADII = 5 / Radii::EARTH_KM;

    /** @param array<string, Contact> $contacts by ContactName value, in order of time; empty where there is none */
    public function __construct(
        public LocalKind $kind,
        public View $deepest,
        private array $contacts,
    ) {}

    public function contact(ContactName $name): ?Contact
    {
        return $this->contacts[$name->value] ?? null;
    }

    /** @return list<Contact> in order of time */
    public function contacts(): array
    {
        return array_values($this->contacts);
    }

    /** Length of totality or annularity in seconds, null outside the path. */
    public function durationSeconds(): ?float
    {
        $begin = $this->contact(ContactName::C2);
        $end = $this->contact(ContactName::C3);

        return $begin === null || $end === null ? null : ($end->view->hours - $begin->view->hours) * 3600;
    }

    /** Whether any of the eclipse is above the level horizon. */
    public function isSeen(): bool
    {
        foreach ($this->contacts as $contact) {
            if ($contact->view->isSunUp()) {
                return true;
            }
        }

        return false;
    }

    /** Whether limb and position could decide between inside and outside the path. */
    public function isNearEdgeOfPath(): bool
    {
        return $this->kind !== LocalKind::None
            && abs($this->deepest->depthInUmbra()) < self::EDGE_RADII;
    }
}
