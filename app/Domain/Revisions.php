<?php

declare(strict_types=1);

namespace App\Domain;

use App\Models\Event;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * What belongs to an event and is kept in revisions: each points to the one it was made from, and the event to the one that
 * holds. A step back goes to the parent, a step on to the newest child.
 *
 * @template T of Model
 */
final readonly class Revisions
{
    private const ATTEMPTS = 3;

    /**
     * @param HasMany<T, Event> $all
     * @param BelongsTo<T, Event> $held
     */
    public function __construct(private Event $event, private HasMany $all, private BelongsTo $held) {}

    /** The number of the one that holds, null before the first. */
    public function number(): ?int
    {
        return self::whole($this->event->getAttribute($this->held->getForeignKeyName()));
    }

    public function canUndo(): bool
    {
        return $this->number() !== null;
    }

    public function canRedo(): bool
    {
        return $this->next($this->number()) !== null;
    }

    /**
     * Does something with the one that holds, which nobody else changes meanwhile; once more where two waited for each other.
     *
     * @param Closure(T|null): void $do
     */
    public function during(Closure $do): void
    {
        DB::transaction(function () use ($do): void {
            $key = $this->held->getForeignKeyName();
            $row = Event::query()->lockForUpdate()->findOrFail($this->event->id);
            // What the event was loaded with, or an attempt that was rolled back left in it, is of no matter.
            $this->event->setAttribute($key, $row->getAttribute($key));
            $this->event->syncOriginalAttribute($key);
            $do($this->find(self::whole($row->getAttribute($key))));
        }, self::ATTEMPTS);
    }

    /** @param T|null $revision holds from now on */
    public function hold(?Model $revision): void
    {
        (clone $this->held)->associate($revision)->save();
    }

    /**
     * Back to the one from which the present one was made.
     *
     * @param int|null $from the revision that was seen
     * @param Closure(T|null): Throwable $conflict what is thrown when another one holds by now
     */
    public function undo(?int $from, Closure $conflict): void
    {
        $this->step($from, $conflict, fn(?Model $holds): ?Model => $this->find(self::whole($holds?->getAttribute('parent_id'))));
    }

    /**
     * On to the newest that was made from the present one.
     *
     * @param Closure(T|null): Throwable $conflict
     */
    public function redo(?int $from, Closure $conflict): void
    {
        $this->step($from, $conflict, fn(?Model $holds): ?Model => $this->next(self::key($holds)) ?? $holds);
    }

    /** @return T|null */
    public function find(?int $number): ?Model
    {
        return $number === null ? null : $this->all->getQuery()->clone()->with('maker')->whereKey($number)->first();
    }

    /** @param T|null $revision */
    public static function key(?Model $revision): ?int
    {
        return self::whole($revision?->getKey());
    }

    /** @return T|null */
    private function next(?int $number): ?Model
    {
        return $this->all->getQuery()->clone()->where('parent_id', $number)->orderByDesc('id')->first();
    }

    /**
     * @param Closure(T|null): Throwable $conflict
     * @param Closure(T|null): (T|null) $to
     */
    private function step(?int $from, Closure $conflict, Closure $to): void
    {
        $this->during(fn(?Model $holds) => self::key($holds) === $from ? $this->hold($to($holds)) : throw $conflict($holds));
    }

    private static function whole(mixed $value): ?int
    {
        return is_int($value) ? $value : null;
    }
}
