<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Domain\Event\KnownHelper;
use App\Domain\Training\Trainee;
use App\Models\Event;
use App\Models\User;

/** By which addresses somebody practises: signed in, or by the private address of a helper. */
final readonly class TrainingDoor
{
    /**
     * @param string $names prefix of the names of its routes
     * @param list<mixed> $parameters of all of them
     * @param string $back to where one came from
     */
    private function __construct(
        public Trainee $trainee,
        private string $names,
        private array $parameters,
        public string $back,
    ) {}

    public static function ofUser(Event $event, User $user): self
    {
        return new self(Trainee::user($user), 'training.', [$event], route('sky.show', $event, false));
    }

    public static function ofHelper(Event $event, KnownHelper $helper, string $dutyKey): self
    {
        return new self(Trainee::helper($helper), 'duties.training.', [$dutyKey, $event], route('runsheet.duties', $dutyKey, false));
    }

    public function url(string $page, ?string $about = null): string
    {
        return route($this->names . $page, [...$this->parameters, ...($about === null ? [] : [$about])], false);
    }
}
