<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** How a judgement comes out, from free to forbidden. */
enum Level: string
{
    case Yes = 'yes';
    case Hold = 'hold';
    case No = 'no';

    public function isWorseThan(self $other): bool
    {
        return $this->rank() > $other->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::Yes => 0,
            self::Hold => 1,
            self::No => 2,
        };
    }
}
