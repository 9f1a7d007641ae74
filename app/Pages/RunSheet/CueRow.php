<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\FilterMoment;
use App\Text\Clock;
use App\Text\CueWords;
use App\Text\TypedSpan;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** A cue as a line of the list. */
final readonly class CueRow
{
    /**
     * @param string $id empty where it is computed
     * @param string $time on the place's clock; a dash where it has none
     * @param string $length empty for a moment
     * @param list<string> $notes what is wrong with it
     */
    public function __construct(
        public string $id,
        public string $time,
        public string $name,
        public string $kind,
        public string $hangs,
        public string $length,
        public string $who,
        public string $where,
        public string $crew,
        public string $call,
        public array $notes,
    ) {}

    public static function of(PlacedCue|FilterMoment $placed, Clock $clock): self
    {
        if ($placed instanceof FilterMoment) {
            return new self(id: '', time: $placed->time, name: $placed->name, kind: CueWords::kind(CueKind::Safety), hangs: __('computed'), length: '', who: '', where: '', crew: '', call: '', notes: []);
        }
        $cue = $placed->cue;

        return new self(
            id: $cue->id,
            time: $placed->begins === null ? '—' : CueWords::time($cue->kind, $placed->begins, $clock),
            name: $cue->name,
            kind: CueWords::about($cue),
            hangs: $cue->frozenAt === null ? CueWords::hangs($cue) : __('frozen'),
            length: $cue->durationS === 0 ? '' : TypedSpan::write($cue->durationS),
            who: $cue->who,
            where: $cue->where,
            crew: $cue->crew,
            call: $cue->call,
            notes: array_map(static fn(CueNote $note): string => CueWords::note($note, $placed, $clock), $placed->notes),
        );
    }

    /** Whether all of what was typed stands somewhere in it. */
    public function has(string $sought): bool
    {
        $text = mb_strtolower("{$this->time} {$this->name} {$this->kind} {$this->hangs} {$this->who} {$this->where} {$this->crew} {$this->call}");

        return array_filter(explode(' ', mb_strtolower($sought)), static fn(string $word): bool => $word !== '' && !str_contains($text, $word)) === [];
    }
}
