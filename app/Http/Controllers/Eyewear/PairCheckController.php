<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Domain\Eyewear\Occasions;
use App\Domain\Sky\Eclipses;
use App\Http\Requests\Eyewear\OccasionRequest;
use App\Http\Requests\Eyewear\PairCheckRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\LotPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\View;
use Illuminate\Support\MessageBag;
use Illuminate\Support\Str;
use Illuminate\Support\ViewErrorBag;
use KeenShadow\Core\Eyewear\Occasion;

/** Writes what a checker found. Rows are only ever added. */
final class PairCheckController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly Eclipses $eclipses,
    ) {}

    public function store(PairCheckRequest $request, Event $event, Lot $lot): RedirectResponse|Response
    {
        $entry = $this->entry($request, [
            'uuid' => $request->string('uuid')->toString(),
            'lot_id' => $lot->id,
            'tag' => $request->integer('tag'),
            'faults' => $request->faults(),
            'is_void' => false,
            'event_id' => $event->id,
            'occasion' => $request->occasion() ?? Occasions::next($this->eclipses->at($event)),
            'corrects_id' => null,
        ]);
        $isWritten = $this->write($entry);
        if (!$isWritten && !PairCheck::query()->where('uuid', $entry->uuid)->firstOrFail()->saysTheSameAs($entry)) {
            return $this->refuse($request, $event, $lot);
        }

        $staysWithdrawn = $request->faults() === [] && PairCheck::query()->damaged()->where(['lot_id' => $lot->id, 'tag' => $entry->tag])->exists();

        $onTo = $request->isOfOne() ? $this->toRecord($event, $lot, $entry->tag) : $this->onTo($event, $lot, min($entry->tag + 1, $lot->pairs), $request->occasion());

        return $onTo
            ->with($staysWithdrawn ? ['status' => __('Tag :tag stays withdrawn: it was found damaged before. If that was wrong, take that entry back.', ['tag' => $entry->tag])] : []);
    }

    public function takeBack(OccasionRequest $request, Event $event, Lot $lot, PairCheck $pairCheck): RedirectResponse
    {
        abort_unless($pairCheck->lot_id === $lot->id, 404);
        $this->write($this->entry($request, [
            'uuid' => Str::uuid7()->toString(),
            'lot_id' => $lot->id,
            'tag' => $pairCheck->tag,
            'faults' => [],
            'is_void' => true,
            'event_id' => $pairCheck->event_id,
            'occasion' => $pairCheck->occasion,
            'corrects_id' => $pairCheck->id,
        ]));

        return $this->onTo($event, $lot, $pairCheck->tag, $request->occasion());
    }

    private function toRecord(Event $event, Lot $lot, int $tag): RedirectResponse
    {
        return redirect()->route('eyewear.pair', [$event, $lot, $tag]);
    }

    /** Back to the form, for the same occasion. */
    private function onTo(Event $event, Lot $lot, int $tag, ?Occasion $occasion): RedirectResponse
    {
        return redirect()->route('eyewear.show', [$event, $lot, 'tag' => $tag, ...($occasion === null ? [] : ['occasion' => $occasion->value])])->withFragment('check');
    }

    /** @param array<string, mixed> $row */
    private function entry(Request $request, array $row): PairCheck
    {
        /** @var User $user */
        $user = $request->user();

        return new PairCheck($row + ['checked_by' => $user->id, 'checked_at' => Date::now()]);
    }

    /** The same entry sent twice is stored once: its UUID, or the entry it corrects, is unique. Tells whether it was stored now. */
    private function write(PairCheck $entry): bool
    {
        return PairCheck::query()->insertOrIgnore([$entry->getAttributes()]) === 1;
    }

    /** A page was sent a second time with something else: nothing of it is dropped, it is asked for again under a number of its own. */
    private function refuse(PairCheckRequest $request, Event $event, Lot $lot): Response
    {
        $request->session()->now('_old_input', $request->except('_token'));
        $words = __('This page has recorded a pair already, and now it says something else. It is not recorded yet: look at tag and marks, and record again.');

        View::share('errors', (new ViewErrorBag())->put('default', new MessageBag(['faults' => $words])));
        $frame = $this->frames->of($event);

        return response()->view('eyewear.show', ['frame' => $frame, 'page' => LotPage::of($lot, $frame, $request->occasion())], 409);
    }
}
