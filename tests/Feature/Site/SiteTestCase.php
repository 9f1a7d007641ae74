<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use Database\Seeders\DemoPlans;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The demo's school yard, on the afternoon of the annular eclipse. */
abstract class SiteTestCase extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    protected function setUp(): void
    {
        parent::setUp();
        $this->event->update(['eclipse_date' => '2028-01-26', 'lat' => 36.5172, 'lon' => -6.2781, 'height_m' => 6, 'timezone' => 'Europe/Madrid']);
    }

    protected function withSchoolYard(): void
    {
        DemoPlans::schoolYard($this->event, $this->user);
        $this->event->refresh();
    }

    /**
     * Sends a plan as the page does.
     *
     * @param array<string, mixed> $plan
     *
     * @return TestResponse<Response>
     */
    protected function keep(array $plan): TestResponse
    {
        return $this->putJson(route('site.update', $this->event), $plan, ['X-Requested-With' => 'XMLHttpRequest']);
    }

    /** @return array{from: int|null} what a step back or on again carries */
    protected function seen(): array
    {
        return ['from' => $this->event->refresh()->plan_revision_id];
    }

    /** @return array<string, mixed> the plan as the page sends it */
    protected function form(string ...$rows): array
    {
        $things = [];
        foreach (array_values($rows) as $row) {
            [$kind, $name, $points, $height, $radius, $sill] = array_pad(array_map(trim(...), explode('|', $row)), 6, '');
            $things[] = ['kind' => $kind, 'name' => $name, 'points' => $points, 'height_m' => $height, 'radius_m' => $radius, 'sill_m' => $sill];
        }

        return ['from' => $this->event->refresh()->plan_revision_id, 'accuracy_m' => '0,5', 'horizon' => '', 'things' => $things];
    }
}
