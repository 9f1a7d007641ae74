<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Domain\Logbook\EyeWatch;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Logbook\EyeReminder;
use App\Models\Logbook\EyeReport;
use App\Models\Role;
use App\Models\User;
use App\Text\EyeWords;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use KeenShadow\Core\Logbook\Eyes\EyeSign;
use KeenShadow\Core\Logbook\Eyes\WhichEye;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Somebody's eyes complain: what is said is written down for the doctor, nothing is concluded, the organiser is reminded, and it is deleted on its day. */
final class EyesTest extends TestCase
{
    use RefreshDatabase;

    /** What a page for somebody whose eyes complain must not say: an illness, how it will go, a comfort that nobody can know, or that somebody is to blame. */
    private const NEVER = '/\b(diagnos\w*|retinopath\w*|photokerat\w*|maculopath\w*|burn\w*|injur\w*|damaged? (?:to )?(?:the |your )?(?:eyes?|retina)|blind\w*|will (?:pass|heal|go away|recover|be fine|get better)|heals?\b|recover(?:s|y)?|harmless|probably|most likely|nothing serious|do(?:n\'t| not) worry|no need|no reason to|normal|usually|temporary|permanent|fine|all right|you have|it is only|just a|fault)\b/i';

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2026-08-12', 'lat' => 36.5297, 'lon' => -6.2926, 'height_m' => 10, 'timezone' => 'Europe/Madrid', 'place_name' => 'Sea wall']);
        $this->actingAs($this->organiser);
    }

    public function testWhatIsSaidIsWrittenDownForTheDoctor(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'pairs' => 6, 'label' => 'Blue sleeve']);
        $lot->pairChecks()->create(['uuid' => Str::uuid()->toString(), 'tag' => 2, 'faults' => [], 'event_id' => $this->event->id, 'occasion' => 'day', 'checked_by' => $this->organiser->id, 'checked_at' => now()]);
        $this->get(route('logbook.eyes', $this->event))->assertOk()->assertSeeInOrder(['See an eye doctor', 'Pain is not a sign', 'hours to two days', 'rest', 'not a doctor']);
        $this->get(route('logbook.eyes.create', $this->event))->assertOk();
        $form = self::form(['lot_id' => (string) $lot->id, 'tag' => '2', 'looked_at' => '20:39']);
        foreach ([1, 2] as $sent) {
            $this->post(route('logbook.eyes.store', $this->event), $form)->assertRedirect()->assertSessionHasNoErrors();
        }
        $report = EyeReport::query()->sole();
        self::assertSame('2026-08-12T18:39:00+00:00', $report->looked_at?->format('c'));
        self::assertSame(now()->addDays(90)->toDateString(), $report->delete_on->toDateString());
        $seen = ['blurred, a dark spot', 'the left one', 'since this morning', 'through eclipse glasses', '20:39', '93.', 'Blue sleeve, pair 2', 'Papers in order', 'nothing found'];
        $this->get(route('logbook.eyes.show', [$this->event, $report]))->assertOk()->assertSeeInOrder(['red cap', 'deleted on', '12 h on', 'See an eye doctor', ...$seen]);
        foreach (['a4', 'letter'] as $paper) {
            $text = self::pdfText((string) $this->get(route('logbook.eyes.sheet', [$this->event, $report, $paper]))->assertOk()->getContent());
            self::assertMatchesRegularExpression('/For the eye doctor.*Name.*Sea wall.*' . implode('.*', array_map(preg_quote(...), $seen)) . '.*concludes nothing/s', $text);
            self::assertStringNotContainsString('red cap', $text, 'what the organiser calls them by stays with the organiser');
            self::assertDoesNotMatchRegularExpression(self::NEVER, $text);
        }
        $this->put(route('logbook.eyes.update', [$this->event, $report]), ['version' => '1', 'kept_days' => '30'] + $form)->assertRedirect()->assertSessionHasNoErrors();
        $this->put(route('logbook.eyes.update', [$this->event, $report]), ['version' => '1', 'since' => 'noon'] + $form)->assertSessionHasErrors('version');
    }

    /** Nothing on these pages names an illness, says how it will go, or comforts with what is not known. */
    public function testNoDiagnosisAndNoComfort(): void
    {
        $words = [...EyeWords::advice(), EyeWords::limits(), ...array_map(EyeWords::sign(...), EyeSign::cases()), ...array_map(EyeWords::eye(...), WhichEye::cases())];
        foreach (['eyes', 'eye', 'eye-form', 'eye-advice', 'eye-facts', 'eye-sheet'] as $view) {
            preg_match_all("/__\\('((?:[^'\\\\]|\\\\.)*)'/", (string) file_get_contents(resource_path("views/logbook/{$view}.blade.php")), $found);
            array_push($words, ...$found[1]);
        }
        self::assertGreaterThan(40, count($words));
        foreach ($words as $sentence) {
            self::assertDoesNotMatchRegularExpression(self::NEVER, $sentence);
        }
        foreach (['It will pass by itself.', 'This is solar retinopathy.', 'Do not worry.', 'It usually heals.', 'You have burnt the retina.'] as $forbidden) {
            self::assertMatchesRegularExpression(self::NEVER, $forbidden);
        }
        self::assertStringContainsString('an eye doctor', implode(' ', EyeWords::advice()));
    }

    /** Each once, however many workers there are and whatever was restarted; none once it is closed. */
    public function testRemindersComeOnceEach(): void
    {
        $report = $this->report();
        $told = $report->told_at;
        foreach (['+11 hours', '+12 hours', '+13 hours', '+25 hours', '+25 hours'] as $later) {
            // A worker that was just started knows nothing but what is stored.
            $this->app->make(EyeWatch::class)->look($told->modify($later));
        }
        self::assertSame([12, 24], EyeReminder::query()->orderBy('hours')->pluck('hours')->all());
        $this->get(route('logbook.eyes.show', [$this->event, $report]))->assertSee('ask how the eyes are')->assertSee('I have asked');
        $this->get(route('sky.show', $this->event))->assertSee('ask how somebody');
        $this->post(route('logbook.eyes.seen', [$this->event, $report]))->assertRedirect();
        $this->get(route('sky.show', $this->event))->assertDontSee('ask how somebody');

        $this->post(route('logbook.eyes.close', [$this->event, $report]), ['version' => '1', 'closed_how' => ''])->assertSessionHasErrors('closed_how');
        $this->post(route('logbook.eyes.close', [$this->event, $report]), ['version' => '1', 'closed_how' => 'seen by an eye doctor'])->assertRedirect()->assertSessionHasNoErrors();
        $this->app->make(EyeWatch::class)->look($told->modify('+60 hours'));
        self::assertSame(2, EyeReminder::query()->count());
        $this->get(route('logbook.eyes', $this->event))->assertSeeInOrder(['red cap', 'Closed', 'seen by an eye doctor']);
        $this->post(route('logbook.eyes.reopen', [$this->event, $report]))->assertRedirect();
        $this->app->make(EyeWatch::class)->look($told->modify('+60 hours'));
        self::assertSame([12, 24, 48], EyeReminder::query()->orderBy('hours')->pluck('hours')->all());
    }

    /** Where mail is set up it says that there is something to ask, and nothing of what. */
    public function testMailSaysNothingOfWhatItIs(): void
    {
        config(['mail.default' => 'array']);
        $report = $this->report();
        $this->app->make(EyeWatch::class)->look($report->told_at->addHours(12));
        $this->app->make(EyeWatch::class)->look($report->told_at->addHours(12));
        $mailer = Mail::mailer();
        self::assertInstanceOf(Mailer::class, $mailer);
        $transport = $mailer->getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $transport);
        self::assertCount(1, $transport->messages());
        $message = $transport->messages()->first();
        self::assertInstanceOf(SentMessage::class, $message);
        $mail = $message->toString();
        self::assertStringContainsString($this->organiser->email, $mail);
        self::assertStringContainsString('12 hours', $mail);
        self::assertDoesNotMatchRegularExpression('/red cap|blur|spot|eye[^s]/i', $mail);
    }

    public function testOnItsDayItIsGone(): void
    {
        $report = $this->report();
        $this->app->make(EyeWatch::class)->look($report->delete_on->subSecond());
        self::assertSame(1, EyeReport::query()->count());
        $this->app->make(EyeWatch::class)->look($report->delete_on->startOfDay());
        self::assertSame(0, EyeReport::query()->count());
        self::assertSame(0, EyeReminder::query()->count());

        $report = $this->report();
        $this->delete(route('logbook.eyes.destroy', [$this->event, $report]))->assertRedirect(route('logbook.eyes', $this->event));
        self::assertSame(0, EyeReport::query()->count());
    }

    /** Checkers and helpers see neither the pages nor that there is anything on them. */
    public function testOrganisersAlone(): void
    {
        $report = $this->report();
        $this->app->make(EyeWatch::class)->look($report->told_at->addHours(12));
        foreach ([Role::Checker, Role::Helper] as $role) {
            $this->actingAs($this->member($role, $this->organiser->organisation));
            foreach ([route('logbook.eyes', $this->event), route('logbook.eyes.show', [$this->event, $report]), route('logbook.eyes.sheet', [$this->event, $report, 'a4'])] as $address) {
                $this->get($address)->assertForbidden();
            }
            $this->get(route('logbook.show', $this->event))->assertOk()->assertDontSee('ask how somebody')->assertDontSee('Eyes afterwards');
        }
    }

    public function testWhatIsMissingIsNamed(): void
    {
        $this->send(['called' => '', 'signs' => [], 'other' => '', 'eye' => '', 'method' => '', 'kept_days' => '9999'])->assertSessionHasErrors(['called', 'eye', 'method', 'kept_days']);
        $this->send(['signs' => []])->assertSessionHasErrors('signs');
        $this->send(['tag' => '3'])->assertSessionHasErrors('lot_id');
        $lot = Lot::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'pairs' => 6]);
        $this->send(['lot_id' => (string) $lot->id, 'tag' => '7'])->assertSessionHasErrors(['tag' => 'The lot has 6 pairs.']);
        self::assertSame(0, EyeReport::query()->count());
    }

    private function report(): EyeReport
    {
        $this->send([])->assertSessionHasNoErrors();

        return EyeReport::query()->latest('id')->firstOrFail();
    }

    /**
     * @param array<string, mixed> $other
     *
     * @return TestResponse<Response>
     */
    private function send(array $other): TestResponse
    {
        return $this->post(route('logbook.eyes.store', $this->event), self::form($other));
    }

    /**
     * @param array<string, mixed> $other
     *
     * @return array<string, mixed>
     */
    private static function form(array $other = []): array
    {
        return $other + ['uuid' => Str::uuid()->toString(), 'called' => 'red cap', 'signs' => ['blur', 'dark_spot'], 'other' => '', 'eye' => 'left', 'since' => 'since this morning', 'method' => 'glasses', 'looked' => 'a minute at a time', 'looked_at' => '', 'lot_id' => '', 'tag' => '', 'kept_days' => '90'];
    }

    private static function pdfText(string $pdf): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-'], input: $pdf);
        $process->mustRun();

        return $process->getOutput();
    }
}
