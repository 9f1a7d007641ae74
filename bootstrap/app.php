<?php

declare(strict_types=1);

use App\Domain\RunSheet\DoubleBooking;
use App\Domain\RunSheet\SheetConflict;
use App\Domain\Site\PlanConflict;
use App\Http\DatabaseRefusals;
use App\Http\FaultLog;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\OwnReferer;
use App\Http\Middleware\PlainOldInput;
use App\Http\Middleware\QuietSession;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\ShortWayBack;
use App\Models\EditConflict;
use App\Pages\RunSheet\RunSheetConflictWords;
use App\Pages\Site\ConflictPage;
use App\Text\Refusals;
use App\Text\RotaWords;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Validation\ValidationException;
use KeenShadow\Core\RunSheet\RunSheetException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(KnownHosts::class);
        $middleware->append([SecurityHeaders::class, OwnReferer::class, ReadableInput::class]);
        $middleware->web(append: [PlainOldInput::class, ShortWayBack::class], replace: [StartSession::class => QuietSession::class]);
        $middleware->redirectGuestsTo(fn(): string => route('sign-in'));
        $middleware->redirectUsersTo(fn(): string => route('events.index'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->report(FaultLog::write(...))->stop();
        $exceptions->map(QueryException::class, DatabaseRefusals::inWords(...));
        $exceptions->map(EditConflict::class, static fn(EditConflict $conflict): ValidationException => ValidationException::withMessages(['version' => $conflict->isMade
            ? __('This form has made something already, which is not the same any more. To make another, send it again.')
            : __('Somebody else has changed this meanwhile. What they saved stands beside what you typed; save again to put yours in its place.')])->status(409));
        // What a form could not see before: that a sheet is full, say.
        $exceptions->map(RunSheetException::class, static fn(RunSheetException $refusal): ValidationException => ValidationException::withMessages([$refusal->field => Refusals::words($refusal)]));
        $exceptions->map(DoubleBooking::class, static fn(DoubleBooking $booking): ValidationException => ValidationException::withMessages(['from' => RotaWords::booking($booking->helper, $booking->elsewhere, $booking->from, $booking->to)]));
        $exceptions->render(function (PlanConflict $conflict, Request $request): Response|RedirectResponse {
            return $request->ajax()
                ? response()->view('site.conflict', ['page' => ConflictPage::of($conflict)], 409)
                : back()->withInput($request->except('file'))->withErrors(['from' => __('Somebody else changed the plan meanwhile, and nothing of yours was done: look at it and try again.')]);
        });
        $exceptions->render(fn(SheetConflict $conflict, Request $request): Response|RedirectResponse => $request->ajax()
            ? response(RunSheetConflictWords::of($conflict), 409, ['Content-Type' => 'text/plain; charset=UTF-8'])
            : back()->withInput()->withErrors(['from' => RunSheetConflictWords::of($conflict)]));
    })
    ->create();
