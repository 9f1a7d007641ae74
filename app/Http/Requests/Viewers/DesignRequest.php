<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Text\Refusals;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;

/** A design that is being tried out: a viewer without a name. Lengths may have units. */
class DesignRequest extends FormRequest
{
    private const YES_OR_NO = ['attended', 'people_in_beam'];

    private ?Design $design = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $build = $this->input('build');
        $sizes = is_string($build) ? Build::tryFrom($build)?->kind()->sizes() ?? [] : [];

        return [
            'build' => ['required', Rule::enum(Build::class)],
            ...array_fill_keys(array_diff(self::parts(), self::YES_OR_NO), ['nullable', 'string', 'max:100']),
            ...array_fill_keys(self::YES_OR_NO, ['nullable', 'boolean']),
            'outline' => ['nullable', 'string', 'max:6000'],
            ...array_fill_keys(array_map(static fn(Size $size): string => $size->value, $sizes), ['required', 'string', 'max:100']),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'build.*' => __('Choose what you build.'),
            'outline.*' => __('That is too much for one pattern: draw fewer strokes.'),
            ...array_combine(
                array_map(static fn(Size $size): string => $size->value . '.*', Size::cases()),
                array_map(static fn(Size $size): string => Refusals::words(ViewerException::notALength($size->value, '')), Size::cases()),
            ),
        ];
    }

    /** @return list<callable(Validator): void> what makes no viewer is refused at its field */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->hasAny(['build', ...self::parts()])) {
                return;
            }
            try {
                $this->design = DesignRecord::read($this->record(), isWhole: false);
            } catch (Refusal $e) {
                $validator->errors()->add($e->field === '' ? 'build' : $e->field, Refusals::words($e));
            }
        }];
    }

    /** Once it is found valid. */
    public function design(): Design
    {
        return $this->design ?? DesignRecord::read($this->record(), isWhole: false);
    }

    /** Whoever asks for what cannot be shown goes to the workshop's first page, never to the same question again. */
    protected function getRedirectUrl(): string
    {
        return $this->isMethod('get') ? route('viewers.index', $this->route('event')) : parent::getRedirectUrl();
    }

    /** @return list<string> the fields of a design but its build */
    private static function parts(): array
    {
        return array_values(array_diff(DesignRecord::keys(), ['kind', 'build', 'name', ...DesignRecord::LIGHT]));
    }

    /** @return array<string, mixed> */
    private function record(): array
    {
        $record = [];
        foreach (['build', ...self::parts()] as $key) {
            $record[$key] = in_array($key, self::YES_OR_NO, true) && $this->filled($key) ? $this->boolean($key) : $this->input($key);
        }

        return $record;
    }
}
