<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use App\Http\Requests\ReadsTypedNumbers;
use App\Text\HorizonText;
use App\Text\PlanPointsText;
use App\Text\Refusals;
use App\Text\TypedNumber;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\SiteException;

/**
 * A whole site plan as its numbers, in JSON, since PHP drops what is too long of a form: one entry a thing, its points as
 * "east north; east north", the horizon as lines of azimuth and altitude.
 */
final class PlanRequest extends FormRequest
{
    use ReadsTypedNumbers;
    use StepsFrom;

    private const NUMBERS = ['height_m', 'radius_m', 'sill_m'];

    private ?SitePlan $plan = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->stepRules(),
            'accuracy_m' => ['required', 'numeric'],
            'horizon' => ['nullable', 'string', 'max:200000'],
            'things' => ['present', 'array', 'list', 'max:' . SitePlan::MOST_THINGS],
            'things.*.kind' => ['required', Rule::enum(ThingKind::class)],
            'things.*.name' => ['required', 'string', 'max:' . Thing::LONGEST_NAME],
            'things.*.points' => ['required', 'string', 'max:20000'],
            'things.*.height_m' => ['nullable', 'numeric'],
            'things.*.radius_m' => ['nullable', 'numeric'],
            'things.*.sill_m' => ['nullable', 'numeric'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'accuracy_m.*' => __('How well the plan was measured is a number of metres, for example 0.5.'),
            'things.present' => __('The plan did not come whole: load the page again.'),
            'things.array' => __('The plan did not come whole: load the page again.'),
            'things.list' => __('The plan did not come whole: load the page again.'),
            'things.max' => __('A plan holds at most :max things.'),
            'things.*.kind.*' => __('Choose what it is.'),
            'things.*.name.required' => __('Give it a name.'),
            'things.*.name.*' => __('A name has at most :most letters and no line breaks.', ['most' => Thing::LONGEST_NAME]),
            'things.*.points.required' => __('Say where it is: metres east and north, for example 0 0; 12 0; 12 8.'),
            'things.*.height_m.*' => __('The height is a number of metres.'),
            'things.*.radius_m.*' => __('The radius is a number of metres.'),
            'things.*.sill_m.*' => __('The lower edge is a number of metres.'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $things = [];
            foreach ($this->rows() as $i => $row) {
                try {
                    $things[] = self::thing($row);
                } catch (SiteException $e) {
                    $validator->errors()->add("things.{$i}.{$e->field}", Refusals::words($e));
                }
            }
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                $this->plan = SitePlan::of($things, HorizonText::read($this->string('horizon')->toString()), $this->float('accuracy_m'));
            } catch (SiteException $e) {
                $validator->errors()->add(match ($e->field) {
                    'profile' => 'horizon',
                    'name' => 'things.' . self::secondOfAName($this->rows()) . '.name',
                    default => $e->field,
                }, Refusals::words($e));
            }
        }];
    }

    public function plan(): SitePlan
    {
        return $this->plan ?? throw new \LogicException('asked before it was validated');
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['accuracy_m']);
        $things = $this->isJson() ? $this->input('things') : null;
        if (is_array($things)) {
            $things = array_map(static fn(mixed $row): mixed => is_array($row) ? self::numbersRead($row) : $row, $things);
        }
        $this->merge(['things' => $things]);
    }

    /** @return list<array<string, string|null>> */
    private function rows(): array
    {
        /** @var list<array<string, string|null>> validated */
        return $this->array('things');
    }

    /**
     * @param array<array-key, mixed> $row
     *
     * @return array<array-key, mixed>
     */
    private static function numbersRead(array $row): array
    {
        foreach (self::NUMBERS as $field) {
            if (is_string($row[$field] ?? null)) {
                $row[$field] = TypedNumber::normalise($row[$field]);
            }
        }

        return $row;
    }

    /**
     * @param array<string, string|null> $row
     *
     * @throws SiteException
     */
    private static function thing(array $row): Thing
    {
        $number = static fn(string $field): ?float => is_numeric($row[$field] ?? null) ? (float) $row[$field] : null;

        return Thing::of(
            ThingKind::from((string) $row['kind']),
            trim((string) $row['name']),
            PlanPointsText::read((string) $row['points']),
            $number('height_m'),
            $number('radius_m') ?? 0.0,
            $number('sill_m'),
        );
    }

    /** @param list<array<string, string|null>> $rows */
    private static function secondOfAName(array $rows): int
    {
        $seen = [];
        foreach ($rows as $i => $row) {
            if (in_array($row['name'], $seen, true)) {
                return $i;
            }
            $seen[] = $row['name'];
        }

        return 0;
    }
}
