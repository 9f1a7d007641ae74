<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Text\TypedSpan;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;

/** A cue as its form has it before anything is typed. */
final readonly class CueForm
{
    /**
     * @param array<string, string> $values by field
     * @param list<string> $places of the site plan
     * @param list<string> $helpers who may be named
     */
    private function __construct(
        public bool $isNew,
        public string $uuid,
        public ?int $revision,
        public array $values,
        public bool $isFrozen,
        public array $places,
        public array $helpers,
    ) {}

    /** @param list<string> $helpers by name */
    public static function of(?Cue $cue, ?int $revision, SitePlan $plan, array $helpers): self
    {
        return new self(isNew: $cue === null, uuid: $cue->id ?? Str::uuid7()->toString(), revision: $revision, values: [
            'kind' => $cue->kind->value ?? CueKind::Call->value,
            'name' => $cue->name ?? '',
            'anchor' => $cue->anchor->value ?? Anchor::C1->value,
            'clock' => $cue?->clockS === null ? '' : gmdate($cue->clockS % 60 === 0 ? 'H:i' : 'H:i:s', $cue->clockS),
            'offset' => TypedSpan::write($cue->offsetS ?? 0),
            'duration' => ($cue->durationS ?? 0) === 0 ? '' : TypedSpan::write($cue->durationS ?? 0),
            'who' => $cue->who ?? '',
            'where' => $cue->where ?? '',
            'crew' => $cue->crew ?? '',
            'call' => $cue->call ?? '',
            'clouds' => $cue?->clouds->value ?? '',
            'needs' => $cue?->needs->value ?? '',
            'eyes' => $cue?->eyes->value ?? '',
        ], isFrozen: $cue?->frozenAt !== null, places: array_map(static fn(Thing $place): string => $place->name, $plan->places()), helpers: $helpers);
    }
}
