<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use App\Text\Refusals;
use App\Text\TypedBells;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\RunSheet\Rota\Bell;
use KeenShadow\Core\RunSheet\Rota\GroupWish;
use KeenShadow\Core\RunSheet\Rota\StationWish;
use KeenShadow\Core\RunSheet\Rota\Wishes;
use KeenShadow\Core\RunSheet\RunSheetException;

/** What turns and duties go by: the step, bells, groups, stations. */
final class WishesRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->fromRules(),
            'step_min' => ['required', 'integer', Rule::in(Wishes::STEPS_MIN)],
            'longest_min' => ['required', 'integer', 'between:10,1440'],
            'rest_min' => ['required', 'integer', 'between:0,240'],
            'pairs' => ['nullable', 'integer', 'between:0,100000'],
            'bells' => ['nullable', 'string', 'max:4000', self::bells(...)],
            'turns' => ['nullable', 'array', 'max:200'],
            'turns.*' => ['nullable', 'integer', 'between:0,8'],
            'comes' => ['nullable', 'array', 'max:200'],
            'comes.*' => ['array', 'max:' . Bell::MOST],
            'comes.*.*' => ['string', 'max:' . Bell::LONGEST_NAME],
            'stations' => ['nullable', 'array', 'max:20'],
            'stations.*' => ['array:minutes,capacity,crew'],
            'stations.*.minutes' => ['nullable', 'integer', 'between:1,240'],
            'stations.*.capacity' => ['nullable', 'integer', 'between:0,2000'],
            'stations.*.crew' => ['nullable', 'integer', 'between:0,20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->fromMessages(),
            'step_min.*' => __('A step is 1, 5 or 10 minutes.'),
            'longest_min.*' => __('From 10 to 1440 minutes.'),
            'rest_min.*' => __('From 0 to 240 minutes.'),
            'pairs.*' => __('A number of pairs, or nothing for those found fit.'),
            'bells.max' => __('This is too long for the bells of one day.'),
            'turns.*' => __('From 0 to 8 turns, or nothing for what is usual.'),
            'comes*' => __('Choose among the bells.'),
            'stations*' => __('Whole numbers, or nothing for what is usual: 1 to 240 minutes, up to 2000 people, up to 20 helpers.'),
        ];
    }

    /** @param array<string, string> $known names of groups and stations of the event; of others nothing is kept */
    public function wishes(Wishes $was, array $known): Wishes
    {
        $bells = TypedBells::read($this->string('bells')->toString());
        $names = array_column($bells, 'name');
        $isNew = array_column($was->bells, 'name') !== $names;
        $groups = $stations = [];
        foreach ($this->fields('turns') as $id => $turns) {
            $chosen = array_values(array_intersect($names, array_filter($this->fields("comes.{$id}"), is_string(...))));
            $all = array_column(array_filter($bells, static fn(Bell $b): bool => !$b->isBreak), 'name');
            // What was chosen among other bells means nothing any more; all that are no break is what is usual.
            $groups["g{$id}"] = new GroupWish(self::whole($turns), $isNew || $names === [] || $chosen === $all ? null : $chosen);
        }
        foreach ($this->fields('stations') as $method => $wish) {
            $wish = is_array($wish) ? $wish : [];
            $stations[(string) $method] = new StationWish(self::whole($wish['minutes'] ?? null), self::whole($wish['capacity'] ?? null), self::whole($wish['crew'] ?? null));
        }

        return $was->withLimits($this->integer('step_min'), $this->integer('longest_min'), $this->integer('rest_min'), $this->filled('pairs') ? $this->integer('pairs') : null)
            ->withBells($bells)->withGroups(array_intersect_key($groups, $known))->withStations(array_intersect_key($stations, $known));
    }

    /** @return array<array-key, mixed> */
    private function fields(string $name): array
    {
        $fields = $this->input($name);

        return is_array($fields) ? $fields : [];
    }

    private static function whole(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }

    private static function bells(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            TypedBells::read(is_string($value) ? $value : '');
        } catch (RunSheetException $refusal) {
            $fail(Refusals::words($refusal));
        }
    }
}
