<?php

declare(strict_types=1);

namespace App\Exports\Logbook;

/** What others may do with the data; names are those of the licences themselves. */
enum Licence: string
{
    case Cc0 = 'CC0-1.0';
    case By = 'CC-BY-4.0';
    case BySa = 'CC-BY-SA-4.0';

    public function url(): string
    {
        return match ($this) {
            self::Cc0 => 'https://creativecommons.org/publicdomain/zero/1.0/',
            self::By => 'https://creativecommons.org/licenses/by/4.0/',
            self::BySa => 'https://creativecommons.org/licenses/by-sa/4.0/',
        };
    }
}
