<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Domain\Event\FitPairs;
use App\Http\Requests\Audience\PolicyRequest;
use App\Http\Requests\Audience\SumRequest;
use App\Models\Event;
use App\Pages\Audience\AudiencePage;
use App\Pages\Event\EventFrames;
use App\Text\Refusals;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use KeenShadow\Core\Audience\AudienceException;
use KeenShadow\Core\Audience\GlassesSum;

/** Who comes, how they may look, and how many pairs that takes. */
final class AudienceController
{
    public function index(SumRequest $request, Event $event, EventFrames $frames, FitPairs $pairs): View
    {
        try {
            $page = AudiencePage::of($event, $pairs->count($event), static fn(int $people): GlassesSum => GlassesSum::of($people, $request->number('look_s'), $request->number('hand_s'), $request->number('every_min'), $request->number('spares_percent')));
        } catch (AudienceException $e) {
            throw ValidationException::withMessages([$e->field => Refusals::words($e)])->redirectTo(route('audience.index', $event));
        }

        return $request->ajax() ? view('audience.sum', ['page' => $page]) : view('audience.index', ['frame' => $frames->of($event), 'page' => $page]);
    }

    public function policy(PolicyRequest $request, Event $event): RedirectResponse
    {
        $event->changeFrom($request->version(), $request->fields());

        return redirect()->route('audience.index', $event)->with('status', __('Saved.'));
    }
}
