<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Http\Requests\Training\QueueCardRequest;
use App\Models\Event;
use App\Models\Training\QueueCard;
use Illuminate\Http\RedirectResponse;

/** An organisation's own deck of cards for whoever waits. */
final class QueueCardController
{
    public function store(QueueCardRequest $request, Event $event): RedirectResponse
    {
        QueueCard::makeOnce($request->uuid(), $request->fields() + ['organisation_id' => $event->organisation_id]);

        return self::done($event, __('Added: “:question”.', ['question' => $request->string('question')->toString()]));
    }

    public function usual(Event $event): RedirectResponse
    {
        $new = QueueCard::addUsual($event->organisation_id);

        return self::done($event, $new === 0 ? __('All of the usual cards are there.') : trans_choice('{1} 1 card added.|[2,*] :count cards added.', $new));
    }

    public function update(QueueCardRequest $request, Event $event, QueueCard $queueCard): RedirectResponse
    {
        $queueCard->changeFrom($request->version(), $request->fields());

        return self::done($event, __('Saved: “:question”.', ['question' => $request->string('question')->toString()]));
    }

    public function destroy(Event $event, QueueCard $queueCard): RedirectResponse
    {
        $queueCard->delete();

        return self::done($event, __('“:question” is removed.', ['question' => $queueCard->question]))->with('undo', route('training.queue.restore', [$event, $queueCard]));
    }

    public function restore(Event $event, QueueCard $queueCard): RedirectResponse
    {
        $queueCard->restore();

        return self::done($event, __('“:question” is back.', ['question' => $queueCard->question]));
    }

    private static function done(Event $event, string $status): RedirectResponse
    {
        return redirect()->to(route('training.printed', $event) . '#queue')->with('status', $status);
    }
}
