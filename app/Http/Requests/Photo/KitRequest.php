<?php

declare(strict_types=1);

namespace App\Http\Requests\Photo;

use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Models\Photo\KitItem;
use App\Models\User;
use App\Text\PhotoWords;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Kit\KitRecord;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;

/** A piece of kit; whose it is: the organisation's, or of the person who writes it down. */
final class KitRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsKitNumbers;

    /** Fields of the form by the path of the record. */
    private const FIELDS = [
        'sensor_mm' => 'sensor_w', 'sensor_mm[0]' => 'sensor_w', 'sensor_mm[1]' => 'sensor_h', 'iso' => 'iso_most', 'iso[0]' => 'iso_least', 'iso[1]' => 'iso_most',
    ];

    /** @var array<string, mixed> */
    private array $item = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $event = $this->route('event');
        $item = $this->route('kitItem');

        return [
            ...$this->editRules(),
            'kind' => $item instanceof KitItem ? ['prohibited'] : ['required', Rule::enum(KitKind::class)],
            'name' => [
                'required', 'string', 'max:60',
                Rule::unique('kit_items')->where('organisation_id', $event instanceof Event ? $event->organisation_id : 0)->where('kind', $this->kind()?->value)->withoutTrashed()->ignore($item instanceof KitItem ? $item->uuid : $this->uuid(), 'uuid'),
            ],
            'mine' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'kind.*' => __('Choose what it is.'),
            'name.unique' => __('There is one of that name already.'),
            'name.*' => __('Give it a name of at most 60 letters.'),
            'mine.*' => __('Choose whose it is.'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $kind = $this->kind();
            try {
                $this->item = $kind === null ? [] : KitRecord::write(KitRecord::read($kind, array_filter($this->record($kind), static fn(mixed $value): bool => $value !== null)));
            } catch (PhotoException $e) {
                $validator->errors()->add(self::FIELDS[$e->field] ?? $e->field, PhotoWords::refused($e));
            }
        }];
    }

    /** @return array<string, mixed> as it is stored; another's piece stays theirs */
    public function fields(): array
    {
        $item = $this->route('kitItem');
        /** @var User $user */
        $user = $this->user();
        $isAnothers = $item instanceof KitItem && $item->owner_id !== null && $item->owner_id !== $user->id;

        return ['name' => $this->string('name')->toString(), 'item' => $this->item]
            + ($item instanceof KitItem ? [] : ['kind' => $this->kind()])
            + ($isAnothers ? [] : ['owner_id' => $this->boolean('mine') ? $user->id : null]);
    }

    private function kind(): ?KitKind
    {
        $item = $this->route('kitItem');
        $kind = $this->input('kind');

        return $item instanceof KitItem ? $item->kind : (is_string($kind) ? KitKind::tryFrom($kind) : null);
    }

    /** @return array<string, mixed> */
    private function record(KitKind $kind): array
    {
        $number = fn(Measure $measure): float|string|null => self::number($this->input($measure->value));
        $both = fn(string $first, string $second): ?array => ($pair = [self::number($this->input($first)), self::number($this->input($second))]) === [null, null] ? null : $pair;

        return match ($kind) {
            KitKind::Camera => [
                'is_phone' => $this->boolean('is_phone'), Measure::Side->value => $both('sensor_w', 'sensor_h'), Measure::Iso->value => $both('iso_least', 'iso_most'),
                ...array_combine(
                    array_column([Measure::Pixel, Measure::FramesPerSecond, Measure::Buffer, Measure::Write, Measure::Focal, Measure::FNumber], 'value'),
                    array_map($number, [Measure::Pixel, Measure::FramesPerSecond, Measure::Buffer, Measure::Write, Measure::Focal, Measure::FNumber]),
                ),
            ],
            KitKind::Optics => ['build' => $this->input('build'), Measure::Focal->value => $number(Measure::Focal), Measure::FNumber->value => $number(Measure::FNumber), Measure::Aperture->value => $number(Measure::Aperture)],
            KitKind::Filter => ['make' => $this->input('make'), 'seat' => $this->input('seat'), 'fixing' => $this->input('fixing'), Measure::Opening->value => $number(Measure::Opening)],
            KitKind::Mount => ['tracks' => $this->boolean('tracks')],
        };
    }
}
