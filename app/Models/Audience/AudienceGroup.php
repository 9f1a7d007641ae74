<?php

declare(strict_types=1);

namespace App\Models\Audience;

use App\Models\Editable;
use App\Models\Event;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Collection;
use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Rules\Book\Standard;

/**
 * People who come together to one event: how many and what they need. Who they are is stored nowhere.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property int $people
 * @property AgeBand $band
 * @property float $eye_from_m
 * @property float $eye_to_m
 * @property int $spectacles
 * @property int $seated
 * @property int $low_vision
 * @property bool $peeks
 * @property int $adults who come with it and can watch one child each
 * @property Collection<int, Method> $methods that are chosen for it
 * @property Coming $comes how they come to the stations
 * @property float|null $ahead_min so long before the best moment; null is what is usual
 * @property bool $goes_first whether they are let in before others
 * @property Event $event
 */
final class AudienceGroup extends Model
{
    use Editable;
    use SoftDeletes;

    protected $fillable = ['uuid', 'event_id', 'name', 'people', 'band', 'eye_from_m', 'eye_to_m', 'spectacles', 'seated', 'low_vision', 'peeks', 'adults', 'methods', 'comes', 'ahead_min', 'goes_first'];

    protected $attributes = ['comes' => 'evenly', 'goes_first' => false, 'adults' => 0];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    public function group(): Group
    {
        return new Group(people: $this->people, band: $this->band, spectacles: $this->spectacles, seated: $this->seated, lowVision: $this->low_vision, peeks: $this->peeks, adults: $this->adults);
    }

    /** @return list<Method> that are chosen and that the rule book allows: a policy may have become stricter since */
    public function allowedMethods(?Policy $policy): array
    {
        return array_values($this->methods->filter(fn(Method $method): bool => !$method->isRefused(Standard::book(), $this->group(), $policy))->all());
    }

    protected function casts(): array
    {
        return ['band' => AgeBand::class, 'eye_from_m' => 'float', 'eye_to_m' => 'float', 'peeks' => 'boolean', 'comes' => Coming::class, 'ahead_min' => 'float', 'goes_first' => 'boolean', 'methods' => AsEnumCollection::of(Method::class)];
    }
}
