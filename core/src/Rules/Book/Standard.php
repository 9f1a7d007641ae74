<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\RuleBook;

/** The book that holds: every rule there is. */
final class Standard
{
    public static function book(): RuleBook
    {
        return RuleBook::of([
            ...Eyes::rules(), ...NoFilters::rules(), ...Glasses::rules(), ...FrontFilters::rules(), ...Images::rules(), ...Projection::rules(), ...Cameras::rules(), ...People::rules(),
        ]);
    }
}
