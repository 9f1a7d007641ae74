<?php

declare(strict_types=1);

namespace App\Models\Training;

use App\Models\Editable;
use App\Models\Event;
use App\Models\Organisation;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\Training\Queue\CardNeeds;

/**
 * A card for whoever waits; words in braces stand for this site's own numbers.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $question
 * @property string $answer
 * @property CardNeeds $needs
 */
final class QueueCard extends Model
{
    use Editable;
    use SoftDeletes;

    public const MOST = 60;
    public const QUESTION_LETTERS = 160;
    public const ANSWER_LETTERS = 400;

    protected $fillable = ['uuid', 'organisation_id', 'question', 'answer', 'needs'];

    /** @return Builder<self> in the order in which they were written */
    public static function ofOrganisation(int $organisationId): Builder
    {
        return self::query()->where('organisation_id', $organisationId)->orderBy('id');
    }

    /** @return list<self> */
    public static function deckOf(Event $event): array
    {
        return array_values(self::ofOrganisation($event->organisation_id)->get()->all());
    }

    /** Adds the usual cards that there are not yet, as far as there is room: a question makes a card. */
    public static function addUsual(int $organisationId): int
    {
        return DB::transaction(static function () use ($organisationId): int {
            Organisation::query()->lockForUpdate()->findOrFail($organisationId);
            $there = self::ofOrganisation($organisationId)->pluck('question')->all();
            /** @var list<array{string, string, string}> $usual */
            $usual = trans('queue');
            $new = array_slice(array_filter($usual, static fn(array $card): bool => !in_array($card[0], $there, true)), 0, max(0, self::MOST - count($there)));
            foreach ($new as [$question, $answer, $needs]) {
                self::query()->create(['uuid' => Str::uuid7()->toString(), 'organisation_id' => $organisationId, 'question' => $question, 'answer' => $answer, 'needs' => $needs]);
            }

            return count($new);
        });
    }

    protected function casts(): array
    {
        return ['needs' => CardNeeds::class];
    }
}
