<?php

declare(strict_types=1);

namespace App\Imports\RunSheet;

use App\Imports\ImportException;
use App\Imports\JsonObject;
use App\Models\RunSheet\EarlierCalls;
use App\Text\PlainText;
use KeenShadow\Core\RunSheet\Cues\CueRecord;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Fields;
use KeenShadow\Core\RunSheet\RunSheetException;

/** A run sheet as the JSON document that goes out: of each cue what it hangs on and its words; times are worked out anew. */
final class SheetFile
{
    public const KILOBYTES = 500;

    /** @throws ImportException|RunSheetException */
    public static function parse(string $text): Sheet
    {
        $given = JsonObject::parse($text, self::KILOBYTES) ?? throw new ImportException(__('This is no run sheet: one JSON object is wanted.'));
        array_walk_recursive($given, static function (mixed &$value): void {
            $value = is_string($value) ? PlainText::of($value) : $value;
        });
        $cues = [];
        foreach ((new Fields($given, ''))->records('cues', Sheet::MOST_CUES) as $i => $fields) {
            $cues[] = EarlierCalls::renewed(CueRecord::ofFile($fields, "cue {$i}"), !$fields->has('needs'));
        }

        return Sheet::of($cues);
    }
}
