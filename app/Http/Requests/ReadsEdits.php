<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;

/**
 * A form that makes a record once, or changes one from the version that was seen: see App\Models\Editable and <x-made-from>.
 *
 * @phpstan-require-extends FormRequest
 */
trait ReadsEdits
{
    /** Blank where none was sent, or something that is none. */
    public function uuid(): string
    {
        $uuid = $this->input('uuid');

        return is_string($uuid) && Str::isUuid($uuid) ? $uuid : '';
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> what was filled in, valid */
    public function fields(): array
    {
        /** @var array<string, mixed> */
        return $this->safe()->except(['uuid', 'version']);
    }

    /** @return array<string, list<string>> */
    private function editRules(): array
    {
        return $this->isMethod('post') ? ['uuid' => ['required', 'uuid']] : ['version' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    private function editMessages(): array
    {
        return array_fill_keys(['uuid.*', 'version.*'], __('This form is not whole: load the page again.'));
    }
}
