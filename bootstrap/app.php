<?php

declare(strict_types=1);

use App\Domain\Site\PlanConflict;
use App\Http\Middleware\PlainOldInput;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append([SecurityHeaders::class, ReadableInput::class]);
        $middleware->appendToGroup('web', PlainOldInput::class);
        $middleware->redirectGuestsTo(fn(): string => route('sign-in'));
        $middleware->redirectUsersTo(fn(): string => route('events.index'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What was typed stays in the form.
        $exceptions->render(function (PlanConflict $conflict, Request $request): Response|RedirectResponse {
            $words = __('Somebody changed the plan meanwhile. Reload the page to see it; what you typed here is not saved yet.');

            return $request->ajax() ? response($words, 409) : back()->withInput($request->except('file'))->withErrors(['from' => $words]);
        });
    })
    ->create();
