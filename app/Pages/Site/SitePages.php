<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Domain\Event\EventReader;
use App\Domain\Kept;
use App\Domain\Site\EventPlan;
use App\Models\Event;
use Illuminate\Support\Facades\App;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/**
 * Makes the pages of sites. A revision of a plan never changes, so what it looks like from a spot is worked out once.
 *
 * @phpstan-import-type Parts from SiteParts
 */
final readonly class SitePages
{
    public function __construct(
        private EventReader $reader,
        private Kept $kept,
    ) {}

    /**
     * @param string|null $spot name of the spot to look from; where there is none such, the main one
     * @param bool $withMap whether the map of spots is wanted
     */
    public function of(Event $event, ?string $spot, bool $withMap = false): SitePage
    {
        $plan = EventPlan::of($event);

        return new SitePage($this->parts($event, $spot, $withMap), $plan->revision(), $plan->canUndo(), $plan->canRedo());
    }

    private function parts(Event $event, ?string $spot, bool $withMap): SiteParts
    {
        $inputs = [...$this->reader->siteInputs($event), App::getLocale()];
        $site = null;
        $read = function () use ($event, &$site): SunlitSite {
            return $site ??= $this->reader->site($event);
        };
        // Only spots that there are: nobody fills the store with made-up names.
        $names = $this->kept->by('spots', $inputs, static fn(): array => array_map(static fn(Thing $t): string => $t->name, $read()->plan->places()));
        $spot = in_array($spot, $names, true) ? $spot : null;
        /** @var Parts $parts */
        $parts = $this->kept->by('site', [...$inputs, $spot, $withMap], static fn(): array => SiteParts::of($event, $read(), $read()->place($spot), $withMap)->toArray());

        return SiteParts::fromArray($parts);
    }
}
