<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use App\Domain\Site\EventPlan;
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Domain\Sky\PlaceFit;
use App\Models\Event;
use App\Text\Refusals;
use Closure;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Position\Coordinates;
use KeenShadow\Core\Position\CoordinateText;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Sky\Observer;

/** A position, in any of the ways people write one, that becomes a spot of the plan or the event's place. */
final class PositionRequest extends FormRequest
{
    private ?SitePlan $plan = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'position' => ['required', 'string', 'max:500'],
            'as' => ['required', Rule::in(['spot', 'event'])],
            'version' => ['required_if:as,event', 'integer'],
            'spot_name' => ['required_if:as,spot', 'nullable', 'string', 'max:' . Thing::LONGEST_NAME],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'position.*' => __('Give a position: read it from a device, or type it.'),
            'spot_name.*' => __('Name the spot.'),
            'version.*' => __('This form is not whole: load the page again.'),
            'as.*' => __('Say what the position is for.'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $event = $this->route('event');
            if ($validator->errors()->isNotEmpty() || !$event instanceof Event) {
                return;
            }
            $place = CoordinateText::parse($this->string('position')->toString());
            if ($place === null) {
                $validator->errors()->add('position', __('This is not a position on the Earth. Write it like 36.5297 -6.2926 or 36°31′47″N 6°17′33″W.'));
            } elseif ($this->isForEvent()) {
                $eclipse = app(Eclipses::class)->onDate($event->eclipse_date->format('Y-m-d'));
                if (!$eclipse->circumstances(Observer::at($place->latDeg, $place->lonDeg))->isSeen()) {
                    $validator->errors()->add('position', __('The eclipse of :date is not seen there: the event stays where it is.', ['date' => $eclipse->date()]));
                }
            } else {
                try {
                    $this->plan = $this->withSpot($event, $place);
                } catch (SiteException $e) {
                    $validator->errors()->add($e->field === 'name' ? 'spot_name' : 'position', $e->field === 'points'
                        ? __('This is more than 2 km from the event\'s place: change the event\'s place first.')
                        : Refusals::words($e));
                }
            }
        }];
    }

    public function isForEvent(): bool
    {
        return $this->string('as')->toString() === 'event';
    }

    public function place(): Coordinates
    {
        return CoordinateText::parse($this->string('position')->toString()) ?? throw new \LogicException('asked before it was validated');
    }

    /** @return array{lat: float, lon: float, height_m: float, place_name: string, timezone: string} the event there; what does not fit the place any more is proposed anew */
    public function eventFields(Event $event): array
    {
        $place = $this->place();
        $fit = PlaceFit::of($place->latDeg, $place->lonDeg, $event->height_m, $event->place_name, new DateTimeZone($event->timezone), $event->eclipse_date, app(Gazetteer::class), $event);
        // Where nobody measured it, another place's height is worse than the sea's.
        $height = $place->heightM ?? (isset($fit->misfits['height_m']) ? 0.0 : $event->height_m);

        return [
            'lat' => $place->latDeg,
            'lon' => $place->lonDeg,
            'height_m' => max(-500.0, min(10000.0, $height)),
            'place_name' => isset($fit->misfits['place_name']) ? mb_substr($fit->near, 0, 120) : $event->place_name,
            'timezone' => isset($fit->misfits['timezone']) ? $fit->zone : $event->timezone,
        ];
    }

    public function plan(): SitePlan
    {
        return $this->plan ?? throw new \LogicException('asked before it was validated');
    }

    /**
     * The plan with a spot moved there, or a new one for viewers.
     *
     * @throws SiteException
     */
    private function withSpot(Event $event, Coordinates $place): SitePlan
    {
        $plan = EventPlan::of($event)->plan();
        $name = $this->string('spot_name')->trim()->toString();
        $at = (new LocalTangentPlane($event->lat, $event->lon))->toPlan($place);
        $at = new PlanPoint(round($at->eastM, 2), round($at->northM, 2));
        $there = $plan->named($name);
        $things = $there !== null && $there->kind->isPlace()
            ? array_map(static fn(Thing $t): Thing => $t === $there ? $t->withPoints([$at]) : $t, $plan->things)
            : [...$plan->things, Thing::of(ThingKind::Audience, $name, [$at])];

        return SitePlan::of($things, $plan->horizon, $plan->accuracyM);
    }
}
