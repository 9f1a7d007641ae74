<?php

declare(strict_types=1);

use App\Http\Middleware\PlainOldInput;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append([SecurityHeaders::class, ReadableInput::class]);
        $middleware->appendToGroup('web', PlainOldInput::class);
        $middleware->redirectGuestsTo(fn(): string => route('sign-in'));
        $middleware->redirectUsersTo(fn(): string => route('events.index'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {})
    ->create();
