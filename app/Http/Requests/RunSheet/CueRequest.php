<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use App\Text\PlainText;
use App\Text\TypedSpan;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Clouds;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNeed;

/** One cue as a form has it. */
final class CueRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->fromRules(),
            'uuid' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(CueKind::class)],
            'name' => ['required', 'string', 'max:' . Cue::LONGEST_NAME],
            'anchor' => ['required', Rule::enum(Anchor::class)],
            'clock' => ['nullable', 'required_if:anchor,clock', 'string', 'regex:/^([01]?\d|2[0-3]):[0-5]\d(:[0-5]\d)?$/D'],
            'offset' => ['nullable', 'string', 'max:20', self::span(-Cue::MOST_OFFSET_S, Cue::MOST_OFFSET_S)],
            'duration' => ['nullable', 'string', 'max:20', self::span(0, Cue::MOST_DURATION_S)],
            'who' => ['nullable', 'string', 'max:' . Cue::LONGEST_NAME],
            'where' => ['nullable', 'string', 'max:' . Cue::LONGEST_NAME],
            'crew' => ['nullable', 'string', 'max:' . Cue::LONGEST_TEXT],
            'call' => ['nullable', 'string', 'max:' . Cue::LONGEST_TEXT],
            'clouds' => ['nullable', Rule::enum(Clouds::class)],
            'needs' => ['nullable', Rule::enum(CueNeed::class)],
            'eyes' => ['nullable', Rule::enum(Gaze::class)],
            'frozen' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->fromMessages(),
            'uuid.*' => __('This form is not whole: load the page again.'),
            'kind.*' => __('Choose what it is about.'),
            'name.required' => __('Give it a name.'),
            'name.*' => __('A name has at most :most letters.', ['most' => Cue::LONGEST_NAME]),
            'anchor.*' => __('Choose what it hangs on.'),
            'clock.*' => __('A time as 10:30 or 10:30:15.'),
            'who.*' => __('At most :most letters.', ['most' => Cue::LONGEST_NAME]),
            'where.*' => __('At most :most letters.', ['most' => Cue::LONGEST_NAME]),
            'crew.*' => __('At most :most letters.', ['most' => Cue::LONGEST_TEXT]),
            'call.*' => __('At most :most letters.', ['most' => Cue::LONGEST_TEXT]),
            'clouds.*' => __('Choose what becomes of it.'),
            'needs.*' => __('Choose when it is called.'),
            'eyes.*' => __('Choose where it sends eyes.'),
            'offset.*' => __('A span of time as −10 min, 1:30, 20 s or −3 d.'),
            'duration.*' => __('A length as 10 min, 1:30 or 20 s; left blank for a moment.'),
        ];
    }

    /** The cue, still hanging on its anchor. */
    public function cue(): Cue
    {
        $anchor = Anchor::from($this->string('anchor')->toString());
        $text = fn(string $field): string => PlainText::of($this->string($field)->toString());

        return Cue::of(
            $this->string('uuid')->lower()->toString(),
            CueKind::from($this->string('kind')->toString()),
            $text('name'),
            $anchor,
            TypedSpan::parse($this->string('offset')->toString()) ?? 0,
            $anchor === Anchor::Clock ? self::secondsOf($this->string('clock')->toString()) : null,
            TypedSpan::parse($this->string('duration')->toString()) ?? 0,
            $text('who'),
            $text('where'),
            $text('crew'),
            $text('call'),
            clouds: Clouds::tryFrom($this->string('clouds')->toString()),
            needs: CueNeed::tryFrom($this->string('needs')->toString()),
            eyes: Gaze::tryFrom($this->string('eyes')->toString()),
        );
    }

    public static function secondsOf(string $clock): int
    {
        [$hours, $minutes, $seconds] = array_map(intval(...), [...explode(':', $clock), '0']);

        return 3600 * $hours + 60 * $minutes + $seconds;
    }

    private static function span(int $least, int $most): Closure
    {
        return static function (string $field, mixed $value, Closure $fail) use ($least, $most): void {
            $seconds = is_string($value) ? TypedSpan::parse($value) : null;
            if ($seconds === null || $seconds < $least || $seconds > $most) {
                $fail($field === 'offset' ? __('A span of time as −10 min, 1:30, 20 s or −3 d.') : __('A length as 10 min, 1:30 or 20 s; left blank for a moment.'));
            }
        };
    }
}
