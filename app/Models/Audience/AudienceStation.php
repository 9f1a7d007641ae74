<?php

declare(strict_types=1);

namespace App\Models\Audience;

use App\Models\Editable;
use App\Models\Event;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Yard\UsualStation;

/**
 * How it goes at the station of a method at one event. What nobody has changed is usual and not stored.
 *
 * @property int $event_id
 * @property Method $method
 * @property string|null $place name of where it stands on the site plan
 * @property int $places how many at once
 * @property float $look_s
 * @property float $spread_s
 * @property float $hand_s
 * @property Event $event
 */
final class AudienceStation extends Model
{
    use Editable;

    protected $fillable = ['event_id', 'method', 'place', 'places', 'look_s', 'spread_s', 'hand_s'];

    /** As long as nobody has changed anything of it. */
    protected $attributes = ['version' => 1, 'place' => null];

    /** @param int $people who go to it */
    public static function usual(Event $event, Method $method, int $people): self
    {
        $usual = UsualStation::of($method, $people);

        return new self(['event_id' => $event->id, 'method' => $method, 'places' => $usual->places, 'look_s' => $usual->service->meanS, 'spread_s' => $usual->service->spreadS, 'hand_s' => $usual->handOverS]);
    }

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    public function station(): Station
    {
        return Station::of($this->method->value, $this->places, ServiceTime::about($this->look_s, $this->spread_s), $this->hand_s);
    }

    protected function casts(): array
    {
        return ['method' => Method::class, 'places' => 'integer', 'look_s' => 'float', 'spread_s' => 'float', 'hand_s' => 'float'];
    }
}
