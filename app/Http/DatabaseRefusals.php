<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Validation\ValidationException;
use Throwable;

/** What the database refuses because somebody else was quicker, in the words that validation would have used a moment later. */
final class DatabaseRefusals
{
    /** The refusal as a message at its field, or the error as it is where it is one of the program. */
    public static function inWords(QueryException $error): Throwable
    {
        preg_match('/constraint "(\w+)"/', $error->getMessage(), $found);
        [$field, $words] = match ($found[1] ?? '') {
            'lots_organisation_id_label_unique' => ['label', __('There is a lot with this label already.')],
            'suppliers_organisation_id_name_unique' => ['name', __('There is a supplier of that name already.')],
            'audience_groups_name' => ['name', __('This event has a group of that name already.')],
            'viewers_name' => ['name', __('This event has a viewer of that name already.')],
            'photo_plans_name' => ['name', __('This event has a camera of that name already.')],
            'kit_items_name' => ['name', __('There is one of that name already.')],
            'helpers_name' => ['name', __('There is another helper of this name: add a letter to tell them apart.')],
            'instrument_logs_corrects_id_key' => ['zone', __('Somebody has read it anew or taken it out meanwhile: load the page again.')],
            'day_entries_corrects_id_key' => ['time', __('Somebody has corrected this line or taken it out meanwhile: load the page again.')],
            'incidents_corrects_id_key' => ['time', __('Somebody has corrected this meanwhile: load the page again.')],
            'tags_within_lot' => ['pairs', __('Pairs with higher tags have been inspected meanwhile: load the page again.')],
            'tag_within_lot' => ['tag', __('The lot has fewer pairs by now: load the page again.')],
            default => [null, ''],
        };

        return $field === null ? $error : ValidationException::withMessages([$field => $words]);
    }
}
