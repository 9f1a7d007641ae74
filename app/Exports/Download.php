<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Event;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A file about an event, named after it. */
final class Download
{
    public static function of(Event $event, string $ending, string $type, string $content): Response
    {
        $name = Str::slug($event->title) === '' ? "event-{$event->id}" : Str::slug($event->title);

        return response($content, 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"{$name}{$ending}\"",
        ]);
    }
}
