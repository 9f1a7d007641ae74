<?php

declare(strict_types=1);

namespace App\Imports;

use XMLReader;

/**
 * XML of strangers, read from front to back. A document type is refused before anything is parsed: no format that is read here
 * needs one, and its entities could blow up a small file to any size or fetch others.
 */
final class XmlText
{
    private const ENCODINGS = ['utf-8', 'us-ascii', 'iso-8859-1', 'windows-1252'];

    /**
     * @param string $formats what it should have been, for the message
     * @param callable(XMLReader): void $node called for each node
     *
     * @throws ImportException when it is not well-formed or holds too much
     */
    public static function walk(string $text, string $formats, callable $node): void
    {
        if (!self::isPlain($text)) {
            throw new ImportException(__('The file has a document type or an unusual encoding; save it as plain :formats in UTF-8.', ['formats' => $formats]));
        }
        if ($text === '') {
            throw new ImportException(__('The file is empty.'));
        }
        $before = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $reader = new XMLReader();
        $reader->XML($text, null, LIBXML_NONET | LIBXML_COMPACT);
        try {
            for ($parts = 0; $reader->read(); ++$parts) {
                Limits::hold($parts, Limits::PARTS, __('elements'));
                $node($reader);
            }
            $error = libxml_get_last_error();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        if ($error !== false) {
            throw new ImportException(__('Line :line: the file is not well-formed XML (:why).', ['line' => $error->line, 'why' => $error->message]));
        }
    }

    /** No document type, and an encoding in which one would be seen. */
    private static function isPlain(string $text): bool
    {
        preg_match('/^[^>]{0,200}encoding\s*=\s*["\']([\w.-]+)/i', $text, $declared);

        return !str_contains($text, "\0") && stripos($text, '<!doctype') === false && in_array(strtolower($declared[1] ?? 'utf-8'), self::ENCODINGS, true);
    }
}
