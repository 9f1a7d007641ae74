<?php

declare(strict_types=1);

namespace Tests\Feature\Exports;

use App\Domain\RunSheet\EventSheet;
use App\Exports\SheetPaper;
use App\Models\Event;
use App\Models\Logbook\EyeReport;
use App\Models\Role;
use App\Models\RunSheet\Helper;
use App\Models\User;
use Closure;
use Illuminate\Contracts\View\Engine;
use Illuminate\Support\Facades\View;
use Illuminate\Support\Str;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Feature\Photo\WithCameras;
use Tests\RefreshDatabase;
use Tests\TestCase;

/**
 * Of whatever is printed all of it comes out on paper, inside its edges: the words that went into the sheet are compared with those that another reader
 * finds in the PDF. The day is the longest there is: four stations with all their rules, names of 60 letters, long calls.
 */
final class NothingLostOnPaperTest extends TestCase
{
    use RefreshDatabase;
    use WithCameras;

    private const RIM_MM = 5.0;
    private const POINTS_PER_MM = 72 / 25.4;
    private const METHODS = ['glasses', 'projection', 'telescope', 'mirror'];
    /** A name of sixty letters, in words as people have them. */
    private const LONG = 'Bartholomew Maximilian Featherstonehaugh-Cholmondeley the II';

    private Event $event;

    private User $organiser;

    /** @var list<string> pages of HTML as they went into the printer */
    private array $pages = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['title' => 'An eclipse morning for the whole school by the sea wall', 'eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid', 'policy' => 'mixed']);
        $groups = array_map(fn(string $band): int => $this->event->audienceGroups()->create(['name' => Str::limit("{$band} " . self::LONG, 60, ''), 'people' => 28, 'band' => $band, 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'methods' => self::METHODS])->id, ['child', 'teen', 'all_ages']);
        $helper = Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->event->organisation_id, 'name' => self::LONG, 'contact' => '600 000 001', 'training' => ['instrument', 'beam', 'glasses'], 'duty_key' => Helper::newKey()]);
        $words = trim(str_repeat('Walk along the rope and count whoever stands behind it. ', 8));
        EventSheet::of($this->event)->change(null, static function (Sheet $sheet) use ($groups, $helper, $words): Sheet {
            $rota = $sheet->rota->with($sheet->rota->wishes->withHelper($helper->rotaId(), new CrewWish()));
            foreach (self::METHODS as $i => $method) {
                $rota = $rota->withTurn(new Turn("g{$groups[$i % 3]}", $method, 590 + 10 * $i, 600 + 10 * $i))->withPost(Str::uuid7()->toString(), new Post($helper->rotaId(), $method, 590 + 10 * $i, 600 + 10 * $i));
            }
            $cue = static fn(int $i): Cue => Cue::of(Str::uuid7()->toString(), CueKind::Call, Str::limit("Cue {$i} " . self::LONG, Cue::LONGEST_NAME, ''), Anchor::C1, 600 * $i, who: self::LONG, where: Str::limit("Place {$i} " . self::LONG, Cue::LONGEST_NAME, ''), crew: "{$i} {$words}", call: "{$i} {$words}");

            return $sheet->with(...array_map($cue, range(0, 5)))->withRota($rota);
        }, $this->organiser);
        $this->event->refresh()->load('sheetRevision');
        $this->actingAs($this->organiser);
        $this->recordPages();
    }

    /** @return iterable<string, array{string, array<string, string>}> route and what it names */
    public static function sheets(): iterable
    {
        foreach (SheetPaper::cases() as $paper) {
            foreach (['runsheet.cards.helpers', 'runsheet.cards.stations', 'runsheet.briefing', 'training.letter', 'training.signs', 'training.demonstrations', 'training.crew.print', 'training.queue.print', 'audience.strip.sheet', 'logbook.eyes.sheet'] as $route) {
                yield "{$route} {$paper->value}" => [$route, ['sheetPaper' => $paper->value]];
            }
            foreach (['folded', 'large', 'plain'] as $print) {
                yield "handout {$print} {$paper->value}" => ['training.handout', ['handoutPrint' => $print, 'sheetPaper' => $paper->value]];
            }
            yield "report {$paper->value}" => ['logbook.report.pdf', ['sheetPaper' => $paper->value]];
            yield "observations {$paper->value}" => ['logbook.sheet', ['observationKind' => 'temperature', 'sheetPaper' => $paper->value]];
        }
        yield 'a camera in the field' => ['photo.card', []];
        foreach (['a4', 'a3', 'letter'] as $wall) {
            yield "wall {$wall}" => ['runsheet.wall', ['wall' => $wall]];
        }
    }

    /** @param array<string, string> $named */
    #[DataProvider('sheets')]
    public function testAllThatGoesInComesOutInsideTheEdges(string $route, array $named): void
    {
        $named += match ($route) {
            'photo.card' => ['photoPlan' => self::cameraOf($this->event, $this->organiser)],
            'logbook.eyes.sheet' => ['eyeReport' => $this->eyes()],
            default => [],
        };
        $pdf = (string) $this->get(route($route, ['event' => $this->event] + $named))->assertOk()->getContent();
        self::assertCount(1, $this->pages, 'one sheet went to the printer');
        self::assertSame([], self::lost(self::words($this->pages[0]), self::read(['pdftotext', '-raw', '-', '-'], $pdf)));
        $this->assertInsideTheEdges($pdf, [self::RIM_MM, self::RIM_MM]);
    }

    /** The rules that a helper at four stations has, each whole, and each card of four inside its own edges. */
    public function testPocketCardsHaveEveryRuleInsideTheirOwnEdges(): void
    {
        foreach (SheetPaper::cases() as $paper) {
            $pdf = (string) $this->get(route('runsheet.cards.helpers', [$this->event, $paper->value]))->assertOk()->getContent();
            $text = (string) preg_replace('/\s+/', '', self::read(['pdftotext', '-raw', '-', '-'], $pdf));
            foreach (['on-the-front', 'checked-against-the-sun', 'never-alone', 'nobody-in-the-beam', 'child-watched', 'inspected-today', 'mirror-beam', 'screen-not-scorched', 'youngest-indirectly'] as $rule) {
                $statement = Standard::book()->rule($rule)->statement;
                self::assertStringContainsString((string) preg_replace('/\s+/', '', $statement), $text, $rule);
            }
            [$width, $height] = $paper->sizeMm();
            $this->assertInsideTheEdges($pdf, [$width / 2, $height / 2], perCard: true);
        }
    }

    private function eyes(): EyeReport
    {
        $words = trim(str_repeat('a dark spot that stays where one looks, ', 6));

        return EyeReport::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $this->event->id, 'called' => Str::limit(self::LONG, 40, ''), 'signs' => ['blur', 'dark_spot', 'something_else'], 'other' => $words, 'eye' => 'left', 'since' => mb_substr($words, 0, 120), 'method' => 'nothing', 'looked' => mb_substr($words, 0, 120), 'made_by' => $this->organiser->id, 'delete_on' => now()->addDays(30)->toDateString()]);
    }

    /**
     * @param array{float, float} $mm the rim of the sheet, or the size of a card of which each has such a rim
     */
    private function assertInsideTheEdges(string $pdf, array $mm, bool $perCard = false): void
    {
        $pages = self::read(['pdftotext', '-bbox', '-', '-'], $pdf);
        preg_match_all('/<page width="([\d.]+)" height="([\d.]+)">(.*?)<\/page>/s', $pages, $found, PREG_SET_ORDER);
        self::assertNotSame([], $found);
        foreach ($found as [, $width, $height, $words]) {
            preg_match_all('/<word xMin="([\d.-]+)" yMin="([\d.-]+)" xMax="([\d.-]+)" yMax="([\d.-]+)">(.*?)<\/word>/', $words, $boxes, PREG_SET_ORDER);
            foreach ($boxes as $box) {
                foreach ([[1, 3, (float) $width, 0], [2, 4, (float) $height, 1]] as [$from, $to, $size, $axis]) {
                    $card = $perCard ? $mm[$axis] * self::POINTS_PER_MM : $size;
                    $begin = floor((float) $box[$from] / $card) * $card;
                    $rim = self::RIM_MM * self::POINTS_PER_MM - 0.5;
                    self::assertGreaterThanOrEqual($begin + $rim, (float) $box[$from], "“{$box[5]}” lies at the edge");
                    self::assertLessThanOrEqual($begin + $card - $rim, (float) $box[$to], "“{$box[5]}” lies at the edge");
                }
            }
        }
    }

    /** Keeps whole documents that views make. */
    private function recordPages(): void
    {
        $blade = View::getEngineResolver()->resolve('blade');
        View::getEngineResolver()->register('blade', fn(): Engine => new class ($blade, $this->keep(...)) implements Engine {
            /** @param Closure(string): void $keep */
            public function __construct(private readonly Engine $blade, private readonly Closure $keep) {}

            /** @param array<array-key, mixed> $data */
            public function get($path, array $data = []): string
            {
                $html = $this->blade->get($path, $data);
                ($this->keep)($html);

                return $html;
            }
        });
    }

    private function keep(string $html): void
    {
        if (str_contains($html, '<!DOCTYPE') && str_contains($html, '@page')) {
            $this->pages[] = $html;
        }
    }

    /** @return list<string> the words of a document that are to be read: whatever has a letter or a figure */
    private static function words(string $html): array
    {
        $plain = (string) preg_replace('/<(style|title|svg)\b.*?<\/\1>/s', ' ', $html);
        $plain = html_entity_decode(strip_tags((string) preg_replace('/<[^>]+>/', ' $0 ', $plain)), ENT_QUOTES | ENT_HTML5);

        return array_values(array_filter(explode(' ', (string) preg_replace('/\s+/u', ' ', $plain)), static fn(string $word): bool => preg_match('/[\p{L}\p{N}]/u', $word) === 1));
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> those of which fewer are on the paper
     */
    private static function lost(array $words, string $paper): array
    {
        // Words may be broken anywhere: counted is how often each stands in the letters one after the other.
        $letters = (string) preg_replace('/\s+/u', '', $paper);
        $lost = [];
        foreach (array_count_values($words) as $word => $count) {
            if (substr_count($letters, "{$word}") < $count) {
                $lost[] = "{$word}";
            }
        }

        return $lost;
    }

    /** @param list<string> $command */
    private static function read(array $command, string $input): string
    {
        return (new Process($command, base_path(), [], $input))->mustRun()->getOutput();
    }
}
