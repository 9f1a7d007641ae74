<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Models\Eyewear\Lot;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\Occasion;

/** A device asks for tags, or gives them back. */
final class TrayRequest extends FormRequest
{
    private const USUAL = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $lot = $this->route('lot');

        return [
            'uuid' => ['required', 'uuid'],
            'occasion' => ['required', Rule::enum(Occasion::class)],
            'size' => ['nullable', 'integer', 'between:1,200'],
            'from' => ['nullable', 'integer', 'between:1,' . ($lot instanceof Lot ? $lot->pairs : 1)],
            'instead' => ['nullable', 'uuid'],
        ];
    }

    public function uuid(): string
    {
        return $this->string('uuid')->toString();
    }

    public function occasion(): Occasion
    {
        return Occasion::from($this->string('occasion')->toString());
    }

    public function size(): int
    {
        return $this->filled('size') ? $this->integer('size') : self::USUAL;
    }

    public function from(): ?int
    {
        return $this->filled('from') ? $this->integer('from') : null;
    }

    /** UUID of the tray that is given back first. */
    public function instead(): ?string
    {
        return $this->filled('instead') ? $this->string('instead')->toString() : null;
    }
}
