<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience;

/** What a group is called. It is never a list of who is in it: no names of children are stored. */
final class GroupName
{
    private const LIST_OF_ONE_WORD = 3;
    private const LIST_OF_TWO_WORDS = 2;

    /**
     * Whether a text looks like names of people in a row: three or more single words with a capital, or two or more of two or
     * three such words, between commas, semicolons, slashes, line ends, "and" or "&" (own judgement; rather one too many).
     */
    public static function isAListOfPeople(string $text): bool
    {
        $parts = array_map(trim(...), explode("\n", (string) preg_replace('/[,;\/\r&+]|\s(?:and|y|et|und|e)\s/u', "\n", $text)));
        $single = count(array_filter($parts, static fn(string $part): bool => preg_match('/^\p{Lu}[\p{L}\'’-]+\.?$/u', $part) === 1));
        $full = count(array_filter($parts, static fn(string $part): bool => preg_match('/^\p{Lu}[\p{L}\'’-]*\.?(?: (?:(?:de|del|la|van|von|da) )*\p{Lu}[\p{L}\'’-]*\.?){1,3}$/u', $part) === 1));

        return $single + $full >= self::LIST_OF_ONE_WORD || $full >= self::LIST_OF_TWO_WORDS;
    }
}
