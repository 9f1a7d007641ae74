<?php

declare(strict_types=1);

namespace App\Pages\Site;

use KeenShadow\Core\Site\Doorway\Banner;
use KeenShadow\Core\Site\Doorway\BannerState;
use KeenShadow\Core\Sky\SunPosition;

/** Whether a banner works for somebody's eyes at a moment, and if not, why. */
final class BannerWords
{
    public static function of(BannerState $state, Banner $banner, float $eyeM, SunPosition $sun): string
    {
        return match ($state) {
            BannerState::Works => __('works'),
            BannerState::NotFacing => __('faces away from the Sun'),
            BannerState::SunDown => __('Sun down'),
            BannerState::AboveLintel => __('above the opening'),
            BannerState::BelowSill => __('below the opening'),
            BannerState::PastJamb => __('too far to the side'),
            BannerState::Blocked => __(':what is in front of the Sun', ['what' => $banner->blockedBy($eyeM, $sun) ?? __('the horizon')]),
        };
    }
}
