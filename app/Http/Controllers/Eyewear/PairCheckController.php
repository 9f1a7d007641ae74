<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Http\Requests\Eyewear\PairCheckRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use KeenShadow\Core\Eyewear\PairCondition;

/** Writes what a checker found. Rows are only ever added. */
final class PairCheckController
{
    public function store(PairCheckRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        $verdict = PairCondition::verdict($request->faults(), $lot->paperwork()->verdict($event->eclipse_date)->level);
        $this->write($request, [
            'uuid' => $request->string('uuid')->toString(),
            'lot_id' => $lot->id,
            'tag' => $request->integer('tag'),
            'faults' => $request->faults(),
            'level' => $verdict->level->value,
            'corrects_id' => null,
        ]);

        return redirect()->route('eyewear.show', [$event, $lot, 'tag' => min($request->integer('tag') + 1, $lot->pairs)])->withFragment('check');
    }

    public function takeBack(Request $request, Event $event, Lot $lot, PairCheck $pairCheck): RedirectResponse
    {
        abort_unless($pairCheck->lot_id === $lot->id, 404);
        $this->write($request, [
            'uuid' => Str::uuid7()->toString(),
            'lot_id' => $lot->id,
            'tag' => $pairCheck->tag,
            'faults' => [],
            'level' => PairCheck::VOID,
            'corrects_id' => $pairCheck->id,
        ]);

        return redirect()->route('eyewear.show', [$event, $lot, 'tag' => $pairCheck->tag])->withFragment('check');
    }

    /**
     * The same entry sent twice is stored once: its UUID, or the entry it corrects, is unique.
     *
     * @param array<string, mixed> $row
     */
    private function write(Request $request, array $row): void
    {
        /** @var User $user */
        $user = $request->user();
        $check = new PairCheck($row + ['checked_by' => $user->id, 'checked_at' => Date::now()]);
        PairCheck::query()->insertOrIgnore([$check->getAttributes()]);
    }
}
