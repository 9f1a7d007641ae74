<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

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
use KeenShadow\Core\Eyewear\PairCondition;

/** Writes what a checker found. Rows are only ever added. */
final class PairCheckController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function store(PairCheckRequest $request, Event $event, Lot $lot): RedirectResponse|Response
    {
        $verdict = PairCondition::verdict($request->faults(), $lot->paperwork()->verdict($event->eclipse_date)->level);
        $entry = $this->entry($request, [
            'uuid' => $request->string('uuid')->toString(),
            'lot_id' => $lot->id,
            'tag' => $request->integer('tag'),
            'faults' => $request->faults(),
            'level' => $verdict->level->value,
            'corrects_id' => null,
        ]);
        $isWritten = $this->write($entry);
        if (!$isWritten && !PairCheck::query()->where('uuid', $entry->uuid)->firstOrFail()->saysTheSameAs($entry)) {
            return $this->refuse($request, $event, $lot);
        }

        return redirect()->route('eyewear.show', [$event, $lot, 'tag' => min($request->integer('tag') + 1, $lot->pairs)])->withFragment('check');
    }

    public function takeBack(Request $request, Event $event, Lot $lot, PairCheck $pairCheck): RedirectResponse
    {
        abort_unless($pairCheck->lot_id === $lot->id, 404);
        $this->write($this->entry($request, [
            'uuid' => Str::uuid7()->toString(),
            'lot_id' => $lot->id,
            'tag' => $pairCheck->tag,
            'faults' => [],
            'level' => PairCheck::VOID,
            'corrects_id' => $pairCheck->id,
        ]));

        return redirect()->route('eyewear.show', [$event, $lot, 'tag' => $pairCheck->tag])->withFragment('check');
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
    private function refuse(Request $request, Event $event, Lot $lot): Response
    {
        $request->session()->now('_old_input', $request->except('_token'));
        $words = __('This page has recorded a pair already, and now it says something else. It is not recorded yet: look at tag and marks, and record again.');

        View::share('errors', (new ViewErrorBag())->put('default', new MessageBag(['faults' => $words])));

        return response()->view('eyewear.show', ['frame' => $this->frames->of($event), 'page' => LotPage::of($lot, $event)], 409);
    }
}
