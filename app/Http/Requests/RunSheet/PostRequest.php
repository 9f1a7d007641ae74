<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\RunSheet\Rota\RotaDay;
use KeenShadow\Core\RunSheet\Rotation\Post;

/** One stretch of a helper at a station, by hand. */
final class PostRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->fromRules(),
            'uuid' => ['required', 'uuid'],
            'helper' => ['required', 'string', 'regex:/^h[0-9]{1,18}$/D'],
            'station' => ['required', 'string', 'regex:/^[a-z_]{1,20}$/D'],
            'start' => ['required', 'string', 'date_format:H:i'],
            'end' => ['required', 'string', 'date_format:H:i', function (string $attribute, mixed $value, Closure $fail): void {
                if ($value === $this->input('start')) {
                    $fail(__('It ends after it begins.'));
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'uuid.*' => __('This form is not whole: load the page again.'), 'helper.*' => __('Choose who.'), 'station.*' => __('Choose a station.'), 'start.*' => __('A time as 10:30.'), 'end.date_format' => __('A time as 10:30.'), 'end.required' => __('A time as 10:30.')];
    }

    public function uuid(): string
    {
        return $this->string('uuid')->lower()->toString();
    }

    public function duty(RotaDay $day): Post
    {
        $at = fn(string $field): int => $day->near(intdiv(CueRequest::secondsOf($this->string($field)->toString()), 60));

        return new Post($this->string('helper')->toString(), $this->string('station')->toString(), $at('start'), $at('end'));
    }
}
