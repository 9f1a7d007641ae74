<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use App\Http\Requests\ReadsTypedNumbers;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Audience\Methods\Kit;

/** What there is to work with, of what the program does not know: helpers, budget, kit, a wall in the shade. */
final class MeansRequest extends FormRequest
{
    use ReadsTypedNumbers;

    private const MOST_HELPERS = 1000;
    private const MOST_BUDGET = 1000000;
    private const USUAL_HELPERS = 4;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'helpers' => ['nullable', 'integer', 'between:0,' . self::MOST_HELPERS],
            'budget' => ['nullable', 'numeric', 'between:0,' . self::MOST_BUDGET],
            'kit' => ['nullable', 'array', 'max:' . count(Kit::cases())],
            'kit.*' => [Rule::enum(Kit::class)],
            'wall' => ['nullable', Rule::in(['yes', 'no'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'helpers.*' => __('How many helpers: a whole number from 0 to :most.', ['most' => self::MOST_HELPERS]),
            'budget.*' => __('The budget is a number from 0 to :most, or left blank.', ['most' => self::MOST_BUDGET]),
            'kit*' => __('Tick what is at hand.'),
            'wall.*' => __('Is there a wall in the shade: yes, no, or left open.'),
        ];
    }

    public function helpers(): int
    {
        return $this->filled('helpers') ? $this->integer('helpers') : self::USUAL_HELPERS;
    }

    public function budget(): ?float
    {
        return $this->filled('budget') ? $this->float('budget') : null;
    }

    /** @return list<Kit> */
    public function kit(): array
    {
        return array_values($this->enums('kit', Kit::class));
    }

    public function hasShadedWall(): ?bool
    {
        return $this->filled('wall') ? $this->string('wall')->toString() === 'yes' : null;
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['budget']);
    }

    protected function getRedirectUrl(): string
    {
        return route('audience.methods', $this->route('event'));
    }
}
