<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use Illuminate\Support\Facades\DB;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class SkyPageTest extends TestCase
{
    use RefreshDatabase;

    /** Source of the instants: swetest's places with ERFA's frames give C2 at 10:45:26.2 here (core/tests/Sky/reference). */
    public function testATotalEclipse(): void
    {
        $user = $this->member();
        $this->actingAs($user)->get(route('sky.show', $this->eventOf($user)))->assertOk()
            ->assertSee('from 10:45:26 (CEST, UTC+2)')
            ->assertSeeInOrder(['C1', '09:40:46', '07:40:46', 'C2', '10:45:26', 'Max', '10:46:52', 'C3', '10:48:19', 'C4', '11:59:36'])
            ->assertSee('Filters may come off from 10:45:31 to 10:48:11')
            ->assertSeeInOrder(['first bite', 'half past twelve', '287°, 344°', 'Why it is total here', '33.81′', 'lunar eclipse half a month away', '17 August 2027', 'penumbral'])
            ->assertSee('2 min 59 s instead of 2 min 53 s')
            ->assertSee('ELP/MPP02');
    }

    public function testAPartialEclipseThatSetsEclipsed(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user, ['eclipse_date' => '2026-08-12']);
        $this->actingAs($user)->get(route('sky.show', $event))->assertOk()
            ->assertSee('Partial: 93.1 % of the Sun\'s area covered at 20:39:05 (CEST, UTC+2)')
            ->assertSee('The Sun sets eclipsed at 21:19')
            ->assertSee('Filters never come off at this place')
            ->assertSeeInOrder(['C4', 'Sun down']);
    }

    public function testThePolarDayAndTheEdgeOfThePathAreSaid(): void
    {
        $user = $this->member();
        $north = $this->eventOf($user, ['eclipse_date' => '2033-03-30', 'lat' => 78.2, 'lon' => 15.6, 'timezone' => 'Arctic/Longyearbyen']);
        $this->actingAs($user)->get(route('sky.show', $north))->assertOk();
        $edge = $this->eventOf($user, ['lat' => 36.72, 'lon' => -6.0]);
        $this->get(route('sky.show', $edge))->assertOk()->assertSee('At the edge of the path: perhaps totality');
    }

    /** 74° N over Taymyr, 12 August 2026: the Sun sets and rises again while the eclipse goes on across local midnight. */
    public function testAnEclipseAcrossLocalMidnightAtTheEdgeOfPolarDay(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user, ['eclipse_date' => '2026-08-12', 'lat' => 74.0, 'lon' => 98.0, 'timezone' => 'Asia/Krasnoyarsk', 'height_m' => 0]);
        $this->actingAs($user)->get(route('sky.show', $event))->assertOk()
            ->assertSeeInOrder(['C1', '23:15:39 on 12 Aug', '16:15:39 on 12 Aug', 'Max', '00:06:28 on 13 Aug', '17:06:28 on 12 Aug', 'C4', '00:57:18 on 13 Aug'])
            ->assertSee('The Sun sets eclipsed at 23:');
    }

    public function testThePageAsksTheDatabaseLittle(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user);
        DB::enableQueryLog();
        $this->actingAs($user)->get(route('sky.show', $event))->assertOk();
        // Ten rooms say their state, each by one question, or none.
        self::assertLessThan(12, count(DB::getQueryLog()));
    }
}
