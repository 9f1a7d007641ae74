<?php

declare(strict_types=1);

namespace Tests\Feature\Training;

use App\Domain\Event\EventReader;
use App\Domain\Site\EventPlan;
use App\Domain\Training\Handout;
use App\Domain\Training\SiteNumbers;
use App\Models\Training\QueueCard;
use App\Text\RuleWords;
use Illuminate\Support\Facades\Process;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What families are told of an event on paper. */
final class HandoutTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    /** Of what may be used no print says what the book does not; of when filters come off what the one rule does, under the event's policy. */
    #[TestWith(['2027-08-02', Policy::Mixed, 'Filters may come off from 10:45:31 to 10:48:11'])]
    #[TestWith(['2027-08-02', Policy::Glasses, 'Filters may come off from 10:45:31 to 10:48:11'])]
    #[TestWith(['2027-08-02', Policy::IndirectOnly, 'Filters stay on, in totality too'])]
    #[TestWith(['2027-08-02', Policy::Banner, 'Filters stay on, in totality too'])]
    #[TestWith(['2027-08-02', Policy::Mixed, 'within 5 km of the edge of the path', 36.72, -6.0])]
    #[TestWith(['2028-01-26', Policy::Mixed, 'the ring is Sun as well'])]
    #[TestWith(['2026-08-12', Policy::Mixed, 'some of the Sun shows all the time'])]
    public function testPrintsSayWhatTheBookAndThePlaceSay(string $date, Policy $policy, string $filters, float $lat = 36.53, float $lon = -6.29): void
    {
        $event = $this->eventOf($this->user, ['eclipse_date' => $date, 'policy' => $policy, 'lat' => $lat, 'lon' => $lon]);
        $facts = app(EventReader::class)->facts($event);
        $numbers = SiteNumbers::of($facts);
        $mayComeOff = str_starts_with($filters, 'Filters may come off');
        $statements = array_map(static fn(string $id): string => RuleWords::sentence(Standard::book()->rule($id)->statement), ['bare-eyes', 'sunglasses', 'naked-eye-only', 'kept-on']);
        $handout = Handout::of($facts);
        $texts = ['file' => Process::input((string) $this->get(route('training.handout', [$event, 'folded', 'a4']))->assertOk()->getContent())->run(['pdftotext', '-raw', '-', '-'])->throw()->output()];
        foreach (['handout-large', 'handout-plain', 'letter'] as $view) {
            $texts[$view] = html_entity_decode(strip_tags(str_replace('<', ' <', view("training.{$view}", ['handout' => $handout, 'organisation' => ''])->render())), ENT_QUOTES);
        }
        foreach (array_map(static fn(string $text): string => (string) preg_replace('/\s+/', ' ', $text), $texts) as $what => $text) {
            foreach ([$filters, $numbers['maximum'], ...$statements] as $said) {
                self::assertStringContainsString($said, $text, $what);
            }
            self::assertSame($mayComeOff, str_contains($text, 'may come off from'), $what);
            self::assertSame(isset($numbers['c2']), str_contains($text, 'C2,'), 'the time of C2 where it is told');
            self::assertSame($policy === Policy::IndirectOnly, str_contains($text, 'nobody at the Sun itself'), $what);
        }
        $isTold = $date === '2027-08-02' && $lon < -6.2;
        self::assertSame([$isTold, $isTold || $date === '2028-01-26'], [isset($numbers['length']), isset($numbers['c2'])]);
        QueueCard::addUsual($event->organisation_id);
        self::assertSame($isTold, SiteNumbers::onCard(QueueCard::query()->where('question', 'How long does totality last here?')->sole(), $numbers) !== null);
    }

    /** Behind a house thirty metres high, five to the east, nothing is seen of a Sun 37° up: the sheet says so, and filters stay on. */
    public function testWhatTheSiteHidesIsSaid(): void
    {
        $event = $this->eventOf($this->user, ['lat' => 36.53, 'lon' => -6.29, 'policy' => Policy::Mixed]);
        EventPlan::of($event)->keep(SitePlan::of([
            Thing::of(ThingKind::Audience, 'Crowd', [new PlanPoint(0, 0)]),
            Thing::of(ThingKind::Building, 'House', array_map(static fn(array $p): PlanPoint => new PlanPoint(...$p), [[5, -60], [15, -60], [15, 60], [5, 60]]), 30.0),
        ], HorizonProfile::of([]), 0.5), null, $this->user);
        $handout = Handout::of(app(EventReader::class)->facts($event->refresh()));
        self::assertContains('maximum (hidden from where people watch)', array_column($handout->contacts, 'name'));
        self::assertStringContainsString('totality passes behind what stands on the site', $handout->filters);
        self::assertNotContains('10:45:26', array_column($handout->contacts, 'time'));
    }

    /** The Sun where a hand finds it, by the Sky page's own figures: 37° up is 3.7 fists of ten degrees, told to the half. */
    public function testWhereToLook(): void
    {
        $event = $this->eventOf($this->user, ['lat' => 36.53, 'lon' => -6.29]);
        self::assertSame('east, 95°, 37° high: 3.5 fists at arm\'s length', SiteNumbers::of(app(EventReader::class)->facts($event))['direction']);
    }
}
