<?php

declare(strict_types=1);

namespace App\Drawings\Audience;

use App\Text\Clock;
use KeenShadow\Core\Audience\Tone;
use KeenShadow\Core\Sky\LocalEclipse;

/** How the Sun's light goes from the first contact to the last, as tones to be heard. */
final readonly class LightSound
{
    private const STEP_SECONDS = 30;

    /**
     * @param string $tones as JSON: [hertz, per cent of the disc that is left] every STEP seconds; 0 while it is still or the Sun is down
     * @param int $beginEpochS the first of them, in seconds since 1970 (UTC)
     * @param int $beginS the same by the local clock, in seconds of the day
     */
    private function __construct(
        public string $tones,
        public int $stepS,
        public int $beginEpochS,
        public int $beginS,
    ) {}

    public static function of(LocalEclipse $here): self
    {
        $begin = $here->begins();
        $tones = [];
        for ($moment = $begin; $moment <= $here->ends(); $moment = $moment->modify('+' . self::STEP_SECONDS . ' seconds')) {
            $view = $here->at($moment);
            $share = $view->isSunUp() ? 1 - $view->obscuration() : 0.0;
            $tones[] = [round(Tone::ofLight($share), 1), round(100 * $share, 1)];
        }

        return new self((string) json_encode($tones), self::STEP_SECONDS, (int) $begin->format('U'), Clock::secondOfDay($here->local($begin)));
    }
}
