<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

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
 * A whole site plan as its numbers: one row a thing, its points as "east north; east north", the horizon as lines of
 * azimuth and altitude. A row without a name and points is no thing; one that is marked goes.
 */
final class PlanRequest extends FormRequest
{
    private const NUMBERS = ['height_m', 'radius_m', 'sill_m'];

    private ?SitePlan $plan = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from' => ['nullable', 'integer'],
            'spot' => ['nullable', 'string', 'max:' . Thing::LONGEST_NAME],
            'accuracy_m' => ['required', 'numeric'],
            'horizon' => ['nullable', 'string', 'max:200000'],
            'things' => ['array', 'max:' . (SitePlan::MOST_THINGS + 1)],
            'things.*.kind' => ['required', Rule::enum(ThingKind::class)],
            'things.*.name' => ['required', 'string', 'max:' . Thing::LONGEST_NAME, 'not_regex:/[[:cntrl:]]/u'],
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

    public function revision(): ?int
    {
        return $this->filled('from') ? $this->integer('from') : null;
    }

    public function spot(): ?string
    {
        return $this->filled('spot') ? $this->string('spot')->toString() : null;
    }

    protected function prepareForValidation(): void
    {
        $rows = [];
        foreach ((array) $this->input('things', []) as $i => $row) {
            if (!is_array($row) || isset($row['remove'])) {
                continue;
            }
            foreach (self::NUMBERS as $field) {
                if (is_string($row[$field] ?? null)) {
                    $row[$field] = TypedNumber::normalise($row[$field]);
                }
            }
            if (($row['name'] ?? '') !== '' || ($row['points'] ?? '') !== '') {
                $rows[$i] = $row;
            }
        }
        $this->merge(['things' => $rows]);
        if (is_string($this->input('accuracy_m'))) {
            $this->merge(['accuracy_m' => TypedNumber::normalise($this->input('accuracy_m'))]);
        }
    }

    /** @return array<int|string, array<string, string|null>> */
    private function rows(): array
    {
        /** @var array<int|string, array<string, string|null>> */
        return (array) $this->input('things', []);
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

    /** @param array<int|string, array<string, string|null>> $rows */
    private static function secondOfAName(array $rows): int|string
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
