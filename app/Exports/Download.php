<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Event;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** A file about an event, named after it. */
final class Download
{
    public static function of(Event $event, string $ending, string $type, string $content): Response
    {
        return response($content, 200, ['Content-Type' => "{$type}; charset=utf-8", 'Content-Disposition' => self::disposition($event->title, "event-{$event->id}", $ending)]);
    }

    /**
     * The header that names a file after a title: in plain letters where it has some, else as it is (RFC 6266).
     *
     * @param string $else its name for a program that reads plain letters only
     */
    public static function disposition(string $title, string $else, string $ending): string
    {
        $plain = Str::slug($title);
        $name = $plain === '' ? trim((string) preg_replace('~[/\\\\%"]+~', ' ', $title)) : $plain;

        return HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, ($name === '' ? $else : $name) . $ending, ($plain === '' ? $else : $plain) . $ending);
    }
}
