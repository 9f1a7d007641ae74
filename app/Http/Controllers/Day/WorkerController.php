<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Models\Event;
use App\Models\User;
use App\Pages\Day\KeptDay;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Vite;

/** The service worker of an event's day for whoever is signed in: below the event's address, so that it reaches no other event. */
final readonly class WorkerController
{
    public function __construct(private KeptDay $kept) {}

    public function __invoke(Event $event, #[CurrentUser] User $user): Response
    {
        $day = ['name' => $this->kept->of($event, $user)['name'], 'prefix' => KeptDay::prefix($event), 'book' => route('rules.may', $event, false), 'pocket' => route('rules.pocket', $event, false)];
        $script = sprintf("self.day = %s;\nimportScripts(%s);\n", json_encode($day, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES), json_encode(Vite::asset('resources/js/day/worker.js'), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES));

        return new Response($script, 200, ['Content-Type' => 'text/javascript; charset=UTF-8']);
    }
}
