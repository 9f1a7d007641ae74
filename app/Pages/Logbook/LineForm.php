<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\DayRecord;
use App\Text\TypedMoment;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Sky\LocalEclipse;

/** A line of the log as it may be typed again. */
final readonly class LineForm
{
    /** @param array{time: string, value: string, text: string, who: string, within: string} $values */
    private function __construct(
        public int $id,
        public ObservationKind $kind,
        public array $values,
    ) {}

    public static function of(DayRecord $record, LocalEclipse $here): self
    {
        // A note of the day's screen is a remark.
        return new self($record->id, ObservationKind::tryFrom($record->observed ?? '') ?? ObservationKind::Remark, [
            'time' => $here->local($record->at)->format('H:i:s'),
            'value' => $record->value === null ? '' : (string) $record->value,
            'text' => $record->words,
            'who' => $record->who,
            'within' => self::within($record->withinS ?? INF),
        ]);
    }

    /** The narrowest that is offered and as wide. */
    private static function within(float $seconds): string
    {
        foreach (TypedMoment::WITHIN_S as $offered) {
            if ($seconds <= $offered) {
                return (string) $offered;
            }
        }

        return (string) max(TypedMoment::WITHIN_S);
    }
}
