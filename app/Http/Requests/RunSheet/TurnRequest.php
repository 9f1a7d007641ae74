<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use App\Domain\RunSheet\EventRota;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** One turn of a group at a station, by hand. */
final class TurnRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->fromRules(),
            'was' => ['nullable', 'string', 'regex:/^g[0-9]{1,18}-[a-z_]{1,20}$/D'],
            'group' => ['required', 'string', 'regex:/^g[0-9]{1,18}$/D'],
            'station' => ['required', 'string', 'regex:/^[a-z_]{1,20}$/D'],
            'start' => ['required', 'string', 'date_format:H:i'],
            'minutes' => ['nullable', 'integer', 'between:1,240'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'was.*' => __('This form is not whole: load the page again.'), 'group.*' => __('Choose a group.'), 'station.*' => __('Choose a station.'), 'start.*' => __('A time as 10:30.'), 'minutes.*' => __('From 1 to 240 minutes, or nothing for a turn as it is there.')];
    }

    /** The turn; as long as turns at its station last where nothing else is said. */
    public function turn(EventRota $rota): ?Turn
    {
        $stations = array_column($rota->problem()->stations ?? [], null, 'id');
        $station = $stations[$this->string('station')->toString()] ?? null;
        if ($rota->day === null || $station === null) {
            return null;
        }
        $start = $rota->day->near(intdiv(CueRequest::secondsOf($this->string('start')->toString()), 60));

        return new Turn($this->string('group')->toString(), $station->id, $start, $start + ($this->filled('minutes') ? $this->integer('minutes') : $station->minutes));
    }
}
