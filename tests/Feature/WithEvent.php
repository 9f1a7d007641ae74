<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\User;

/** Somebody of an organisation is signed in and has an event. */
trait WithEvent
{
    protected User $user;

    protected Event $event;

    protected function setUpWithEvent(): void
    {
        $this->user = $this->member();
        $this->event = $this->eventOf($this->user);
        $this->actingAs($this->user);
    }
}
