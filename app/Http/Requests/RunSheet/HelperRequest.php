<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Models\RunSheet\Helper;
use App\Text\PlainText;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\RunSheet\Rota\Training;

/** A helper of an organisation. */
final class HelperRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var Event $event */
        $event = $this->route('event');
        $helper = $this->route('helper');

        return [
            ...$this->editRules(),
            'name' => ['required', 'string', 'max:80', Rule::unique('helpers')->where('organisation_id', $event->organisation_id)->ignore($helper instanceof Helper ? $helper->uuid : $this->uuid(), 'uuid')],
            'contact' => ['nullable', 'string', 'max:120'],
            'training' => ['nullable', 'array'],
            'training.*' => [Rule::enum(Training::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'name.unique' => __('There is another helper of this name: add a letter to tell them apart.'),
            'name.*' => __('A name of at most 80 letters, as they are called.'),
            'contact.*' => __('At most 120 letters.'),
            'training*' => __('Choose what they are trained for.'),
        ];
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        $contact = PlainText::of($this->string('contact')->toString());

        return ['name' => PlainText::of($this->string('name')->toString()), 'contact' => $contact === '' ? null : $contact, 'training' => array_values(array_unique(array_filter($this->array('training'), is_string(...))))];
    }
}
