<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Site\SiteTestCase;

/** What is kept is never told of something else, and does not heap up. */
final class KeptTest extends SiteTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['cache.default' => 'database']);
        $this->withSchoolYard();
    }

    /** @return array<string, array{array<string, mixed>, bool}> what is changed of the event, whether its drawing changes with it */
    public static function changes(): array
    {
        return [
            'the zone' => [['timezone' => 'Atlantic/Canary'], true],
            'the place' => [['lat' => 37.3891, 'lon' => -5.9845], true],
            'the eclipse' => [['eclipse_date' => '2027-08-02'], true],
            'the plan' => [['plan_revision_id' => null], true],
            'the title' => [['title' => 'Another title'], false],
            'nothing' => [[], false],
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('changes')]
    public function testWhatWasKeptIsWhatIsWorkedOutAfresh(array $change, bool $isDrawnAnew): void
    {
        $before = $this->pages();
        $this->event->forceFill($change)->save();
        $kept = $this->pages();
        self::assertSame($isDrawnAnew, $before['site'] !== $kept['site']);
        self::assertSame(isset($change['title']), str_contains($kept['gpx'], 'Another title'));
        Cache::flush();
        self::assertSame($this->pages(), $kept);
    }

    public function testASpotThatIsNotOnThePlanIsNotKept(): void
    {
        $this->get(route('site.show', $this->event))->assertOk();
        $rows = DB::table('cache')->count();
        foreach (['Nowhere', 'Gym', str_repeat('x', 60)] as $name) {
            $this->get(route('site.show', [$this->event, 'spot' => $name]))->assertOk()->assertSee('From “East end”');
        }
        self::assertSame($rows, DB::table('cache')->count());
        $this->get(route('site.show', [$this->event, 'spot' => 'By the garden']))->assertOk()->assertSee('From “By the garden”');
        self::assertSame($rows + 1, DB::table('cache')->count());
    }

    public function testWhatIsNotAskedForAnyMoreIsClearedAway(): void
    {
        $this->get(route('site.show', $this->event))->assertOk();
        $old = DB::table('cache')->pluck('key');
        $this->travel(31)->days();
        $this->get(route('site.show', $this->event))->assertOk();
        self::assertNotEmpty($old);
        self::assertSame($old->count(), DB::table('cache')->count());
    }

    /** @return array<string, string> */
    private function pages(): array
    {
        $pages = [];
        foreach (['site' => ['site.show', []], 'garden' => ['site.show', ['spot' => 'By the garden']], 'map' => ['site.show', ['best' => 1]], 'gpx' => ['site.gpx', []], 'geojson' => ['site.geojson', []]] as $name => [$route, $with]) {
            $answer = $this->get(route($route, [$this->event, ...$with]), $route === 'site.show' ? ['X-Requested-With' => 'XMLHttpRequest'] : [])->assertOk();
            $pages[$name] = (string) preg_replace('/name="_token" value="\w+"/', '', (string) $answer->getContent());
        }

        return $pages;
    }
}
