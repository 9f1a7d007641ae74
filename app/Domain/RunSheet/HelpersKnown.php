<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\HelpersByKey;
use App\Domain\Event\KnownHelper;
use App\Models\RunSheet\Helper;

final class HelpersKnown implements HelpersByKey
{
    public function find(string $dutyKey): ?KnownHelper
    {
        $helper = Helper::query()->where('duty_key', $dutyKey)->first();

        return $helper === null ? null : new KnownHelper($helper->id, $helper->name, $helper->organisation_id);
    }
}
