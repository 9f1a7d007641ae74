<?php

declare(strict_types=1);

namespace App\Text;

/** A name that nothing else has yet. */
final class FreeName
{
    /**
     * The name as it is or, where others have it, with the first number from 2 on that is free.
     *
     * @param list<string> $taken
     * @param int $longest letters that there is room for with the number
     */
    public static function of(string $name, array $taken, int $longest): string
    {
        $free = $name;
        for ($number = 2; in_array($free, $taken, true); ++$number) {
            $free = mb_substr($name, 0, $longest - strlen(" {$number}")) . " {$number}";
        }

        return $free;
    }
}
