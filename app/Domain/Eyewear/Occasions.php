<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Sky\LocalEclipse;

/** Which occasion of an event comes next. */
final class Occasions
{
    public static function next(LocalEclipse $here): Occasion
    {
        return Occasion::next($here->local(Date::now()->toDateTimeImmutable()), $here->local($here->bestVisible()->time()));
    }
}
