<?php

declare(strict_types=1);

namespace App\Domain\Training;

use App\Domain\Kept;
use App\Models\Event;
use App\Models\Training\TrainingResult;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Training\Cards\Deck;
use KeenShadow\Core\Training\Record\Attempt;
use KeenShadow\Core\Training\Record\CrewTask;
use KeenShadow\Core\Training\Record\Judge;
use KeenShadow\Core\Training\Record\Need;

/** What was practised in an organisation, and what it counts for at an event: worked out by the rules as they are now. */
final class TrainingRecord
{
    public const MOST_AT_ONCE = 200;
    private const LONGEST_AWAY_DAYS = 30;

    private ?Judge $judge = null;

    public function __construct(private readonly Kept $kept) {}

    /**
     * Stores each once, however often a device sends it.
     *
     * @param list<NewResult> $results
     *
     * @return array<string, string> by UUID: blank once it is stored, or why it is not
     */
    public function store(Event $event, Trainee $trainee, array $results): array
    {
        $told = [];
        foreach ($results as $new) {
            $now = Date::now();
            $row = new TrainingResult([
                'uuid' => $new->uuid, 'organisation_id' => $event->organisation_id, 'event_id' => $event->id, 'user_id' => $trainee->userId, 'helper_id' => $trainee->helperId,
                'exercise' => $new->exercise, 'duty' => $new->duty, 'about' => $new->about, 'given' => $new->given,
                'done_at' => $new->doneAt->gt($now) ? $now : ($new->doneAt->lt($now->subDays(self::LONGEST_AWAY_DAYS)) ? $now : $new->doneAt),
            ]);
            $isNew = TrainingResult::query()->insertOrIgnore([$row->getAttributes()]) === 1;
            $told[$new->uuid] = $isNew || $this->isTheSame($row) ? '' : __('Something else was stored under its number before.');
        }

        return $told;
    }

    /** @return list<Attempt> of one person within the organisation, in order of time */
    public function of(Event $event, Trainee $trainee): array
    {
        return self::attempts(self::recent($event)->where('user_id', $trainee->userId)->where('helper_id', $trainee->helperId));
    }

    /** @return array<int, list<Attempt>> of all helpers, by their number, in order of time */
    public function ofHelpers(Event $event): array
    {
        $by = [];
        foreach (self::recent($event)->whereNotNull('helper_id')->get() as $result) {
            $by[(int) $result->helper_id][] = $result->attempt();
        }

        return $by;
    }

    /**
     * @param list<Attempt> $attempts of one person
     *
     * @return list<Need> what is still to be passed before the event
     */
    public function lacking(Event $event, array $attempts, CrewTask $task): array
    {
        $day = self::reckonedOn($event);

        return array_values(array_filter($task->needs(), fn(Need $need): bool => !$need->isMet($attempts, $day, $this->judge())));
    }

    public function judge(): Judge
    {
        return $this->judge ??= Judge::of(Standard::book());
    }

    /** @return array<string, array{difficulty: int, answer: string, duties: list<string>}> of all cards there are */
    public function cards(): array
    {
        return $this->kept->by('cards', [], static fn(): array => Deck::of(Standard::book())->index());
    }

    private function isTheSame(TrainingResult $row): bool
    {
        $before = TrainingResult::query()->where('uuid', $row->uuid)->first();

        return $before !== null && [$before->event_id, $before->user_id, $before->helper_id, $before->exercise, $before->about] === [$row->event_id, $row->user_id, $row->helper_id, $row->exercise, $row->about] && $before->fill(['given' => $row->given])->isClean();
    }

    private static function reckonedOn(Event $event): DateTimeImmutable
    {
        // What was done this minute counts.
        return Need::reckonedOn($event->eclipse_date->toDateTimeImmutable(), Date::now()->addMinute()->toDateTimeImmutable());
    }

    /** @return Builder<TrainingResult> all that can count for the event, and what came after */
    private static function recent(Event $event): Builder
    {
        return TrainingResult::query()->where('organisation_id', $event->organisation_id)->where('done_at', '>=', Need::since(self::reckonedOn($event)))->orderBy('done_at')->orderBy('id');
    }

    /**
     * @param Builder<TrainingResult> $rows
     *
     * @return list<Attempt>
     */
    private static function attempts(Builder $rows): array
    {
        return array_values($rows->get()->map(static fn(TrainingResult $result): Attempt => $result->attempt())->all());
    }
}
