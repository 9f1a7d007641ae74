<?php

declare(strict_types=1);

namespace App\Http\Requests\Day;

use App\Domain\Day\DayLog;
use App\Domain\Day\NewEntry;
use App\Domain\Day\NewRehearsal;
use App\Http\Requests\AnswersInJson;
use App\Models\Day\Rehearsal;
use App\Text\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Date;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Day\EntryKind;

/** Lines of the log that a device sends, as JSON; moments are milliseconds since 1970 by its clock as it was compared. */
final class EntriesRequest extends FormRequest
{
    use AnswersInJson;

    /** From 1900 to 2200, as far as eclipses are known here. */
    private const MOMENT = ['integer', 'between:-2208988800000,7258118400000'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sent_at' => ['required', ...self::MOMENT],
            'since' => ['required', 'integer', 'between:0,999999999999999999'],
            'rehearsals' => ['present', 'array', 'list', 'max:' . DayLog::MOST_AT_ONCE],
            'rehearsals.*.uuid' => ['required', 'uuid'],
            'rehearsals.*.from' => ['required', ...self::MOMENT],
            'rehearsals.*.begun' => ['required', ...self::MOMENT],
            'rehearsals.*.speed' => ['required', 'integer', 'between:1,' . Rehearsal::FASTEST],
            'rehearsals.*.is_for_all' => ['required', 'boolean'],
            'entries' => ['present', 'array', 'list', 'max:' . DayLog::MOST_AT_ONCE],
            'entries.*.uuid' => ['required', 'uuid'],
            'entries.*.kind' => ['required', Rule::enum(EntryKind::class)],
            'entries.*.rehearsal' => ['nullable', 'uuid', 'required_if:entries.*.kind,' . EntryKind::RehearsalEnds->value],
            'entries.*.about' => ['nullable', 'string', 'max:80'],
            'entries.*.text' => ['nullable', 'string', 'max:300'],
            'entries.*.observed' => ['nullable', 'string', 'max:20', 'required_if:entries.*.kind,' . EntryKind::Observation->value],
            'entries.*.value' => ['nullable', 'numeric', 'between:-999999999,999999999'],
            'entries.*.made' => ['required', ...self::MOMENT],
            'entries.*.offset_ms' => ['nullable', 'integer', 'between:-99999999999999,99999999999999'],
            'entries.*.uncertainty_ms' => ['nullable', 'integer', 'between:0,2000000000'],
        ];
    }

    public function since(): int
    {
        return $this->integer('since');
    }

    /** @return list<NewRehearsal> */
    public function rehearsals(): array
    {
        /** @var list<array{uuid: string, from: int|string, begun: int|string, speed: int|string, is_for_all: bool|int|string}> $rows validated */
        $rows = $this->validated('rehearsals');

        return array_map(fn(array $row): NewRehearsal => new NewRehearsal(strtolower($row['uuid']), CarbonImmutable::instance(Clock::ofMs((int) $row['from'])), $this->moment($row['begun']), (int) $row['speed'], (bool) $row['is_for_all']), $rows);
    }

    /** @return list<NewEntry> */
    public function entries(): array
    {
        /** @var list<array{uuid: string, kind: string, rehearsal?: string|null, about?: string|null, text?: string|null, observed?: string|null, value?: int|float|string|null, made: int|string, offset_ms?: int|string|null, uncertainty_ms?: int|string|null}> $rows validated */
        $rows = $this->validated('entries');
        $whole = static fn(int|string|null $number): ?int => $number === null ? null : (int) $number;

        return array_map(fn(array $row): NewEntry => new NewEntry(
            uuid: strtolower($row['uuid']),
            kind: EntryKind::from($row['kind']),
            rehearsal: isset($row['rehearsal']) ? strtolower($row['rehearsal']) : null,
            about: $row['about'] ?? null,
            text: $row['text'] ?? null,
            observed: $row['kind'] === EntryKind::Observation->value ? $row['observed'] ?? '' : null,
            value: $row['kind'] === EntryKind::Observation->value && isset($row['value']) ? (float) $row['value'] : null,
            madeAt: $this->moment($row['made']),
            offsetMs: $whole($row['offset_ms'] ?? null),
            uncertaintyMs: $whole($row['uncertainty_ms'] ?? null),
        ), $rows);
    }

    /** A device's clock may be wrong: what it shows while it sends tells by how much. */
    private function moment(int|string $ms): CarbonImmutable
    {
        return Date::now()->toImmutable()->subMilliseconds($this->integer('sent_at') - (int) $ms);
    }
}
