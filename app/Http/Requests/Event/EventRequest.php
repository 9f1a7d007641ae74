<?php

declare(strict_types=1);

namespace App\Http\Requests\Event;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Domain\Sky\PlaceFit;
use App\Http\Requests\ReadsEdits;
use App\Http\Requests\ReadsTypedNumbers;
use App\Models\Event;
use App\Text\Refusals;
use Closure;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SolarEclipse;

/** A new or changed event: every number within its range, an eclipse that exists and is seen at the place. */
final class EventRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsTypedNumbers;

    private const NUMBERS = ['lat', 'lon', 'height_m'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...$this->editRules(),
            'title' => ['required', 'string', 'max:120'],
            'place_name' => ['required', 'string', 'max:120'],
            'lat' => ['required', 'numeric', 'between:-90,90'],
            'lon' => ['required', 'numeric', 'between:-180,180'],
            'height_m' => ['required', 'numeric', 'between:-500,10000'],
            'timezone' => ['required', 'string', 'timezone:all'],
            'eclipse_date' => ['required', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'title.required' => __('Give the event a title.'),
            'place_name.required' => __('Name the place.'),
            'lat.*' => __('The latitude is a number from −90 (south) to 90 (north), for example 36.53.'),
            'lon.*' => __('The longitude is a number from −180 (west) to 180 (east), for example −6.29.'),
            'height_m.*' => __('The height is a number from −500 to 10 000 metres.'),
            'timezone.*' => __('This is not a time zone of the IANA list; one is Europe/Madrid.'),
            'eclipse_date.required' => __('Choose an eclipse, or type its date.'),
            'eclipse_date.date_format' => __('Write the date as year-month-day, for example 2027-08-02.'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->has('eclipse_date')) {
                return;
            }
            try {
                $eclipse = app(Eclipses::class)->onDate($this->string('eclipse_date')->toString());
            } catch (SkyException $e) {
                $validator->errors()->add('eclipse_date', Refusals::words($e));

                return;
            }
            if ($validator->errors()->hasAny(self::NUMBERS)) {
                return;
            }
            $here = $eclipse->circumstances(Observer::at($this->float('lat'), $this->float('lon'), $this->float('height_m')));
            if (!$here->isSeen()) {
                $validator->errors()->add('eclipse_date', $here->kind === LocalKind::None
                    ? __('The eclipse of :date is not seen at this place: the Moon\'s shadow passes it by.', ['date' => $eclipse->date()])
                    : __('The eclipse of :date is not seen at this place: the Sun is below the horizon all the time.', ['date' => $eclipse->date()]));
            }
            $this->checkThatItFits($validator, $eclipse);
        }];
    }

    /** A name, a zone or a height that belongs elsewhere is pointed out once; whoever types them knows better. */
    private function checkThatItFits(Validator $validator, SolarEclipse $eclipse): void
    {
        if ($this->boolean('as_typed') || $validator->errors()->hasAny(['place_name', 'timezone'])) {
            return;
        }
        $event = $this->route('event');
        $fit = PlaceFit::of(
            $this->float('lat'),
            $this->float('lon'),
            $this->float('height_m'),
            $this->string('place_name')->toString(),
            new DateTimeZone($this->string('timezone')->toString()),
            $eclipse->greatest(),
            app(Gazetteer::class),
            $event instanceof Event ? $event : null,
        );
        foreach ($fit->misfits as $field => $misfit) {
            $validator->errors()->add($field, $misfit);
        }
        if ($fit->misfits !== []) {
            $validator->errors()->add('as_typed', __('Change what does not fit, or say that it is right.'));
        }
    }

    /** @return array{title: string, place_name: string, lat: float, lon: float, height_m: float, timezone: string, eclipse_date: string} */
    public function eventFields(): array
    {
        return [
            'title' => $this->string('title')->toString(),
            'place_name' => $this->string('place_name')->toString(),
            'lat' => $this->float('lat'),
            'lon' => $this->float('lon'),
            'height_m' => $this->float('height_m'),
            'timezone' => $this->string('timezone')->toString(),
            'eclipse_date' => $this->string('eclipse_date')->toString(),
        ];
    }

    /** People type decimal commas and true minus signs; the eclipse comes from the list or as a date of its own. */
    protected function prepareForValidation(): void
    {
        $this->readNumbers(self::NUMBERS);
        $choice = $this->input('eclipse');
        $this->merge(['eclipse_date' => $choice === 'other' ? $this->input('other_date') : $choice]);
    }
}
