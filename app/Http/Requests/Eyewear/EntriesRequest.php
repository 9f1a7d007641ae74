<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Domain\Eyewear\PairEntry;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Date;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairFault;

/** Entries that a device sends, as JSON. Whether one fits the lot as it is by now is said of each, for the others are stored. */
final class EntriesRequest extends FormRequest
{
    private const MOST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'occasion' => ['required', Rule::enum(Occasion::class)],
            'tray' => ['nullable', 'uuid'],
            'sent_at' => ['nullable', 'date'],
            'entries' => ['present', 'array', 'list', 'max:' . self::MOST],
            'entries.*.uuid' => ['required', 'uuid'],
            'entries.*.tag' => ['required', 'integer', 'between:1,100000'],
            'entries.*.faults' => ['present', 'array', 'list'],
            'entries.*.faults.*' => [Rule::enum(PairFault::class)],
            'entries.*.voids' => ['nullable', 'uuid'],
            'entries.*.seen_at' => ['nullable', 'date'],
        ];
    }

    public function occasion(): Occasion
    {
        return Occasion::from($this->string('occasion')->toString());
    }

    public function tray(): ?string
    {
        return $this->filled('tray') ? $this->string('tray')->toString() : null;
    }

    /** @return list<PairEntry> */
    public function entries(): array
    {
        /** @var list<array{uuid: string, tag: int|string, faults: list<string>, voids?: string|null, seen_at?: string|null}> $entries validated */
        $entries = $this->validated('entries');

        // A device's clock may be wrong: what it shows while it sends tells by how much.
        $slowMs = $this->filled('sent_at') ? (int) CarbonImmutable::parse($this->string('sent_at')->toString())->diffInMilliseconds(Date::now()) : 0;

        return array_map(static fn(array $entry): PairEntry => new PairEntry(
            uuid: $entry['uuid'],
            tag: (int) $entry['tag'],
            faults: array_map(PairFault::from(...), array_values(array_unique($entry['faults']))),
            voids: $entry['voids'] ?? null,
            seenAt: isset($entry['seen_at']) ? CarbonImmutable::parse($entry['seen_at'])->addMilliseconds($slowMs) : null,
        ), $entries);
    }
}
