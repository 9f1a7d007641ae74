<?php

declare(strict_types=1);

namespace App\Domain\Day;

use App\Domain\Event\KnownHelper;
use App\Models\User;

/** Whoever has a day's screen in the hand: with an account, or by the private address of a helper. */
final readonly class Writer
{
    /** @param int|null $userId null for a helper without an account */
    private function __construct(public string $name, public ?int $userId, public ?int $helperId, public bool $leads) {}

    public static function user(User $user): self
    {
        return new self($user->name, $user->id, null, $user->role->mayPlan());
    }

    public static function helper(KnownHelper $helper): self
    {
        return new self($helper->name, null, $helper->id, false);
    }

    /** Members of the organisation see everybody's posts and lines; a helper's address shows their own. */
    public function seesAll(): bool
    {
        return $this->userId !== null;
    }

    /** The word for them on a device that keeps what they wrote. */
    public function id(): string
    {
        return $this->userId === null ? "helper-{$this->helperId}" : "user-{$this->userId}";
    }
}
