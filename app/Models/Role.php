<?php

declare(strict_types=1);

namespace App\Models;

/** What a member of an organisation may do. */
enum Role: string
{
    case Organiser = 'organiser';
    case Checker = 'checker';
    case Helper = 'helper';

    public function mayPlan(): bool
    {
        return $this === self::Organiser;
    }

    public function mayCheckGlasses(): bool
    {
        return $this === self::Organiser || $this === self::Checker;
    }
}
