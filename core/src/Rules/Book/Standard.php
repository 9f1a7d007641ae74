<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\RuleBook;

/** The book that holds: every rule there is. */
final class Standard
{
    private static ?RuleBook $book = null;

    public static function book(): RuleBook
    {
        // Nothing changes it, and a page asks for it a dozen times.
        return self::$book ??= RuleBook::of(array_merge(...array_values(self::chapters())));
    }

    /** @return array<string, list<Rule>> by matter */
    public static function chapters(): array
    {
        return [
            'Eyes and the Sun' => Eyes::rules(),
            'What is no filter' => NoFilters::rules(),
            'Eclipse glasses and welding glass' => Glasses::rules(),
            'Instruments that are looked into' => FrontFilters::rules(),
            'Holes and mirrors' => Images::rules(),
            'Projection' => Projection::rules(),
            'Cameras and phones' => Cameras::rules(),
            'Who looks, and the event\'s policy' => People::rules(),
        ];
    }
}
