<?php

declare(strict_types=1);

namespace App\Domain\Training;

use App\Domain\Event\KnownHelper;
use App\Models\User;

/** Who practises: somebody with an account, or a helper. */
final readonly class Trainee
{
    private function __construct(public string $name, public ?int $userId, public ?int $helperId) {}

    public static function user(User $user): self
    {
        return new self($user->name, $user->id, null);
    }

    public static function helper(KnownHelper $helper): self
    {
        return new self($helper->name, null, $helper->id);
    }

    /** The word for them on a device that keeps what they did. */
    public function id(): string
    {
        return $this->userId === null ? "helper-{$this->helperId}" : "user-{$this->userId}";
    }
}
