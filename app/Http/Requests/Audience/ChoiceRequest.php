<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use App\Http\Requests\ReadsEdits;
use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use App\Text\RuleWords;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;

/** A method that is chosen for a group, or is not any more. */
final class ChoiceRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editRules(), 'method' => ['required', Rule::enum(Method::class)], 'chosen' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->editMessages(), 'method.*' => __('Choose one of the methods.'), 'chosen.*' => __('Choose one of the methods.')];
    }

    /**
     * What the rule book refuses to the group is not chosen for it.
     *
     * @return list<callable(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $event = $this->route('event');
            $group = $this->route('audienceGroup');
            $method = $validator->errors()->isEmpty() ? Method::tryFrom($this->string('method')->toString()) : null;
            if ($event instanceof Event && $group instanceof AudienceGroup && $method !== null && $this->boolean('chosen')) {
                $answer = $method->answer(Standard::book(), $group->group(), $event->policy);
                if ($answer?->permission === Permission::No) {
                    $validator->errors()->add('method', RuleWords::sentence($answer->rules[0]->statement));
                }
            }
        }];
    }

    /** @return list<Method> of the group, with this one or without it */
    public function methods(AudienceGroup $group): array
    {
        $method = Method::from($this->string('method')->toString());

        return array_values(array_filter(Method::cases(), fn(Method $one): bool => $one === $method ? $this->boolean('chosen') : $group->methods->contains($one)));
    }
}
