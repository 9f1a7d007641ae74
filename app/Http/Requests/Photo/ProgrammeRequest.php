<?php

declare(strict_types=1);

namespace App\Http\Requests\Photo;

use App\Domain\Photo\EventCameras;
use App\Models\Event;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Text\FreeName;
use App\Text\PhotoWords;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Programme\Outfit;
use KeenShadow\Core\Photo\Programme\Programme;
use KeenShadow\Core\Photo\Programme\ProgrammeRecord;
use KeenShadow\Core\Photo\Programme\Wanted;

/** A camera's programme that is being tried out, with its kit. Rows of wishes without a phase are none; they go by their rank. */
class ProgrammeRequest extends FormRequest
{
    use ReadsKitNumbers;

    private ?Programme $programme = null;
    private ?Outfit $outfit = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'camera_id' => ['required', 'integer', 'between:1,999999999999999999'],
            ...array_fill_keys(['optics_id', 'filter_id', 'mount_id'], ['nullable', 'integer', 'between:1,999999999999999999']),
            ...array_fill_keys([...array_map(static fn(Measure $measure): string => $measure->value, ProgrammeRecord::NUMBERS), 'finder', 'watched_by', 'place'], ['nullable', 'string', 'max:100']),
            'wanted' => ['nullable', 'array', 'max:20'],
            'wanted.*' => ['array'],
            'wanted.*.*' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['camera_id.*' => __('Choose a camera.'), 'optics_id.*' => __('Choose from the list.'), 'filter_id.*' => __('Choose from the list.'), 'mount_id.*' => __('Choose from the list.'), 'wanted*' => __('Write down at most :most wishes.', ['most' => Programme::MOST_WISHES]), '*' => __('At most 100 letters.')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $kit = [];
            foreach (PhotoPlan::KIT as $part) {
                $kit[$part] = $this->kit($part);
                if ($kit[$part] === null && $this->filled("{$part}_id")) {
                    $validator->errors()->add("{$part}_id", __('Choose from the list.'));
                }
            }
            if ($validator->errors()->isNotEmpty() || $kit['camera'] === null) {
                return;
            }
            $rows = $this->rows();
            try {
                $this->programme = ProgrammeRecord::read(array_filter($this->record($rows), static fn(mixed $value): bool => $value !== null));
                $this->outfit = EventCameras::outfit($kit['camera'], $kit['optics'], $kit['filter'], $kit['mount']);
                $this->outfit->check($this->programme);
            } catch (PhotoException $e) {
                $validator->errors()->add(self::field($e->field, array_keys($rows)), PhotoWords::refused($e));
            }
        }];
    }

    public function programme(): Programme
    {
        return $this->programme ?? abort(422);
    }

    public function outfit(): Outfit
    {
        return $this->outfit ?? abort(422);
    }

    /** A piece of the organisation's kit; one that was removed only where the plan has it already. */
    public function kit(string $part): ?KitItem
    {
        $event = $this->route('event');
        $plan = $this->route('photoPlan');
        $id = $this->integer("{$part}_id");
        $item = $event instanceof Event && $id > 0 ? KitItem::ofOrganisation($event->organisation_id)->withTrashed()->where('kind', KitKind::from($part))->find($id) : null;

        return $item !== null && (!$item->trashed() || $plan instanceof PhotoPlan && $plan->getAttribute("{$part}_id") === $item->id) ? $item : null;
    }

    /** Whoever asks for what cannot be shown goes to the list of cameras, never to the same question again. */
    protected function getRedirectUrl(): string
    {
        return $this->isMethod('get') ? route('photo.index', $this->route('event')) : parent::getRedirectUrl();
    }

    /** @return array<array-key, array<string, mixed>> of the form, the dearest first, by their key in it */
    private function rows(): array
    {
        $rows = array_filter((array) $this->input('wanted', []), static fn(mixed $row): bool => is_array($row) && ($row['from'] ?? '') !== '' && $row['from'] !== null);
        uasort($rows, static fn(array $a, array $b): int => (self::number($a['rank'] ?? null) ?? INF) <=> (self::number($b['rank'] ?? null) ?? INF));

        /** @var array<array-key, array<string, mixed>> */
        return $rows;
    }

    /**
     * @param array<array-key, array<string, mixed>> $rows
     *
     * @return array<string, mixed>
     */
    private function record(array $rows): array
    {
        $numbers = $names = [];
        // No two wishes have one name.
        foreach ($rows as $row) {
            $typed = trim(is_string($row['name'] ?? null) ? $row['name'] : '');
            $names[] = FreeName::of($typed === '' ? self::usual($row) : $typed, $names, Wanted::LONGEST_NAME);
        }
        foreach (ProgrammeRecord::NUMBERS as $measure) {
            $numbers[$measure->value] = self::number($this->input($measure->value));
        }

        return $numbers + [
            'finder' => $this->filled('finder') ? $this->input('finder') : null,
            'watched_by' => $this->string('watched_by')->trim()->toString(),
            'place' => $this->string('place')->toString(),
            'wanted' => array_map(static fn(array $row, string $name): array => array_filter([
                'name' => $name,
                'from' => $row['from'],
                'to' => ($row['to'] ?? '') === '' ? null : $row['to'],
                'when' => $row['when'] ?? null,
                ...array_combine(array_column(ProgrammeRecord::OF_WISH, 'value'), array_map(static fn(Measure $measure): float|string|null => self::number($row[$measure->value] ?? null), ProgrammeRecord::OF_WISH)),
            ], static fn(mixed $value): bool => $value !== null), array_values($rows), $names),
        ];
    }

    /** @param array<string, mixed> $row */
    private static function usual(array $row): string
    {
        [$from, $to] = array_map(static fn(mixed $word): ?Phase => is_string($word) ? Phase::tryFrom($word) : null, [$row['from'] ?? null, $row['to'] ?? null]);

        return $from === null ? '' : PhotoWords::wanted($from, $to);
    }

    /** @param list<array-key> $keys of the rows of the form */
    private static function field(string $path, array $keys): string
    {
        if (preg_match('/^wanted\.(\d+)\.(\w+)$/', $path, $found) === 1) {
            return "wanted.{$keys[(int) $found[1]]}.{$found[2]}";
        }

        return $path === 'optics' || $path === 'camera' ? "{$path}_id" : $path;
    }
}
